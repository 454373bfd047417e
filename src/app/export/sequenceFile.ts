import { fail, ok, type Result } from '../../core/result.ts';

/** A sequence is a line or two of text; anything larger is not one. */
const MAX_BYTES = 100_000;

/** Reads a colour sequence from a text file as it stands, or from a table with the columns `cord` and `rows`. */
export async function readSequenceFile(file: File): Promise<Result<string>> {
  if (file.size > MAX_BYTES)
    return fail({
      code: 'file.large',
      path: '',
      message: `“${file.name}” is far larger than a sequence is.`,
    });
  const text = await file.text();
  if (!/\.csv$/i.test(file.name)) return ok(text.trim());
  const { parse } = await import('papaparse');
  const { data, meta } = parse<Record<string, string>>(text.split(/\r?\n\r?\n/)[0]!.trim(), { header: true });
  if (!meta.fields?.includes('cord') || !meta.fields.includes('rows'))
    return fail({
      code: 'file.columns',
      path: '',
      message: `“${file.name}” has no columns “cord” and “rows”.`,
    });
  const wrong = data.findIndex((row) => !/^[A-Za-z]$/.test(row.cord ?? '') || !(Number(row.rows) >= 1));
  if (wrong >= 0)
    return fail({
      code: 'file.row',
      path: '',
      message: `Line ${wrong + 2} of “${file.name}” has no cord’s letter or no number of rows.`,
    });
  return ok(data.map((row) => `${Math.round(Number(row.rows))}${row.cord!.toUpperCase()}`).join(' '));
}

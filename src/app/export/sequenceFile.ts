import { LIMITS } from '../../core/formats/limits.gen.ts';
import { fail, ok, type Result } from '../../core/result.ts';
import { readText } from './readText.ts';

/** A sequence is a line or two of text; anything larger is not one. */
const MAX_BYTES = 100_000;

const MOST_CHARS = LIMITS.design['/sequence/text'];
/** A band longer than this cannot be tied. */
const MOST_ROWS = 2000;

const refuse = (code: string, message: string): Result<never> => fail({ code, path: '', message });

/** Reads a colour sequence from a text file as it is, or from a table with the columns `cord` and `rows`. */
export async function readSequenceFile(file: File): Promise<Result<string>> {
  const text = await readText(file, MAX_BYTES, 'a sequence');
  if (!text.ok) return text;
  const sequence = /\.csv$/i.test(file.name) ? await fromTable(text.value, file.name) : ok(text.value.trim());
  if (!sequence.ok || sequence.value.length <= MOST_CHARS) return sequence;
  return refuse(
    'file.long',
    `“${file.name}” makes a sequence of ${sequence.value.length} characters; a design can hold ${MOST_CHARS}. Use a repeat, as in (3A 1B)*.`,
  );
}

async function fromTable(text: string, name: string): Promise<Result<string>> {
  const { default: papa } = await import('papaparse');
  const { data, meta } = papa.parse<Record<string, string>>(text.split(/\r?\n\r?\n/)[0]!.trim(), {
    header: true,
  });
  if (!meta.fields?.includes('cord') || !meta.fields.includes('rows'))
    return refuse('file.columns', `“${name}” has no columns “cord” and “rows”.`);
  const wrong = data.findIndex((row) => !/^[A-Za-z]$/.test(row.cord ?? '') || !isRows(row.rows));
  if (wrong >= 0)
    return refuse(
      'file.row',
      `Line ${wrong + 2} of “${name}” needs a cord’s letter and a number of rows from 1 to ${MOST_ROWS}.`,
    );
  return ok(data.map((row) => `${Math.round(Number(row.rows))}${row.cord!.toUpperCase()}`).join(' '));
}

const isRows = (text: string | undefined): boolean => {
  const rows = Math.round(Number(text));
  return text !== undefined && text.trim() !== '' && rows >= 1 && rows <= MOST_ROWS;
};

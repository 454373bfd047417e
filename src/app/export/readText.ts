import { fail, ok, type Result } from '../../core/result.ts';
import { quote } from '../../core/validation.ts';

/** The text of a file, unless it is far larger than what it claims to be; that one is not loaded at all. */
export async function readText(file: File, maxBytes: number, what: string): Promise<Result<string>> {
  const cannot = (message: string) => fail({ code: 'file.large', path: '', message });
  if (file.size > maxBytes) {
    const size = file.size > 1e6 ? `${(file.size / 1e6).toFixed(1)} MB` : `${Math.round(file.size / 1e3)} kB`;
    return cannot(`“${quote(file.name)}” has ${size}; ${what} is far smaller. Nothing was changed.`);
  }
  try {
    return ok((await file.text()).replace(/^\ufeff/, ''));
  } catch (error) {
    return cannot(`“${quote(file.name)}” can’t be read: ${(error as Error).message}`);
  }
}

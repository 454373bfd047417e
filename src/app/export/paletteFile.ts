import type { CordColour } from '../../core/colour/palette.ts';
import { MAX_PALETTE_CHARS, parsePalette } from '../../core/formats/palette.ts';
import type { Result } from '../../core/result.ts';
import { readText } from './readText.ts';

/** Reads a palette from a file; one that is far too large is not even loaded. */
export async function readPaletteFile(file: File): Promise<Result<CordColour[]>> {
  const text = await readText(file, MAX_PALETTE_CHARS * 4, 'a palette');
  return text.ok ? parsePalette(text.value) : text;
}

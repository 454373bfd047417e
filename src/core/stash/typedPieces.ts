import { fail, type Issue, ok, type Result } from '../result.ts';
import type { FreePiece } from './free.ts';
import { parseLine, type Shop } from './line.ts';

/** Cord as it is typed, “2.4 m Dusk, 1.1 m Ember”: pieces of one kind of cord, 4 mm nylon where nothing else is said. */
export function parsePieces(
  text: string,
  shop: Shop,
): Result<{ readonly cord: string; readonly pieces: readonly FreePiece[] }> {
  const issues: Issue[] = [];
  const pieces: FreePiece[] = [];
  const cords = new Set<string>();
  for (const part of text.split(/[,;\n]|\band\b/).filter((p) => p.trim() !== '')) {
    const read = parseLine(part, shop);
    if (!read.ok) issues.push(...read.issues);
    else if (read.value.lot.kind !== 'cord')
      issues.push({ code: 'stash.pieces', path: '', message: `“${part.trim()}” is no cord.` });
    else {
      const { lot, amount, count } = read.value;
      cords.add(lot.cord!);
      for (let i = 0; i < count; i++) pieces.push({ colour: lot.colour!, lengthMm: Math.floor(amount) });
    }
  }
  if (issues.length > 0) return { ok: false, issues };
  if (cords.size > 1)
    return fail({
      code: 'stash.pieces',
      path: '',
      message: 'These are of different thickness or fibre. Type one kind at a time.',
    });
  const [cord] = cords;
  return cord === undefined
    ? fail({
        code: 'stash.pieces',
        path: '',
        message: 'Type what you have, for example “2.4 m Dusk, 1.1 m Ember”.',
      })
    : ok({ cord, pieces });
}

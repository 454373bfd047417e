import { difference, HARD_TO_TELL, hardToTell } from '../../colour/apart.ts';
import { counted, why } from '../../why/why.ts';
import type { Check } from '../check.ts';
import { isMirrored, oneRow } from '../symmetryHelp.ts';
import type { CheckContext } from './context.ts';

/** Can the cords be told apart by everyone, and does the sequence come out even? */
export const colourChecks = (seen: CheckContext): Check[] => [...apart(seen), ...even(seen)];

function apart({ resolved }: CheckContext): Check[] {
  const pairs = resolved.colours.flatMap((a, i) =>
    resolved.colours.slice(i + 1).map((b) => ({ a, b, sights: hardToTell(a, b) })),
  );
  const hard = pairs.find((p) => p.sights.length > 0);
  if (pairs.length === 0) return [];
  return [
    {
      id: 'colours.apart',
      // Taste and sight, not fit: the maker is told, and nothing fails.
      ok: true,
      isNote: hard !== undefined,
      message: hard
        ? why`${hard.a.name} and ${hard.b.name} are hard to tell apart (${hard.sights.map((sight) => `${sight}, ${difference(hard.a.base, hard.b.base, sight).toFixed(0)} of the ${HARD_TO_TELL} steps that eyes need`).join(', ')}): use their letters, or choose a cord with flecks or a stripe`
        : why`the cords can be told apart by lightness or texture, too`,
    },
  ];
}

function even(seen: CheckContext): Check[] {
  const { sequence, bands } = seen;
  if (!sequence) return [];
  const rows = bands[0]!.rows;
  const out: Check[] = [];
  if (sequence.overRows !== 0) {
    const over = sequence.overRows;
    out.push({
      id: 'sequence.rows',
      ok: over > 0,
      message:
        over > 0
          ? why`the sequence ends ${counted(over, 'row')} before the band does: the last colour goes on`
          : why`the sequence is ${counted(-over, 'row')} longer than the band and is cut off`,
    });
  }
  const mirrored = isMirrored(sequence.stretches, rows);
  const [fewer, more] = oneRow(seen.resolved.design, seen.metrics, seen.finishedMm);
  out.push({
    id: 'sequence.even',
    ok: true,
    message: mirrored
      ? why`the colours read the same from both ends`
      : rows % 2 === 1
        ? why`the colours don’t read the same from both ends; an odd ${counted(rows, 'row')} have a middle row: one row more or fewer may suit better`
        : why`the colours don’t read the same from both ends`,
    ...(mirrored ? {} : { fix: rows % 2 === 1 ? more : fewer }),
  });
  return out;
}

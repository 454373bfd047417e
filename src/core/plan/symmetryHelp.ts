import { type ColourStretch, formatSequence, sequenceOf } from '../colour/sequence.ts';
import type { Design } from '../formats/design.gen.ts';
import type { WeaveMetrics } from '../usage/metrics.ts';
import { why } from '../why/why.ts';
import type { Fix } from './check.ts';

/** The colours read the same from both ends. */
export function isMirrored(stretches: readonly ColourStretch[], rows: number): boolean {
  return stretches.every((s, i) => {
    const t = stretches[stretches.length - 1 - i]!;
    return s.cord === t.cord && s.from === rows - t.to && s.to === rows - t.from;
  });
}

/** The first half's colours run back again over the second: alike from both ends. */
export function mirror(stretches: readonly ColourStretch[], rows: number): string {
  const colour = (row: number) => stretches.find((s) => row >= s.from && row < s.to)?.cord ?? 0;
  return fromColours(Array.from({ length: rows }, (_, r) => colour(Math.min(r, rows - 1 - r))));
}

/** The first and last stretch made equally long, what is between moved to the middle. */
export function evenEnds(stretches: readonly ColourStretch[], rows: number): string {
  if (stretches.length < 3) return formatSequence(sequenceOf(stretches));
  const inner = stretches.slice(1, -1).map((s) => s.to - s.from);
  const free = rows - inner.reduce((a, b) => a + b, 0);
  const left = Math.floor(free / 2);
  const lengths = [left, ...inner, free - left];
  let at = 0;
  return formatSequence(
    sequenceOf(
      stretches.map((s, i) => {
        const from = at;
        at += lengths[i]!;
        return { cord: s.cord, from, to: at };
      }),
    ),
  );
}

function fromColours(colours: readonly number[]): string {
  const stretches: ColourStretch[] = [];
  for (const [row, cord] of colours.entries()) {
    const last = stretches.at(-1);
    if (last?.cord === cord) stretches[stretches.length - 1] = { ...last, to: row + 1 };
    else stretches.push({ cord, from: row, to: row + 1 });
  }
  return formatSequence(sequenceOf(stretches));
}

/** One row fewer and one more, as a change of slack. */
export function oneRow(design: Design, metrics: WeaveMetrics, finishedMm: number): [Fix, Fix] {
  const slack = finishedMm - Math.PI * metrics.thicknessMm - design.wearer.girthMm;
  const fix = (by: 1 | -1): Fix => ({
    label: by > 0 ? why`one row more` : why`one row fewer`,
    patch: {
      ease: { school: 'thickness', slackMm: Math.round((slack + by * metrics.rowHeightMm) * 10) / 10 },
    },
  });
  return [fix(-1), fix(1)];
}

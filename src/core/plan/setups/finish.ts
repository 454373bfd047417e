import { END_MM } from '../../chance/hands.ts';
import { endSpread, FIXED_SD_MM } from '../../chance/spread.ts';
import { cordLetter } from '../../colour/palette.ts';
import { findCord } from '../../cord/cords.ts';
import { cut, len, num, percent, type Why, type WhyPart, why } from '../../why/why.ts';
import { cordTypeOf } from '../thickness.ts';
import type { CordCut, CordEnd, CordMark, CordPart } from '../types.ts';
import type { SetupContext, Uncut } from './context.ts';
import { backwards } from './parts.ts';

type Needs = Pick<SetupContext, 'resolved' | 'metrics' | 'band' | 'q' | 'isDraft'> & {
  readonly rows?: number;
};

interface Half {
  readonly parts: readonly CordPart[];
  readonly needMm: number;
  readonly end: CordEnd;
  readonly spare: CordPart;
}

/** How the ends of a cord may vary, and by how much each is longer than the margin q. */
export function endsOf(needs: Needs, uncut: Uncut): CordEnd[] {
  return endsIn(
    uncut,
    halvesOf(uncut).map((parts) => halfOf(needs, uncut, parts)),
    needs.q,
  );
}

function endsIn(uncut: Uncut, halves: readonly Half[], q: number): CordEnd[] {
  // Folded at its middle, both halves are as long as the one that needs more.
  if (halves.length !== 2 || uncut.isUneven) return halves.map((h) => h.end);
  const longest = longestOf(halves);
  return halves.map((h) => ({ ...h.end, surplus: surplusOf(h, longest, q) }));
}

const longestOf = (halves: readonly Half[]): number =>
  halves.reduce((most, h) => Math.max(most, h.needMm + h.spare.lengthMm), 0);

/** Adds what chance asks for and the rounding, and works the total out, with the range that it may really need. */
export function finish(needs: Needs, uncut: Uncut): CordCut {
  const halves = halvesOf(uncut).map((parts) => halfOf(needs, uncut, parts));
  const longest = longestOf(halves);
  const isEven = halves.length === 2 && !uncut.isUneven;
  const spareOf = (h: Half): CordPart => (isEven ? evenOut(h, longest) : h.spare);
  const one = halves[0]!;
  const parts: CordPart[] =
    halves.length === 2
      ? [spareOf(one), ...backwards(one.parts), ...halves[1]!.parts, spareOf(halves[1]!)]
      : uncut.fold
        ? [halve(one.spare), ...one.parts, halve(one.spare)]
        : [...one.parts, one.spare];
  const step = needs.resolved.roundToMm;
  const wanted = parts.reduce((sum, p) => sum + p.lengthMm, 0);
  const cutMm = Math.ceil(wanted / step - 1e-9) * step;
  parts.push({ what: 'rounding', lengthMm: cutMm - wanted, why: why`up to the next full ${len(step)}` });
  const sum = (what?: CordPart['what']) =>
    uncut.parts
      .flat()
      .filter((p) => !what || p.what === what)
      .reduce((total, p) => total + p.lengthMm, 0);
  const [needed, tails] = [sum(), sum('tail')];
  const tailCount = uncut.parts.flat().filter((p) => p.what === 'tail').length;
  const likely = (sd: number) =>
    halves.reduce(
      (total, h) => total + h.needMm + h.end.wovenMm * (Math.exp(sd * Math.sqrt(h.end.variance)) - 1),
      0,
    );
  const type = uncut.cordType ?? cordTypeOf(needs.resolved.design, uncut.index);
  const colour = needs.resolved.colours[uncut.index] ?? needs.resolved.colours[0]!;
  return {
    letter: uncut.letter ?? cordLetter(uncut.index) + (uncut.piece ? String(uncut.piece) : ''),
    name: type === needs.resolved.cord.id ? colour.name : `${colour.name} in ${findCord(type)?.name ?? type}`,
    role: uncut.role,
    colour: colour.id,
    look: colour,
    cord: uncut.index,
    cordType: type,
    band: needs.band,
    ...(uncut.place === undefined ? {} : { place: uncut.place }),
    ...(uncut.isExtra ? { isExtra: true } : {}),
    cutLengthMm: cutMm,
    usedLengthMm: needed - tails + Math.min(tailCount * END_MM, tails),
    neededMm: [likely(-LIKELY), likely(LIKELY)],
    ends: endsIn(uncut, halves, needs.q),
    parts,
    why: needs.isDraft ? [] : totalWhy(parts, cutMm),
    marks: [...foldMark(uncut, parts, cutMm), ...(uncut.marks ?? []), ...partMarks(parts)],
  };
}

/** Nineteen in twenty pieces need between these, in standard deviations. */
const LIKELY = 1.96;

const isPair = (parts: Uncut['parts']): parts is readonly [readonly CordPart[], readonly CordPart[]] =>
  Array.isArray(parts[0]);

const halvesOf = ({ parts }: Uncut): (readonly CordPart[])[] =>
  isPair(parts) ? [parts[0], parts[1]] : [parts as readonly CordPart[]];

/** What one way from the fold needs, how far that may be off, and the spare that the promised chance asks for. */
function halfOf(needs: Needs, uncut: Uncut, parts: readonly CordPart[]): Half {
  const varies = parts.filter((p) => p.what === (uncut.isExtra ? 'closure' : 'weave'));
  const wovenMm = varies.reduce((sum, p) => sum + p.lengthMm, 0);
  const needMm = parts.reduce((sum, p) => sum + p.lengthMm, 0);
  if (wovenMm < LEAST_WOVEN_MM) {
    const lengthMm = Math.max(0, needs.q * FIXED_SD_MM);
    const words = why`nothing here is woven; only measuring and knots may be off, by about ${len(FIXED_SD_MM)}: ${num(needs.q)} times that`;
    const end = { wovenMm: 0, variance: 0, loading: 0, surplus: 0 };
    return { parts, needMm, end, spare: { what: 'margin', lengthMm, why: words } };
  }
  const { variance, loading } = endSpread(needs.metrics.shared, wovenMm, needs.rows ?? 1);
  const sd = Math.sqrt(variance);
  const lengthMm = Math.max(0, wovenMm * (Math.exp(needs.q * sd) - 1));
  const words = needs.isDraft
    ? []
    : why`so that all ends reach in ${percent(needs.resolved.chance)} of such pieces: your hands and this cord may use ±${percent(round(sd))} of what was worked out for the weave, ${len(wovenMm)}; ${num(needs.q)} times that is ${percent(round(Math.exp(needs.q * sd) - 1))}`;
  return {
    parts,
    needMm,
    end: { wovenMm, variance, loading, surplus: 0 },
    spare: { what: 'margin', lengthMm, why: words },
  };
}

/** Below this a stretch is no weave, in mm. */
const LEAST_WOVEN_MM = 1;

const round = (share: number): number => Math.round(share * 1000) / 1000;

/** What a half is longer than its own margin q: z − q, where the half suffices up to e^(z·σ) times its weave. */
const surplusOf = ({ end, needMm }: Half, longest: number, q: number): number =>
  end.wovenMm > 0
    ? Math.max(0, Math.log(1 + (longest - needMm) / end.wovenMm) / Math.sqrt(end.variance) - q)
    : 0;

function evenOut(half: Half, longest: number): CordPart {
  const more = longest - half.needMm - half.spare.lengthMm;
  if (more < 0.05) return { ...half.spare, lengthMm: longest - half.needMm };
  return {
    ...half.spare,
    lengthMm: longest - half.needMm,
    why: why`${half.spare.why}; and ${len(more)} so that both halves from the fold are as long as the one that needs more`,
  };
}

const halve = (spare: CordPart): CordPart => ({
  ...spare,
  lengthMm: spare.lengthMm / 2,
  why: why`half of ${len(spare.lengthMm)}; the other half is at the other end. ${spare.why}`,
});

function foldMark(uncut: Uncut, parts: readonly CordPart[], cutMm: number): CordMark[] {
  if (!uncut.fold) return [];
  const [first] = uncut.parts;
  if (!uncut.isUneven || !Array.isArray(first)) return [{ what: 'fold', atMm: cutMm / 2, why: uncut.fold }];
  const atMm = parts.slice(0, 1 + first.length).reduce((total, p) => total + p.lengthMm, 0);
  return [{ what: 'fold', atMm, why: uncut.fold }];
}

function partMarks(parts: readonly CordPart[]): CordMark[] {
  let at = 0;
  const out: CordMark[] = [];
  for (const p of parts) {
    if (p.mark) {
      const atMm = p.mark.at === 'first' ? at : at + p.lengthMm;
      out.push({
        what: p.mark.label,
        atMm,
        why: why`${p.mark.label} here, ${len(atMm)} from this cord’s first end`,
      });
    }
    at += p.lengthMm;
  }
  return out;
}

/** What the parts are called. */
export const PART_NAMES: Readonly<Record<CordPart['what'], string>> = {
  attach: 'attach',
  'core run': 'core run',
  weave: 'weave',
  closure: 'closure',
  tail: 'hand length',
  margin: 'spare',
  rounding: 'rounding',
};

function totalWhy(parts: readonly CordPart[], cutMm: number): Why {
  const sums: Partial<Record<CordPart['what'], number>> = {};
  for (const p of parts) sums[p.what] = (sums[p.what] ?? 0) + p.lengthMm;
  const words: WhyPart[] = [];
  let what: CordPart['what'];
  for (what in sums)
    words.push(words.length > 0 ? ` + ${PART_NAMES[what]} ` : `${PART_NAMES[what]} `, len(sums[what]!));
  words.push(' = ', cut(cutMm));
  return words;
}

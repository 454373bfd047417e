import { marginFor } from '../chance/joint.ts';
import { PRIOR_NU } from '../chance/spread.ts';
import type { Closing } from '../closures/types.ts';
import { layOnRows } from '../colour/sequence.ts';
import { SLACKS } from '../fit/schools.ts';
import { fail, ok, type Result } from '../result.ts';
import { why } from '../why/why.ts';
import { type AddonPlace, addonIssue, broughtAlong, placeAddon, placeKnot } from './addons.ts';
import type { ClosedDesign } from './close.ts';
import type { Piece } from './layout.ts';
import { rowsIn } from './layout.ts';
import type { SetUp, SetupContext, Uncut } from './setups/context.ts';
import { endsOf, finish } from './setups/finish.ts';
import { STYLES } from './setups/index.ts';
import { RETURN_ROWS } from './setups/parts.ts';
import { WAY_NAMES, ways } from './setups/sequence.ts';
import type { Band, BandMark, CordCut, CordEnd, SequencePlan } from './types.ts';

export interface Bands {
  /** Margin of the ends of the first band, in standard deviations. */
  readonly q: number;
  /** What cords of two working ends would be shorter in all, folded off their middles; 0 where they are, or nothing is gained. */
  readonly unevenSavesMm: number;
  readonly bands: Band[];
  readonly cords: CordCut[];
  readonly sequence?: SequencePlan;
}

/** Sets every woven piece up: its cords, its rows, and what is marked on it. */
export function bandsOf(closed: ClosedDesign): Result<Bands> {
  const { pieces } = closed.layout;
  const bands: Band[] = [];
  const cords: CordCut[] = [];
  const sequences: SequencePlan[] = [];
  let firstQ = startMargin(closed);
  let unevenSavesMm = 0;
  for (const [index, piece] of pieces.entries()) {
    const firstRow = isTurned(closed) ? 'end' : 'start';
    const all = rowsIn(piece.wovenMm, closed.metrics.rowHeightMm).rows;
    const on = { startMm: piece.start.standoffMm, wovenMm: piece.wovenMm, rows: all, firstRow } as const;
    const mine = index === 0 ? addonsOn(closed, on) : [];
    const beads = mine.filter((a) => a.kind === 'bead');
    const knots = mine.filter((a) => a.kind === 'knot');
    const off = addonIssue(mine, on, closed.metrics.rowHeightMm);
    if (off) return fail(off);
    // Nothing is woven on a bead: its rows fall out.
    const rows = rowsIn(
      piece.wovenMm - beads.reduce((sum, b) => sum + b.sizeMm, 0),
      closed.metrics.rowHeightMm,
    ).rows;
    const rings = mine.filter((a) => a.kind === 'ring');
    if (closed.resolved.sequence && beads.length > 0)
      return fail({
        code: 'addons.sequence',
        path: '/addons',
        message: 'Beads take rows out of the band: with colours along the length, sew charms on instead.',
      });
    const context: SetupContext = {
      resolved: closed.resolved,
      metrics: closed.metrics,
      band: index,
      start: piece.start,
      end: piece.end,
      wovenMm: piece.wovenMm,
      rows,
      q: startMargin(closed),
      isDraft: true,
      rings,
      beads,
      knots,
    };
    const sequenced = sequence(closed, context);
    if (sequenced && !sequenced.ok) return sequenced;
    const first = sequenced?.value.setUp ?? STYLES[closed.resolved.design.setup.style].run(context);
    // The margin follows from the ends, and the ends are known once cut: they are cut once more with it.
    const q = marginOf(
      closed,
      first.cords.flatMap((cord) => endsOf(context, cord)),
    );
    const again = { ...context, q, isDraft: false };
    const finalSequence = sequenced && sequence(closed, again);
    const setUp = finalSequence?.ok ? finalSequence.value.setUp : first;
    if (index === 0) firstQ = q;
    if (finalSequence?.ok) sequences.push(finalSequence.value.plan);
    const cut = setUp.cords.map((cord) => finish(again, cord));
    cords.push(...cut);
    unevenSavesMm += savedBy(closed, setUp.cords, cut, again);
    bands.push({
      name: piece.name,
      wovenMm: piece.wovenMm,
      rows,
      startMm: piece.start.standoffMm,
      start: piece.start,
      end: piece.end,
      firstRow,
      addons: mine,
      marks: [...setUp.marks, ...marksOf(closed, index, firstRow), ...mine.map(addonMark)],
    });
  }
  return ok({
    bands,
    q: firstQ,
    unevenSavesMm: STYLES[closed.resolved.design.setup.style].isByStrand ? unevenSavesMm : 0,
    cords: pieces.length > 1 ? nameCords(cords, bands) : cords,
    ...(sequences[0] ? { sequence: sequences[0] } : {}),
  });
}

/** Ends that use less unlike lengths than this share are alike: no fold off the middle is worth it. */
const ALIKE = 0.01;

/** By how much pairs of working ends that are folded at the middle are longer than they would be folded off it. */
function savedBy(
  closed: ClosedDesign,
  uncut: readonly Uncut[],
  cut: readonly CordCut[],
  context: SetupContext,
): number {
  const isUnlike = ({ ends: [a, b] }: CordCut) =>
    a && b && Math.min(a.wovenMm, b.wovenMm) > 0 && Math.abs(a.wovenMm / b.wovenMm - 1) > ALIKE;
  const pairs = uncut.filter((cord, i) => cord.fold && !cord.isUneven && isUnlike(cut[i]!));
  if (pairs.length === 0) return 0;
  const off = uncut.map((cord) => (pairs.includes(cord) ? { ...cord, isUneven: true } : cord));
  // No half is longer than it need be: the margin is another.
  const q = marginOf(
    closed,
    off.flatMap((cord) => endsOf(context, cord)),
  );
  const total = (cords: readonly CordCut[]) => cords.reduce((sum, cord) => sum + cord.cutLengthMm, 0);
  return Math.max(0, total(cut) - total(off.map((cord) => finish({ ...context, q, isDraft: true }, cord))));
}

/** About the margin of two ends: to begin with, and for cords that no band knows. */
const startMargin = (closed: ClosedDesign): number =>
  marginFor(closed.resolved.chance, {
    loadings: [0.9, 0.9],
    nu: closed.metrics.shared.nu ?? PRIOR_NU,
  });

/** An end that is longer by this many standard deviations than it must be hardly ever runs out first: once in a hundred thousand. */
const NEVER_SHORTEST = 2.5;

/** The one margin at which all woven ends of a band reach with the promised chance. */
function marginOf(closed: ClosedDesign, all: readonly CordEnd[]): number {
  const ends = all.filter((e) => e.wovenMm > 0 && e.surplus < NEVER_SHORTEST);
  if (ends.length === 0) return startMargin(closed);
  return marginFor(closed.resolved.chance, {
    loadings: ends.map((e) => e.loading),
    surpluses: ends.map((e) => e.surplus),
    nu: closed.metrics.shared.nu ?? PRIOR_NU,
  });
}

/** Lays the colour sequence on the band's rows and makes it in the way asked for, or the cheapest that can be done. */
function sequence(
  closed: ClosedDesign,
  context: SetupContext,
): Result<{ setUp: SetUp; plan: SequencePlan }> | undefined {
  if (!closed.resolved.sequence) return undefined;
  const { stretches, overRows } = layOnRows(
    closed.resolved.sequence,
    context.rows,
    closed.metrics.rowHeightMm,
  );
  const made = ways(context, stretches);
  const asked = closed.resolved.design.sequence?.way;
  const chosen = asked ? made.find((w) => w.way === asked)! : made[0]!;
  if (!chosen.ok) {
    const reasons = made.flatMap((w) =>
      w.ok || (asked && w.way !== asked) ? [] : [`${WAY_NAMES[w.way]}: ${w.reason}`],
    );
    return fail({
      code: 'sequence.cannot',
      path: '/sequence',
      message: `These colours can’t be made along this band. ${reasons.join(' ')}`,
    });
  }
  return ok({
    setUp: chosen.setUp,
    plan: {
      stretches,
      overRows,
      way: chosen.way,
      ways: made.map((w) =>
        w.ok
          ? { way: w.way, ok: true, cordMm: w.cordMm, words: w.words }
          : { way: w.way, ok: false, words: why`${w.reason}` },
      ),
      splices: chosen.setUp.splices ?? [],
    },
  });
}

/** What a piece's closure and the way of fitting mark on it. */
function marksOf(closed: ClosedDesign, index: number, firstRow: 'start' | 'end'): BandMark[] {
  const { pieces } = closed.layout;
  const piece = pieces[index]!;
  return [
    ...closingMarks(closed.closing, piece, index, pieces.length),
    ...stopMark(closed, piece),
    ...tryOnMark(closed, piece, firstRow),
  ];
}

/** A folded cord's rows start where it turns, at the second bar. */
const isTurned = (closed: ClosedDesign): boolean => STYLES[closed.resolved.design.setup.style].turnsBack;

/** Cords of two halves get the half's number after their letter. */
const nameCords = (cords: readonly CordCut[], bands: readonly Band[]): CordCut[] =>
  cords.map((cord) => ({
    ...cord,
    letter: `${cord.letter}${bands.length > 1 ? `.${cord.band + 1}` : ''}`,
    role: `${bands[cord.band]!.name}: ${cord.role}`,
  }));

function closingMarks(closing: Closing, piece: Piece, index: number, pieces: number): BandMark[] {
  const end = piece.start.standoffMm + piece.wovenMm;
  return (closing.marks ?? []).flatMap((mark): BandMark[] => {
    if (pieces > 1) {
      const mine = mark.at === (index === 0 ? 'start' : 'end');
      return mine
        ? [{ atMm: end + mark.outMm, label: mark.label, ...(mark.what ? { what: mark.what } : {}) }]
        : [];
    }
    const atMm = mark.at === 'start' ? piece.start.standoffMm - mark.outMm : end + mark.outMm;
    return [{ atMm, label: mark.label, ...(mark.what ? { what: mark.what } : {}) }];
  });
}

/** Where to stop for a second half whose bar the cores are led round. */
function stopMark(closed: ClosedDesign, piece: Piece): BandMark[] {
  if (isTurned(closed) || piece.end.kind !== 'bar' || piece.end.attach === 'hitched') return [];
  if (closed.metrics.strands.every((s) => s.role !== 'core')) return [];
  const end = piece.start.standoffMm + piece.wovenMm;
  return [
    {
      atMm: end - RETURN_ROWS * closed.metrics.rowHeightMm,
      label: `stop here for the ${piece.end.name}`,
      what: 'stop',
    },
  ];
}

/** Whoever makes it without measuring tries it on from where it would just touch. */
function tryOnMark(closed: ClosedDesign, piece: Piece, firstRow: 'start' | 'end'): BandMark[] {
  if (closed.resolved.design.ease.school !== 'try-on' || closed.layout.pieces.length > 1) return [];
  const before = SLACKS.at(-1)!.slackMm;
  const start = piece.start.standoffMm;
  return [
    {
      atMm: firstRow === 'start' ? start + piece.wovenMm - before : start + before,
      label: 'try on from here',
      what: 'try-on',
    },
  ];
}

/** What the product brings along, then what was added to this one. */
const addonsOn = (
  { resolved, metrics }: ClosedDesign,
  on: Parameters<typeof placeAddon>[2],
): AddonPlace[] => [
  ...broughtAlong(resolved.product, resolved.measures, on),
  ...(resolved.design.addons ?? []).map((a, i) =>
    a.kind === 'knot' ? placeKnot(a, i, on, metrics.diameterMm) : placeAddon(a, i, on),
  ),
];

const addonMark = (a: AddonPlace): BandMark => ({
  ...(a.kind === 'ring' ? { atMm: a.atMm - a.sizeMm / 2, toMm: a.atMm + a.sizeMm / 2 } : { atMm: a.atMm }),
  what: 'on-band',
  label: a.knot
    ? a.name
    : a.fromRow === a.toRow
      ? `${a.name}, row ${a.fromRow}`
      : `${a.name}, rows ${a.fromRow}–${a.toRow}`,
});

import type { Closing } from '../closures/types.ts';
import { SLACKS } from '../fit/schools.ts';
import type { ClosedDesign } from './close.ts';
import type { Piece } from './layout.ts';
import { rowsIn } from './layout.ts';
import type { SetupContext } from './setups/context.ts';
import { STYLES } from './setups/index.ts';
import { RETURN_ROWS } from './setups/parts.ts';
import type { Band, BandMark, CordCut, RingPlace } from './types.ts';

/** Wire of a usual welded D-ring. */
const RING_WIRE_MM = 3.5;

interface Bands {
  readonly bands: Band[];
  readonly cords: CordCut[];
  readonly ring?: RingPlace;
}

/** Sets every woven piece up: its cords, its rows, and what is marked on it. */
export function bandsOf(c: ClosedDesign): Bands {
  const { pieces } = c.layout;
  const bands: Band[] = [];
  const cords: CordCut[] = [];
  let ring: RingPlace | undefined;
  for (const [index, piece] of pieces.entries()) {
    const { rows } = rowsIn(piece.wovenMm, c.m.rowHeightMm);
    const firstRow = isTurned(c) ? 'end' : 'start';
    if (index === 0) ring = ringPlace(c, piece, rows, firstRow);
    const context: SetupContext = {
      r: c.r,
      m: c.m,
      band: index,
      start: piece.start,
      end: piece.end,
      wovenMm: piece.wovenMm,
      rows,
      ...(ring && index === 0 ? { ring } : {}),
    };
    const setUp = STYLES[c.r.design.setup.style].run(context);
    cords.push(...setUp.cords);
    bands.push({
      name: piece.name,
      wovenMm: piece.wovenMm,
      rows,
      startMm: piece.start.standoffMm,
      start: piece.start,
      end: piece.end,
      firstRow,
      marks: [
        ...setUp.marks,
        ...closingMarks(c.closing, piece, index, pieces.length),
        ...stopMark(c, piece),
        ...tryOnMark(c, piece, firstRow),
        ...(ring && index === 0 ? [ringMark(ring)] : []),
      ],
    });
  }
  return { bands, cords: pieces.length > 1 ? named(cords, bands) : cords, ...(ring ? { ring } : {}) };
}

/** A folded cord's rows start where it turns, at the second bar. */
const isTurned = (c: ClosedDesign): boolean => ['folded', 'fused'].includes(c.r.design.setup.style);

/** Cords of two halves get the half's number after their letter. */
const named = (cords: readonly CordCut[], bands: readonly Band[]): CordCut[] =>
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
      return mine ? [{ atMm: end + mark.outMm, label: mark.label }] : [];
    }
    const atMm = mark.at === 'start' ? piece.start.standoffMm - mark.outMm : end + mark.outMm;
    return [{ atMm, label: mark.label }];
  });
}

/** Where to stop for a second half whose bar the cores are led round. */
function stopMark(c: ClosedDesign, piece: Piece): BandMark[] {
  if (isTurned(c) || piece.end.kind !== 'bar' || piece.end.attach === 'hitched') return [];
  if (c.m.strands.every((s) => s.role !== 'core')) return [];
  const end = piece.start.standoffMm + piece.wovenMm;
  return [{ atMm: end - RETURN_ROWS * c.m.rowHeightMm, label: `stop here for the ${piece.end.name}` }];
}

/** Whoever makes it without measuring tries it on from where it would just touch. */
function tryOnMark(c: ClosedDesign, piece: Piece, firstRow: 'start' | 'end'): BandMark[] {
  if (c.r.design.ease.school !== 'try-on' || c.layout.pieces.length > 1) return [];
  const before = SLACKS.at(-1)!.slackMm;
  const start = piece.start.standoffMm;
  return [
    {
      atMm: firstRow === 'start' ? start + piece.wovenMm - before : start + before,
      label: 'try on from here',
    },
  ];
}

function ringPlace(
  c: ClosedDesign,
  piece: Piece,
  rows: number,
  firstRow: 'start' | 'end',
): RingPlace | undefined {
  const { ringAt, ringFlat } = c.r.measures;
  if (!c.r.product.hasRing || !ringAt || !ringFlat) return undefined;
  const row = c.m.rowHeightMm;
  const count = Math.max(1, Math.ceil(ringFlat.mm / row - 1e-9));
  const first = Math.floor((ringAt.mm - ringFlat.mm / 2 - piece.start.standoffMm) / row) + 1;
  const last = first + count - 1;
  const [fromRow, toRow] = firstRow === 'start' ? [first, last] : [rows - last + 1, rows - first + 1];
  return { atMm: ringAt.mm, flatMm: ringFlat.mm, fromRow, toRow, wireMm: RING_WIRE_MM };
}

const ringMark = (ring: RingPlace): BandMark => ({
  atMm: ring.atMm - ring.flatMm / 2,
  toMm: ring.atMm + ring.flatMm / 2,
  label: `D-ring, rows ${ring.fromRow}–${ring.toRow}`,
});

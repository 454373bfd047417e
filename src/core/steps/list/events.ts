import { MELT_MM } from '../../plan/setups/splice.ts';
import type { Band, Plan, SplicePlace } from '../../plan/types.ts';
import { counted, len, num, type Why, why } from '../../why/why.ts';

/** Something that is done between two rows. */
interface RowEvent {
  /** Rows that are done when it comes. */
  readonly afterRow: number;
  readonly id: string;
  readonly title: string;
  readonly alert: string;
  readonly lines: readonly Why[];
  readonly look?: Why;
  readonly atMm?: number;
  readonly asksLeft?: boolean;
  readonly isHeat?: boolean;
}

/** Rows locked by their own knots are pushed up now and then; woven ones are beaten as they come. */
const PUSH_EVERY = 10;
/** Shares of the rows after which the maker is asked what is left. */
const ASK_AT = [0.25, 0.5, 0.75];
/** Fewer rows than this need no asking. */
const ASK_FROM_ROWS = 12;

export const rowMmOf = (band: Pick<Band, 'wovenMm' | 'rows'>): number => band.wovenMm / band.rows;

/** Rows done when the weave has grown to a place that is measured from the first bar. */
export function rowsTo(band: Band, atMm: number): number {
  const grown = band.firstRow === 'start' ? atMm - band.startMm : band.startMm + band.wovenMm - atMm;
  return Math.round(grown / rowMmOf(band));
}

/**
 * Where the edge of the last row lies, from the first bar, after so many rows. A second pass goes back over the first: it
 * grows the other way.
 */
export function grownTo(band: Band, rows: number, pass = 0): number {
  const isFromStart = (band.firstRow === 'start') === (pass % 2 === 0);
  return isFromStart
    ? band.startMm + rows * rowMmOf(band)
    : band.startMm + band.wovenMm - rows * rowMmOf(band);
}

/** What the words call the end that a strand is as a row (from 1) begins. */
export type EndAt = (strand: string, row: number) => string;

/** All that interrupts the rows of a band, in order. With more or fewer rows than planned it comes later or earlier by the count. */
export function rowEvents(plan: Plan, b: number, isBeaten: boolean, rows: number, endAt: EndAt): RowEvent[] {
  const band = plan.bands[b]!;
  const along = [
    ...beadEvents(band),
    ...changeEvents(plan, b, endAt),
    ...markEvents(band),
    ...(isBeaten ? [] : pushes(band)),
    ...asks(band),
  ].map((e) => ({ ...e, afterRow: Math.round((e.afterRow * rows) / band.rows) }));
  return [...ringEvents(plan, b, rows), ...along]
    .filter((e) => e.afterRow >= 0 && e.afterRow < rows)
    .sort((x, y) => x.afterRow - y.afterRow);
}

interface RingRows {
  readonly key: string;
  readonly name: string;
  readonly atMm: number;
  readonly fromRow: number;
  readonly toRow: number;
}

/** Rings on a band and the rows that go over their flat sides, out of so many. */
export function ringsOf(plan: Plan, b: number, rows: number): RingRows[] {
  const band = plan.bands[b]!;
  const scaled = (row: number) => Math.round((row * rows) / band.rows);
  const rings = band.addons.filter((a) => a.kind === 'ring');
  return rings.map(({ key, name, atMm, fromRow, toRow }) => ({
    key,
    name,
    atMm,
    fromRow: scaled(fromRow - 1) + 1,
    toRow: scaled(toRow),
  }));
}

const ringEvents = (plan: Plan, b: number, rows: number): RowEvent[] =>
  ringsOf(plan, b, rows).map((ring) => ({
    afterRow: ring.fromRow - 1,
    id: ring.key,
    title: `Lay the ${ring.name} on`,
    alert: ring.name,
    lines: [
      why`Rows ${num(ring.fromRow, 0)} to ${num(ring.toRow, 0)} go over its flat side as well as the cores, so that they hold it.`,
    ],
    look: why`It lies square across the band and stands up freely.`,
    atMm: ring.atMm,
  }));

function beadEvents(band: Band): RowEvent[] {
  return band.addons
    .filter((a) => a.kind === 'bead')
    .map((a) => ({
      afterRow: Math.max(
        0,
        Math.min(band.rows - 1, rowsTo(band, a.atMm - (band.firstRow === 'start' ? 1 : -1) * (a.sizeMm / 2))),
      ),
      id: a.key,
      title: `Thread the ${a.name}`,
      alert: a.name,
      lines: [
        why`Cores through its hole, working ends past it on either side; pull the next row up against it.`,
      ],
      look: why`It sits tight between two rows and does not turn.`,
      atMm: a.atMm,
    }));
}

/** Where the colours change: cords that trade places, or splices that come to lie under a row. */
function changeEvents(plan: Plan, b: number, endAt: EndAt): RowEvent[] {
  const { sequence } = plan;
  const band = plan.bands[b]!;
  if (!sequence || b > 0) return [];
  if (sequence.splices.length > 0)
    return sequence.splices.map((s, i) => spliceEvent(plan, band, s, i, endAt));
  return sequence.stretches.slice(1).map((s, i) => {
    const letter = plan.cords.find((c) => c.cord === s.cord)?.letter ?? '';
    return {
      afterRow: band.firstRow === 'start' ? s.from : band.rows - s.from,
      id: `change-${i + 1}`,
      title: `Change colour: ${letter} works on`,
      alert: `${letter} works on`,
      lines: [
        why`The cords trade places: the ends of ${letter} come out, one to each side, and those that worked so far go inside. Draw both up before the next row.`,
      ],
      look: why`The crossing lies on the back.`,
      atMm: grownTo(band, s.from),
    };
  });
}

/** One end is cut and the next piece fused on, so that the join comes to lie under the coming row. */
function spliceEvent(plan: Plan, band: Band, place: SplicePlace, i: number, endAt: EndAt): RowEvent {
  const row = band.firstRow === 'start' ? place.row : band.rows - place.row + 1;
  const meets = (mm: number | undefined) => mm !== undefined && Math.abs(mm - place.atMm) < 0.01;
  const ofStrand = (edge: 'fromMm' | 'toMm') =>
    plan.cords.find((c) =>
      c.parts.some((p) => p.what === 'weave' && p.strand === place.strand && meets(p[edge])),
    );
  const [before, after] = [ofStrand('toMm'), ofStrand('fromMm')];
  const perRow = (plan.metrics.strands.find((x) => x.name === place.strand)?.perLength ?? 1) * rowMmOf(band);
  // What the rows so far have taken of this strand, on average, out of what it runs to the splice.
  const beyond = Math.max(0, place.cordMm - (row - 1) * perRow);
  return {
    afterRow: Math.max(0, row - 1),
    id: `splice-${i + 1}`,
    title: `Splice ${after?.letter ?? ''} on`,
    alert: `splice ${after?.letter ?? ''} on`,
    lines: [
      why`The ${endAt(place.strand, row)} is ${before?.letter ?? place.strand}: snip it ${len(beyond + MELT_MM)} beyond the last row; ${len(MELT_MM)} of that melt away.`,
      why`Melt it and the marked end of ${after?.letter ?? 'the next piece'} together, end to end, and let the join go cold. ${capital(after?.name ?? 'The next colour')} works on from here.`,
    ],
    look: why`The join comes to lie under the next row, on the back. Pull at it before you tie on.`,
    atMm: place.atMm,
    isHeat: true,
  };
}

/** Marks of the plan that are nothing else already. */
function markEvents(band: Band): RowEvent[] {
  return band.marks
    .filter((m) => m.what !== 'change' && m.what !== 'on-band')
    .map((m, i) => {
      const isStop = m.what === 'stop';
      const isTry = m.what === 'try-on';
      return {
        afterRow: rowsTo(band, m.atMm),
        id: `mark-${i + 1}`,
        title: isTry ? 'Try it on' : capital(m.label),
        alert: m.label,
        lines: isStop
          ? stopLines(band, rowsTo(band, m.atMm))
          : isTry
            ? [
                why`Try it on, closed as it will close. From here on it may be right: stop where it fits as you like, and say so under “Will it reach?”.`,
              ]
            : [why`The weave has grown to its mark, ${len(Math.abs(m.atMm))} from the first bar.`],
        atMm: m.atMm,
      };
    });
}

function stopLines(band: Band, done: number): Why[] {
  const { end } = band;
  if (end.kind !== 'bar') return [why`Stop here: the rest is the closure’s.`];
  const left = rowMmOf(band) * (band.rows - done);
  return [
    why`Take each core round the bar of the ${end.name} from behind and back along itself.`,
    why`Slide the ${end.name} along until there is just room for the rows that are left, ${len(left)}; they go over the returned cores and hold them.`,
  ];
}

const pushes = (band: Band): RowEvent[] =>
  Array.from({ length: Math.ceil(band.rows / PUSH_EVERY) - 1 }, (_, i) => ({
    afterRow: (i + 1) * PUSH_EVERY,
    id: `push-${i + 1}`,
    title: 'Push the rows up',
    alert: 'push the rows up',
    lines: [
      why`Hold the cores and push all rows towards the beginning; after it, ${counted((i + 1) * PUSH_EVERY, 'row')} should measure about ${len((i + 1) * PUSH_EVERY * rowMmOf(band))}.`,
    ],
    look: why`No core shows between rows; bumps line up on each edge; if it curls, flex it back.`,
  }));

const asks = (band: Band): RowEvent[] =>
  band.rows < ASK_FROM_ROWS
    ? []
    : ASK_AT.map((share) => ({
        afterRow: Math.round(band.rows * share),
        id: `ask-${Math.round(share * 100)}`,
        title: 'Will it reach?',
        alert: 'measure what is left',
        lines: [
          why`Measure what is left of each working end, from the last row to its tip, and type it in; or go on.`,
        ],
        asksLeft: true,
      }));

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

import { findCord } from '../cord/cords.ts';
import { counted, len, num, type Why, why } from '../why/why.ts';
import type { Figure, FigureId } from './check.ts';
import type { ClosedDesign } from './close.ts';
import { rowsIn } from './layout.ts';
import type { Plan } from './types.ts';

/** What these sizes are called: their keys are words that the program decides by, names are what is read. */
const SIZE_NAMES = {
  width: 'width',
  thickness: 'thickness',
  slack: 'slack',
  buckle: 'buckle',
  closure: 'closure',
} as const;

/** A foot of cord per inch of Solomon bar, as makers say: twelve for one, all strands together. */
const RULE_OF_THUMB = 12;

type Base = Omit<Plan, 'figures' | 'more' | 'checks'>;

const mm = (label: string, value: number, words: Why): Figure => ({ label, value, unit: 'mm', why: words });

/** The numbers that every piece has. */
export function figures(
  closed: ClosedDesign,
  base: Base,
  minutes: { readonly value: number; readonly why: Why },
): Record<FigureId, Figure> {
  const { resolved, metrics, closing, layout } = closed;
  const girth = resolved.design.wearer.girthMm;
  const totalMm = base.cords.reduce((sum, x) => sum + x.cutLengthMm, 0);
  const weights = base.cords.map((x) => (x.usedLengthMm / 1000) * findCord(x.cordType)!.gramsPerMetre);
  const types = new Set(base.cords.map((x) => x.cordType));
  const usedMm = base.cords.reduce((sum, x) => sum + x.usedLengthMm, 0);
  const addonsG = base.bands.flatMap((b) => b.addons).reduce((sum, a) => sum + a.weightG, 0);
  const thumbMm = base.wovenLengthMm * RULE_OF_THUMB;
  const inner = base.closed.closedMm;
  const pieces = layout.pieces;
  const grew = closing.finishedMm > closed.context.finishedMm + 0.01;
  return {
    finished: mm(
      'finished, closed',
      closing.finishedMm,
      grew
        ? why`made larger than the fit asks, ${len(closed.context.finishedMm)}: ${closing.hardware ?? []}`
        : closed.finishedWhy,
    ),
    woven: mm(
      'woven',
      base.wovenLengthMm,
      pieces.flatMap(
        (x, i) =>
          why`${i > 0 ? '; ' : ''}${pieces.length > 1 ? `${x.name}: ` : ''}${x.why} = ${len(x.wovenMm)}`,
      ),
    ),
    rows: {
      label: 'rows',
      value: base.rows,
      unit: 'rows',
      why: pieces.flatMap((x, i) => why`${i > 0 ? '; ' : ''}${rowsIn(x.wovenMm, metrics.rowHeightMm).why}`),
    },
    rowHeight: mm('row height', metrics.rowHeightMm, metrics.source),
    width: mm(
      SIZE_NAMES.width,
      metrics.widthMm,
      why`${num(resolved.solved.widthD)} × cord ${len(metrics.diameterMm)}. ${metrics.source}`,
    ),
    thickness: mm(
      SIZE_NAMES.thickness,
      metrics.thicknessMm,
      why`${num(resolved.solved.thicknessD)} × cord ${len(metrics.diameterMm)}. ${metrics.source}`,
    ),
    innerGirth: mm(
      'inner girth',
      inner,
      why`finished ${len(closing.finishedMm)} − π × thickness ${len(metrics.thicknessMm)}: a thick band loses that much inside when it is bent round`,
    ),
    slack: {
      ...mm(
        SIZE_NAMES.slack,
        inner - girth,
        why`inner girth ${len(inner)} − ${resolved.product.girth.name} ${len(girth)}`,
      ),
      isSigned: true,
    },
    hardware: hardware(closed),
    jig: setting(closed, base),
    weight: {
      label: 'weight',
      value: weights.reduce((a, b) => a + b, 0) + addonsG,
      unit: 'g',
      why: why`${len(usedMm)} of cord stay in the piece${types.size > 1 ? ', each at the weight of its kind' : why` × ${num(resolved.cord.gramsPerMetre, 1)} g/m`}${addonsG > 0 ? why` + add-ons ${num(addonsG, 0)} g` : []}, without hardware`,
    },
    total: mm('cord in all', totalMm, why`the sum of all cuts`),
    minutes: { label: 'time', value: minutes.value, unit: 'min', why: minutes.why },
    ruleOfThumb: mm(
      'rule of thumb',
      thumbMm,
      why`the rule of thumb for a Solomon bar, a foot of cord per inch, whatever the weave: woven ${len(base.wovenLengthMm)} × 12 = ${len(thumbMm)}; this plan cuts ${len(totalMm)}`,
    ),
  };
}

/** What the closure takes of the finished length, or by how much the band runs on past it. */
function hardware({ resolved, closing }: ClosedDesign): Figure {
  const takes = closing.start.takesMm + closing.end.takesMm;
  const words = closing.hardware ?? why`what is between the ends of the weave`;
  if (takes < 0) return mm('runs on past the closure', -takes, words);
  return mm(resolved.closure.family === 'buckled' ? SIZE_NAMES.buckle : SIZE_NAMES.closure, takes, words);
}

/** How the length is kept: pegs of a jig, two marks on the table, or trying on. */
function setting(closed: ClosedDesign, base: Base): Figure {
  const band = base.bands[0]!;
  const between = band.startMm + band.wovenMm + band.end.standoffMm;
  const others = base.bands
    .slice(1)
    .flatMap((b) => why`; ${b.name} ${len(b.startMm + b.wovenMm + b.end.standoffMm)}`);
  const isBar = band.start.kind === 'bar' && band.end.kind === 'bar';
  const hold = closed.resolved.design.setup.hold ?? 'jig';
  if (hold === 'tape') {
    return mm(
      'marks on the table',
      between,
      why`lay a ruler or tape on the table: ${isBar ? 'the first bar' : 'the start of the weave'} at 0, the last row ends at ${len(between)}${others}`,
    );
  }
  if (hold === 'hand') {
    return mm(
      'last row at',
      between,
      why`without a jig: the last row ends ${len(between)} from ${isBar ? 'the first bar' : 'the start of the weave'}; try it on before you close it${others}`,
    );
  }
  return isBar
    ? mm(
        'jig, peg to peg',
        between,
        why`hold the two halves on the jig with ${len(between)} between the inner edges of their cord bars: hitch ${len(band.startMm)} + woven ${len(band.wovenMm)}${others}. Closed it then measures ${len(base.finishedLengthMm)}`,
      )
    : mm(
        'jig, peg to peg',
        between,
        why`hook ${band.start.kind === 'loop' ? 'the loop' : 'the start'} on one peg and hold the weave ${len(between)} long${others}`,
      );
}

/** Numbers that only some closures, products and measures have. */
export function moreFigures(design: ClosedDesign, base: Base): Figure[] {
  const { closed } = base;
  const { pass, product } = design.context;
  const out: Figure[] = [];
  if (closed.openMm !== undefined) {
    const travel = closed.openMm - closed.closedMm;
    out.push(
      mm(
        'open, inside',
        closed.openMm,
        why`flat ${len(closed.openMm + Math.PI * design.metrics.thicknessMm)} − π × thickness ${len(design.metrics.thicknessMm)}`,
      ),
      mm('travel', travel, why`open ${len(closed.openMm)} − closed ${len(closed.closedMm)}`),
    );
    if (pass) out.push(mm(pass.name, pass.mm, pass.why));
  }
  if (closed.dangles) out.push(mm('dangles, closed', closed.danglesMm, why`${closed.dangles}`));
  if (closed.gapMm > 0 && design.resolved.closure.family !== 'buckled')
    out.push(
      mm(
        'ends apart, closed',
        closed.gapMm,
        why`finished ${len(base.finishedLengthMm)} − woven ${len(base.wovenLengthMm)}`,
      ),
    );
  out.push(...(design.closing.figures ?? []));
  if (base.caseMm > 0) out.push(mm('case', base.caseMm, design.resolved.measures.lugToLug!.why));
  if (base.bands.length > 1)
    out.push(
      ...base.bands.map((b) =>
        mm(
          b.name,
          b.wovenMm + b.startMm + b.end.standoffMm + Math.max(0, b.end.takesMm),
          why`woven ${len(b.wovenMm)} in ${counted(b.rows, 'row')} + hitch ${len(b.startMm)}${b.end.takesMm > 0 ? why` + ${b.end.name} ${len(b.end.takesMm)}` : []}`,
        ),
      ),
    );
  for (const ring of base.bands.flatMap((b) => b.addons).filter((a) => a.index < 0))
    out.push(
      mm(
        'ring',
        ring.atMm,
        why`rows ${num(ring.fromRow, 0)} to ${num(ring.toRow, 0)} of this ${product.name} lie on its flat side of ${len(ring.sizeMm)}`,
      ),
    );
  return out;
}

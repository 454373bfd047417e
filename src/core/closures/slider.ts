import { CORDS, effectiveDiameterMm, findCord } from '../cord/cords.ts';
import { findPattern, solvedFacts, WEAVES } from '../patterns/index.ts';
import { counted, len, percent, why } from '../why/why.ts';
import { knotSize } from './knots.ts';
import { numberOf, openOption, textOf } from './options.ts';
import { gapOption } from './singleSliding.ts';
import { FINGER_GAP_MM, opening, run, runEnd, tieKnot, tyingTail } from './slide.ts';
import type { Closing, Closure, ClosureContext, LegPart } from './types.ts';

/** The slider bar is solved for some ratios of thin to thick cord, over one cord of each end or two; the nearest is used. */
const BARS = WEAVES.filter((w) => w.use === 'slider').map((w) => w.id);
const CAP_MM = 8;

const ROWS = {
  key: 'rows',
  label: 'Slider',
  usual: 8,
  choices: [6, 8, 10, 12].map((n) => ({ value: n, name: why`${counted(n, 'row')}` })),
} as const;

const ENDS = {
  key: 'knot',
  label: 'Ends of the cords',
  usual: 'cap',
  choices: [
    { value: 'cap', name: why`end caps`, note: why`${len(CAP_MM)} long, glued over the sealed ends` },
    { value: 'overhand', name: why`an overhand in each`, note: why`tied in the cord itself` },
  ],
} as const;

const CORD = {
  key: 'cord',
  label: 'Cord of the slider',
  usual: '',
  choices: [
    { value: '', name: why`the thinner cord that suits best` },
    ...CORDS.map((c) => ({ value: c.id, name: why`${c.name}` })),
  ],
} as const;

const PASSES = {
  key: 'start',
  label: 'Tied',
  usual: 'once',
  choices: [
    { value: 'once', name: why`once` },
    {
      value: 'twice',
      name: why`by double pass`,
      note: why`back over itself: thicker, uses more than twice the cord`,
    },
  ],
} as const;

/** Cords of each end that go through the slider: every strand of a plain band, one of any other. */
const throughOf = ({ metrics, tied }: ClosureContext): number => (metrics.isPlain ? tied : 1);

/** The slider in a thin cord over the band's cords: which solved bar is nearest, and what it measures. */
function sliderBar(context: ClosureContext, rows: number) {
  const d = context.metrics.diameterMm;
  const wanted = textOf(context.spec, CORD);
  const thin =
    findCord(wanted) ??
    CORDS.filter((x) => x.fibre === context.cord.fibre && effectiveDiameterMm(x) < d).toSorted(
      (a, b) => Math.abs(effectiveDiameterMm(a) / d - 0.66) - Math.abs(effectiveDiameterMm(b) / d - 0.66),
    )[0] ??
    context.cord;
  const ratio = effectiveDiameterMm(thin) / d;
  const inside = (id: string) => solvedFacts(id)!.strands.filter((s) => s.role === 'core').length;
  const isDouble = textOf(context.spec, PASSES) === 'twice';
  const layers = (id: string) => solvedFacts(id)!.strands.filter((s) => s.role !== 'core').length / 2;
  const bars = BARS.filter(
    (id) => inside(id) === 2 * throughOf(context) && layers(id) === (isDouble ? 2 : 1),
  );
  const ratioOf = (id: string) => 2 * solvedFacts(id)!.strands.find((s) => s.role !== 'core')!.radiusD;
  const fitting = bars.length > 0 ? bars : BARS.filter((id) => inside(id) === 2 * throughOf(context));
  const id = (fitting.length > 0 ? fitting : BARS).toSorted(
    (a, b) => Math.abs(ratioOf(a) - ratio) - Math.abs(ratioOf(b) - ratio),
  )[0]!;
  const facts = solvedFacts(id)!;
  const perRow = facts.strands
    .filter((s) => s.role !== 'core')
    .map((s) => (s.lengthD / facts.rowsPerPeriod) * d);
  return {
    id,
    thin,
    ratio,
    solvedRatio: ratioOf(id),
    isDouble: layers(id) === 2,
    lengthMm: (facts.periodD / facts.rowsPerPeriod) * rows * d,
    woven: perRow.map((mm) => mm * rows),
  };
}

/** What a slider measures, in mm: its bar, the gap when closed, and how far each end runs through when open (`way`). */
function sliderSizes(context: ClosureContext) {
  const rows = numberOf(context.spec, ROWS);
  const bar = sliderBar(context, rows);
  const open = opening(context);
  const gap = Math.max(context.spec.gapMm ?? FINGER_GAP_MM, bar.lengthMm + 2 * context.metrics.diameterMm);
  const travel = open.flatMm - context.finishedMm;
  return { rows, bar, open, gap, travel, way: (gap + travel + bar.lengthMm) / 2 };
}

/** A bar is as long as its solved one only where the two ratios of cords are about the same. */
const SAME_RATIO = 0.13;

function barCheck(ratio: number, solvedRatio: number): NonNullable<Closing['checks']>[number] {
  const isNear = Math.abs(ratio / solvedRatio - 1) < SAME_RATIO;
  const share = (of: number) => percent(Math.round(of * 100) / 100);
  return {
    id: 'slider.cord',
    ok: isNear,
    message: isNear
      ? why`the slider’s cord is ${share(ratio)} as thick as the band’s: as solved`
      : why`the slider’s cord is ${share(ratio)} as thick as the band’s, but its bar is known for ${share(solvedRatio)}: its length may be off. Tie two rows and look.`,
  };
}

/** Over both ends of a doubled band no double pass is known. */
function passCheck(context: ClosureContext, isDouble: boolean): NonNullable<Closing['checks']> {
  if (textOf(context.spec, PASSES) !== 'twice' || isDouble) return [];
  const { start: _twice, ...once } = context.spec;
  return [
    {
      id: 'slider.passes',
      ok: false,
      message: why`a double pass is only known over one cord of each end: this slider is planned as tied once`,
      fix: { label: why`tie it once`, patch: { closure: once as ClosureContext['spec'] } },
    },
  ];
}

/** Both ends pass, one each way, through a short bar of square knots in thinner cord. */
export const slider: Closure = {
  id: 'slider',
  name: 'square-knot slider',
  family: 'sliding',
  group: 'sliding',
  phrase: (spec) => why`a square-knot slider of ${counted(numberOf(spec, ROWS), 'row')}`,
  words:
    'Lay the two ends side by side, pointing opposite ways, and tie a short Solomon bar over both in a thinner cord: firm, yet so that they slide. Melt or glue its ends to the bar itself, never to the cords inside.',
  difficulty: 2,
  minutes: 10,
  options: [ROWS, PASSES, ENDS, CORD, openOption, gapOption],
  close: (context) => {
    const d = context.metrics.diameterMm;
    const { rows, bar, open, gap, travel, way } = sliderSizes(context);
    const thinTailMm = context.handMm('slider', effectiveDiameterMm(bar.thin));
    const isCapped = textOf(context.spec, ENDS) === 'cap';
    const through = throughOf(context);
    const stopper = knotSize('overhand', d);
    const ending: LegPart[] = isCapped
      ? [run(CAP_MM, why`into its end cap`, way + CAP_MM)]
      : [
          tieKnot(stopper, way + stopper.bodyMm, 'stopper starts'),
          tyingTail(context.tailMm, way + stopper.bodyMm),
        ];
    const legs = [
      run(
        way,
        why`half of the gap when open and of the slider: (${len(gap + travel)} + ${len(bar.lengthMm)}) / 2`,
        way,
      ),
      ...ending,
    ];
    const end = (name: string, hasSlider: boolean) =>
      runEnd(
        name,
        gap / 2,
        legs,
        {
          lengthMm: way,
          cords: through,
          leaves: { outMm: (gap + bar.lengthMm) / 2, how: 'hangs' },
          ...(isCapped ? { capMm: CAP_MM } : { knot: 'overhand' }),
          ...(hasSlider
            ? { slider: { id: bar.id, atMm: (gap - bar.lengthMm) / 2, lengthMm: bar.lengthMm, rows } }
            : {}),
        },
        through,
      );
    return {
      start: end('running end', true),
      end: end('running end', false),
      finishedMm: context.finishedMm,
      openMm: open.flatMm,
      danglesMm: travel,
      dangles: through === 1 ? 'two ends, half each' : 'the ends, half on each side',
      marks: [
        { at: 'start', outMm: way, label: isCapped ? 'cap here' : 'stopper here' },
        { at: 'end', outMm: way, label: isCapped ? 'cap here' : 'stopper here' },
      ],
      adjust: { what: 'the ends', stepMm: 0, rangeMm: [bar.lengthMm - gap, travel] },
      extra: [
        {
          role: `slider of ${rows} rows, in ${bar.thin.name}`,
          cordType: bar.thin.id,
          fold: why`its middle goes under ${through === 1 ? 'both' : 'all'} cords`,
          parts: [
            { what: 'tail', lengthMm: thinTailMm, why: why`to tie with: ${len(thinTailMm)}` },
            {
              what: 'closure',
              lengthMm: bar.woven.reduce((a, b) => a + b, 0),
              why: why`${counted(rows, 'row')} of ${findPattern(bar.id)!.name.toLowerCase()}, from the rope engine`,
            },
            { what: 'tail', lengthMm: thinTailMm, why: why`to tie with: ${len(thinTailMm)}` },
          ],
        },
      ],
      checks: [barCheck(bar.ratio, bar.solvedRatio), ...passCheck(context, bar.isDouble)],
      figures: [
        {
          label: 'slider',
          value: bar.lengthMm,
          unit: 'mm',
          why: why`${counted(rows, 'row')} in ${bar.thin.name}`,
        },
      ],
      hardware: why`between the ends of the weave, closed: ${len(gap)}, room for the slider ${len(bar.lengthMm)}`,
    };
  },
};

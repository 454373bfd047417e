import { FIBRE_MELTS, findCord } from '../../cord/cords.ts';
import type { Design } from '../../formats/design.gen.ts';
import type { CordCut, Plan } from '../../plan/types.ts';
import { cut, len, type Why, why } from '../../why/why.ts';
import type { Step, WayOfWorking } from '../types.ts';
import { BLADE, forAdult, HEAT } from './cautions.ts';
import { inOwnMeasures } from './ownMeasures.ts';

/** Whether a cord's cut end can be sealed by heat. */
export function melts(cord: Pick<CordCut, 'cordType'>): boolean {
  const type = findCord(cord.cordType);
  return type ? FIBRE_MELTS[type.fibre] : false;
}

/** Everything on the table before the first cut. */
export function gatherStep(design: Design, plan: Plan, way: WayOfWorking): Step {
  const anyMelts = plan.cords.some(melts);
  const anyDry = plan.cords.some((c) => !melts(c));
  const hardware = [
    ...new Set(
      plan.bands
        .flatMap((b) => [b.start, b.end])
        .filter((e) => e.kind === 'bar')
        .map((e) => e.name),
    ),
  ];
  const addons = plan.bands.flatMap((b) => b.addons.filter((a) => !a.knot).map((a) => a.name));
  const tools: Why[] = [
    plan.cords.flatMap((c, i) => [
      ...(i > 0 ? [', '] : []),
      ...why`${c.letter} ${c.name} ${cut(c.cutLengthMm)}`,
    ]),
    ...(hardware.length + addons.length > 0 ? [why`${[...hardware, ...addons].join(', ')}`] : []),
    why`scissors or a knife on a mat, a tape or ruler${anyMelts ? ', a lighter' : ''}${anyDry ? `, ${DRY_TOOLS[way.dry]}` : ''}, a fid or blunt needle`,
    why`${HOLDS[design.setup.hold ?? 'jig']}`,
  ];
  return { id: 'gather', phase: 'gather', title: 'Lay everything out', lines: tools };
}

const DRY_TOOLS = { whip: 'whipping thread', stitch: 'needle and thread', glue: 'fabric glue' } as const;

const HOLDS = {
  jig: 'a jig whose two pegs can be set apart',
  hand: 'nothing to hold it: this one is tied in the hand',
  tape: 'tape to hold the first end on the table, and a tape measure beside it',
} as const;

/** One step a cord: cut it, keep its ends from fraying, mark it. */
export function cutSteps(plan: Plan, way: WayOfWorking): Step[] {
  return plan.cords.map((cord): Step => {
    const own = way.own && inOwnMeasures(cord.cutLengthMm, way.own);
    const marks = cord.marks.map((m) =>
      m.atMm === 0
        ? why`Mark the first end: ${m.what}.`
        : m.what === 'fold'
          ? why`Mark it ${len(m.atMm, 'cut')} from its first end, where it folds: ${m.why}.`
          : why`Mark it ${len(m.atMm, 'cut')} from its first end: ${m.what}.`,
    );
    const seal = sealText(cord, way);
    const cautions = [BLADE, ...(melts(cord) ? [HEAT] : [])];
    return {
      id: `cut-${cord.letter}`,
      phase: 'cut',
      title: `Cut ${cord.letter}, ${cord.name}`,
      lines: [
        why`${cut(cord.cutLengthMm)} for ${cord.role}.${own ? why` Without a ruler: ${own.text} (${len(own.mm, 'cut')}).` : ''}`,
        why`${way.withAdult ? forAdult(seal) : seal}`,
        ...marks,
      ],
      cautions,
      ...(way.withAdult ? { isAdults: true } : {}),
    };
  });
}

function sealText(cord: CordCut, way: WayOfWorking): string {
  if (melts(cord)) return 'Seal both ends with the flame just long enough that they do not fray.';
  const how = {
    whip: 'whip both ends with thread',
    stitch: 'stitch through both ends',
    glue: 'dip both ends in glue',
  }[way.dry];
  return `This cord does not melt: ${how} so that they do not fray.`;
}

import { counted, len, type Why, why } from '../why/why.ts';
import { codingWords } from './coding.ts';
import { cordToDraw } from './fit.ts';
import { beside, crossingsAfter, type Lay, layOrder, type Tuck, tucksTogether } from './lays.ts';
import { crossingsOf } from './path.ts';
import type { RingPlan } from './planned.ts';
import { bightName, gcd } from './types.ts';

/** A half cycle as it is said: `from L8 to R10: over 3, under 3, over 3, under 2`. */
export const layText = (lay: Lay): string =>
  `from ${bightName(lay.from)} to ${bightName(lay.to)}: ${tucksText(lay.tucks)}`;

/** What is passed on the way: `over 3, under 3`. */
export function tucksText(tucks: readonly Pick<Tuck, 'isOver' | 'count'>[]): string {
  const runs = tucksTogether(tucks);
  if (runs.length === 0) return 'free, nothing is in the way';
  return runs.map((r) => `${r.letter === 'O' ? 'over' : 'under'} ${r.count}`).join(', ');
}

/** Where a pass goes: alone, beside another, or in the gap between two. */
export function passText(plan: Pick<RingPlan, 'design' | 'cords'>, pass: number): string {
  const { lanes } = plan.design;
  const nameOf = (cord: number) => plan.cords.find((c) => c.cord === cord)?.colour.name ?? '';
  const { left, right } = beside(lanes, pass);
  const own = nameOf(lanes[layOrder(lanes)[pass - 1]!]!);
  if (left !== undefined && right !== undefined)
    return left === right
      ? `${own}, in the gap between the two ${nameOf(left)}`
      : `${own}, in the gap between ${nameOf(left)} and ${nameOf(right)}`;
  if (left !== undefined)
    return `${own}, beside the ${left === lanes[layOrder(lanes)[pass - 1]!] ? 'first' : nameOf(left)} on the side of the right edge${gapAfter(plan, pass) ? ', one cord’s gap between' : ''}`;
  if (right !== undefined) return `${own}, beside ${nameOf(right)} on the side of the left edge`;
  return `${own}, the first pass`;
}

/** Whether a later lane comes between this pass and what is beside it. */
function gapAfter({ design }: Pick<RingPlan, 'design'>, pass: number): boolean {
  const order = layOrder(design.lanes);
  const lane = order[pass - 1]!;
  const before = order.slice(0, pass - 1).filter((l) => l < lane);
  return before.length > 0 && Math.max(...before) < lane - 1;
}

/** Girths that a ring on a hand is drawn up by, in mm. */
const TAKE_UPS_MM = [3, 5, 10] as const;

/** What there is to do once a step is done: nothing, or at the end of a pass. */
export function stopAfter(plan: RingPlan, lay: Lay): readonly Why[] {
  const half = 2 * plan.shape.bights;
  if (lay.n % half !== 0) return [];
  const isLast = lay.n === plan.lays.length;
  const { leads } = plan.shape;
  const turns = leads / plan.strands;
  if (!isLast)
    return [
      why`Pass ${String(lay.pass)} is done: ${counted(crossingsAfter(plan.lays, lay.n), 'crossing')} in the ring. The working end is back beside the standing end.`,
      why`Even it out before you go on: follow the cord once round, bight by bight, and leave room for the next pass.`,
    ];
  return [
    why`Every half cycle is done. Work the slack out: begin at the standing end and follow the cord lap by lap, ${counted(turns, 'lap')} a pass.`,
    ...(plan.design.girth.by === 'body'
      ? [
          why`Tied with a cord’s thickness of air round the hand, ${len(plan.drawnOutMm)} comes out in all: about ${len(plan.drawnOutMm / (turns * plan.ring.passes))} a lap.`,
          why`Smaller still? ${TAKE_UPS_MM.flatMap((mm, i) => why`${i > 0 ? ', ' : ''}${len(mm)} in girth: draw out ${len(cordToDraw(plan.ring, mm))}`)}.`,
        ]
      : []),
    finishing(plan.design.ends),
    plan.design.girth.by === 'body'
      ? why`Slip it off, try it on, and draw it up a little more where it is loose.`
      : why`Slide it off the mandrel with care, or leave it where it belongs.`,
  ];
}

function finishing(ends: RingPlan['design']['ends']): Why {
  if (ends === 'buried')
    return why`Bury the ends: lead each one on beside its own pass for half a cycle with a needle or fid, under an over-crossing, and cut it off there, away from your hand.`;
  if (ends === 'stitched')
    return why`Stitch the ends: lay them side by side under an over-crossing, sew through both with strong thread, and cut them off, away from your hand.`;
  return why`Melt the ends: cut both under an over-crossing, melt them to their neighbour and press with a tool, not a finger. The flame away from you, in moving air; molten cord sticks and burns: wait.`;
}

/** A ring in a few words: `5 leads × 16 bights, plain, 2 passes`. */
export const ringName = (plan: Pick<RingPlan, 'shape' | 'ring'>): string =>
  `${plan.shape.leads} leads × ${plan.shape.bights} bights, ${codingWords(plan.shape.coding)}${plan.ring.passes > 1 ? `, ${plan.ring.passes} cords abreast` : ''}`;

/** Who meets whom in a crossing of the grid, and what the later one does there. Nothing where there is no such crossing. */
export function meetingText(plan: RingPlan, row: number, column: number): string {
  const { leads, bights } = plan.shape;
  const here = plan.lays.filter(
    (l) => l.pass === 1 && crossingsOf(l, plan.shape).some((c) => c.row === row && c.column === column),
  );
  const [first, second] = here;
  if (!first || !second) return '';
  const tuck = second.tucks.find((t) => t.row === row && t.column === column)!;
  const name = (l: Lay) => `half cycle ${l.k} (${bightName(l.from)} → ${bightName(l.to)})`;
  const isOwn = gcd(leads, bights) > 1 && first.strand === second.strand;
  const { passes } = plan.ring;
  return [
    `Row ${row}: ${name(second)} goes ${tuck.isOver ? 'over' : 'under'} ${name(first)}.`,
    ...(isOwn ? ['Both are the same cord.'] : []),
    ...(passes > 1 ? [`Every pass does the same: ${passes} × ${passes} cords.`] : []),
  ].join(' ');
}

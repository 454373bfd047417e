import { lanesOfWeave, type WeaveLane } from '../colour/lanes.ts';
import { type CordType, effectiveDiameterMm, findCord } from '../cord/cords.ts';
import type { Design } from '../formats/design.gen.ts';
import type { Ratios } from '../patterns/mixed.ts';
import type { SolvedFacts } from '../patterns/types.ts';
import type { Issue } from '../result.ts';

/** Which of the design's cords a lane is made of: as chosen, else the first for working strands and the second for cores. */
export const cordOfLane = (design: Design, lane: Pick<WeaveLane, 'key' | 'isCore'>): number =>
  design.setup.strands?.[lane.key] ?? (lane.isCore && design.cords.length > 1 ? 1 : 0);

/** Id of the cord type that one of the design's cords is cut from. */
export const cordTypeOf = (design: Design, cord: number): string => design.cords[cord]?.cord ?? design.cord;

/**
 * How much thicker than the band's cord each strand is, where one is; nothing where all are alike. Thickness counts as
 * it is under a maker's tension (effective diameter).
 */
export function ratiosOf(design: Design, facts: SolvedFacts): Ratios | undefined {
  const reference = findCord(design.cord);
  if (!reference || design.cords.every((c) => c.cord === undefined)) return undefined;
  const ratios: Record<string, number> = {};
  for (const lane of lanesOfWeave(facts)) {
    const type = findCord(cordTypeOf(design, cordOfLane(design, lane)));
    const ratio = type ? effectiveDiameterMm(type) / effectiveDiameterMm(reference) : 1;
    if (Math.abs(ratio - 1) > 1e-6) ratios[lane.strand] = Number(ratio.toFixed(4));
  }
  return Object.keys(ratios).length > 0 ? ratios : undefined;
}

/** Cords of their own thickness that cannot be, each at its place. */
export function thicknessIssues(design: Design, facts: SolvedFacts, isByStrand: boolean): Issue[] {
  const own = design.cords.flatMap((c, i) => (c.cord === undefined ? [] : [{ id: c.cord, index: i }]));
  if (own.length === 0) return [];
  const at = (index: number) => `/cords/${index}/cord`;
  const unknown = own.filter(({ id }) => !findCord(id));
  if (unknown.length > 0)
    return unknown.map(({ id, index }) => ({
      code: 'design.unknown',
      path: at(index),
      message: `There is no cord called “${id}”.`,
    }));
  if (!isByStrand)
    return [
      {
        code: 'design.thickness',
        path: at(own[0]!.index),
        message: 'Cords can differ in thickness only when they are separate.',
      },
    ];
  if (design.sequence)
    return [
      {
        code: 'design.thickness',
        path: at(own[0]!.index),
        message: 'Colours that change along the band need cords of one thickness.',
      },
    ];
  return mixedLanes(design, facts);
}

/** A strand that passes several times abreast is drawn once: all its passages have one thickness. */
function mixedLanes(design: Design, facts: SolvedFacts): Issue[] {
  const lanes = lanesOfWeave(facts);
  const diameter = (lane: WeaveLane) =>
    effectiveDiameterMm(findCord(cordTypeOf(design, cordOfLane(design, lane))) ?? findCord(design.cord)!);
  const odd = lanes.find((lane) => {
    const first = lanes.find((l) => l.strand === lane.strand)!;
    return diameter(lane) !== diameter(first);
  });
  if (!odd) return [];
  return [
    {
      code: 'design.thickness',
      path: `/cords/${cordOfLane(design, odd)}/cord`,
      message: `In this weave all strands follow the same path one after the other: they need cords of one thickness.`,
    },
  ];
}

/** Thickness in a tight knot of the thickest cord that carries the closure: of the cores, where there are any. */
export function carriedMm(design: Design, facts: SolvedFacts, cord: CordType): number {
  const lanes = lanesOfWeave(facts);
  const cores = lanes.filter((lane) => lane.isCore);
  const carried = cores.length > 0 ? cores : lanes;
  return Math.max(
    ...carried.map((lane) =>
      effectiveDiameterMm(findCord(cordTypeOf(design, cordOfLane(design, lane))) ?? cord),
    ),
  );
}

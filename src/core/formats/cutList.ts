import type { Plan } from '../plan/types.ts';
import { formatLength, type UnitSystem } from '../units/index.ts';
import type { Design } from './design.ts';

/** One row a stretch of cord, for a table: lengths in mm, and the total cut on each row of a cord. */
export function cutListRows(plan: Plan): readonly Record<string, string | number>[] {
  return plan.cords.flatMap((cord) =>
    cord.parts.map((part) => ({
      cord: cord.letter,
      colour: cord.name,
      role: cord.role,
      part: part.what,
      lengthMm: Number(part.lengthMm.toFixed(1)),
      cutLengthMm: cord.cutLengthMm,
    })),
  );
}

/** The cut list as a maker would write it on a slip of paper. */
export function cutListText(design: Design, plan: Plan, system: UnitSystem): string {
  const show = (mm: number) => formatLength(mm, { system });
  const lines = [
    design.name,
    `for ${design.wearer.name}, girth ${show(design.wearer.girthMm)}`,
    '',
    'Cut',
    ...plan.cords.map(
      (c) =>
        `  ${c.letter}  ${c.name.padEnd(12)} ${formatLength(c.cutLengthMm, { system, kind: 'cut', rounding: 'up' })}   ${c.role}`,
    ),
    '',
    `finished, closed  ${show(plan.finishedLengthMm)}`,
    `woven             ${show(plan.wovenLengthMm)}, ${plan.rows} rows`,
    `weight            ${plan.figures.weight.value.toFixed(0)} g`,
    '',
    ...plan.cautions,
  ];
  return `${lines.join('\n')}\n`;
}

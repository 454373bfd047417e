import type { Wanted } from '../cutting/demands.ts';
import type { WorkedLine } from './needs.ts';

/** What lines of orders want of the cutting plan; each piece carries its order and line in its id, so that a cut is known again. */
export const wantedOf = (lines: readonly WorkedLine[]): Wanted[] =>
  lines.flatMap(({ order, index, line, made }) =>
    made
      ? [
          {
            id: `order/${order.id}/${index}`,
            name: [line.wearer ?? order.name, line.size].filter((t) => t !== undefined).join(' '),
            count: line.count,
            ...(line.joins === 'hidden' ? { canJoin: true } : {}),
            cords: made.cords,
          },
        ]
      : [],
  );

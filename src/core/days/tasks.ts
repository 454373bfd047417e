import type { StallFigures } from '../formats/stall.ts';
import type { WorkedLine } from '../orders/needs.ts';
import { dayNumber } from '../stall/dates.ts';
import type { Person, Task } from './types.ts';

/** The people of a stall as a day plan knows them. */
export const peopleOf = ({ people }: Pick<StallFigures, 'people'>): Person[] =>
  people.map((p) => ({
    name: p.name,
    minutes: p.hours.map((h) => h * 60),
    daysOff: new Set(p.daysOff.flatMap((d) => dayNumber(d) ?? [])),
    hardest: p.hardest,
  }));

/** Lines of orders that are still to be tied, as tasks. */
export function tasksOf(lines: readonly WorkedLine[]): Task[] {
  return lines.flatMap(({ order, index, line, made }): Task[] => {
    if (!made || order.state === 'tied' || order.state === 'handed-over') return [];
    const pin = order.pins?.find((p) => p.line === index);
    const notBefore = pin?.day === undefined ? undefined : dayNumber(pin.day);
    return [
      {
        id: `${order.id}/${index}`,
        order: order.id,
        line: index,
        name: order.name,
        what: `${line.count} × ${line.name}${line.size ? ` ${line.size}` : ''}`,
        pieces: line.count,
        minutesEach: made.minutes,
        difficulty: made.difficulty,
        kind: JSON.stringify([line.design, ...made.cords.map((c) => [c.cord, c.colour])]),
        due: order.due === undefined ? undefined : dayNumber(order.due),
        ...(notBefore === undefined ? {} : { notBefore }),
        ...(pin?.person === undefined ? {} : { person: pin.person }),
      },
    ];
  });
}

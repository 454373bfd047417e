import type { Task } from '../../../core/days/types.ts';
import type { Order, OrderState } from '../../../core/formats/orders.ts';
import { dayNumber } from '../../../core/stall/dates.ts';
import { plural } from '../../../core/words.ts';

export { dayName } from '../../ui/dayName.ts';

/** `today`, `tomorrow`, `in 5 days`, `2 days ago`. */
export function fromToday(day: number, today: number): string {
  const n = day - today;
  if (n === 0) return 'today';
  if (n === 1) return 'tomorrow';
  return n > 0 ? `in ${n} days` : `${-n} ${plural(-n, 'day')} ago`;
}

/** How far an order is, in words. */
export const STATE_NAMES: Readonly<Record<OrderState, string>> = {
  planned: 'planned',
  cut: 'cut',
  tied: 'tied',
  'handed-over': 'handed over',
};
export const STATES: readonly OrderState[] = ['planned', 'cut', 'tied', 'handed-over'];

export const piecesOf = (order: Pick<Order, 'lines'>): number =>
  order.lines.reduce((sum, l) => sum + l.count, 0);

/** `2 h 10 min`. */
export function hours(minutes: number): string {
  const all = Math.round(minutes);
  const h = Math.floor(all / 60);
  return h === 0 ? `${all} min` : all % 60 === 0 ? `${h} h` : `${h} h ${all % 60} min`;
}

export const dueOf = (order: Pick<Order, 'due'>): number | undefined =>
  order.due === undefined ? undefined : dayNumber(order.due);

/** What someone ties of a task: all of it, or `6 of 12 × …` where it is shared. */
export const whatOf = (task: Pick<Task, 'pieces' | 'what'>, pieces: number): string =>
  pieces === task.pieces ? task.what : `${pieces} of ${task.what}`;

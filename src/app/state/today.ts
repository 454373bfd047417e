import { dayNumber } from '../../core/stall/dates.ts';

/** The number of the day on which a moment falls where the maker is. */
export function dayOf(now: number): number {
  const d = new Date(now);
  const two = (n: number) => String(n).padStart(2, '0');
  return dayNumber(`${d.getFullYear()}-${two(d.getMonth() + 1)}-${two(d.getDate())}`) ?? 0;
}

export const today = (): number => dayOf(Date.now());

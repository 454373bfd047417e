import { format } from 'date-fns';
import { isoDay } from '../../core/stall/dates.ts';

/** `Thu 3 Dec`, from the number of a day. */
export const dayName = (day: number): string => format(new Date(`${isoDay(day)}T12:00:00`), 'EEE d MMM');

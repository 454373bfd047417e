import type { Issue } from '../result.ts';
import { quote } from '../validation.ts';

/** Days count from 1970-01-01 as day 0, so that they can be added and compared. No clock and no time zone is asked. */
const DAY_MS = 86_400_000;

/** The number of a day written `YYYY-MM-DD`; nothing where there is no such day. */
export function dayNumber(text: string): number | undefined {
  const parts = /^(\d{4})-(\d{2})-(\d{2})$/.exec(text);
  if (!parts) return undefined;
  const ms = Date.UTC(Number(parts[1]), Number(parts[2]) - 1, Number(parts[3]));
  const day = ms / DAY_MS;
  return isoDay(day) === text ? day : undefined;
}

/** What is wrong with a day, at its place in a document; nothing where there is such a day or none is named. */
export function dayIssue(text: string | undefined, path: string): Issue | undefined {
  return text === undefined || dayNumber(text) !== undefined
    ? undefined
    : { code: 'day', path, message: `There is no day ${quote(text)}; write it as 2026-12-05.` };
}

/** The same the other way round. */
export const isoDay = (day: number): string => new Date(day * DAY_MS).toISOString().slice(0, 10);

/** 0 Monday … 6 Sunday: day 0 was a Thursday. */
export const weekday = (day: number): number => (((day + 3) % 7) + 7) % 7;

import { type Make, readMake } from '../formats/make.ts';
import type { Issue, Result } from '../result.ts';
import { dayIssue } from '../stall/dates.ts';

const shown = (mm: number): string => `${Math.round(mm / 10)} cm`;

/** Entries of a piece that cannot be: more left over of a cord than was cut, a piece finished before it was begun, a day that there isn’t. */
export function nonsenseOf(make: Make): Issue[] {
  const issues: Issue[] = [];
  const wrong = (path: string, message: string) => issues.push({ code: 'make.sense', path, message });
  for (const cut of make.cuts) {
    const left = make.leftovers.filter((l) => l.letter === cut.letter).reduce((sum, l) => sum + l.leftMm, 0);
    if (left > cut.cutMm)
      wrong(
        `/leftovers/${make.leftovers.findIndex((l) => l.letter === cut.letter)}`,
        `${shown(left)} are left over of ${cut.letter}, but only ${shown(cut.cutMm)} were cut.`,
      );
  }
  if (make.finishedAt < make.startedAt) wrong('/finishedAt', 'It was finished before it was begun.');
  const day = dayIssue(make.careOn, '/careOn');
  return day ? [...issues, day] : issues;
}

/** A piece that can be kept: it reads back, and its entries can be. */
export function sensibleMake(make: Make): Result<Make> {
  const read = readMake(make);
  if (!read.ok) return read;
  const issues = nonsenseOf(read.value);
  return issues.length > 0 ? { ok: false, issues } : read;
}

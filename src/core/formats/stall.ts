import { fail, ok, type Result } from '../result.ts';
import { dayIssue } from '../stall/dates.ts';
import { type DocumentKind, parseDocument, readDocument } from './envelope.ts';
import type { StallFigures } from './stall.gen.ts';
import validate from './stall.validate.gen.js';

export type { StallFigures } from './stall.gen.ts';

const KIND: DocumentKind = {
  format: 'warp-beam/stall',
  version: 1,
  name: 'a stall’s figures',
  maxChars: 500_000,
  validate,
};

/** What the schema cannot say: days that there are, names that are told apart. */
function checked(figures: StallFigures): Result<StallFigures> {
  const twice = (list: readonly string[]) =>
    list.find((a, i) => list.some((b, j) => j < i && a.toLowerCase() === b.toLowerCase()));
  const size = twice(figures.sizes.map((s) => s.name));
  if (size) return fail({ code: 'stall.size', path: '/sizes', message: `Size ${size} is there twice.` });
  const person = twice(figures.people.map((p) => p.name));
  if (person) return fail({ code: 'stall.person', path: '/people', message: `${person} is there twice.` });
  for (const [i, { daysOff }] of figures.people.entries()) {
    const issue = daysOff.map((d) => dayIssue(d, `/people/${i}/daysOff`)).find((x) => x !== undefined);
    if (issue) return fail(issue);
  }
  return ok(figures);
}

const thenChecked = (read: Result<StallFigures>): Result<StallFigures> =>
  read.ok ? checked(read.value) : read;

export const parseStall = (text: string): Result<StallFigures> => thenChecked(parseDocument(text, KIND));
export const readStall = (data: unknown): Result<StallFigures> => thenChecked(readDocument(data, KIND));
export const formatStall = (figures: StallFigures): string => `${JSON.stringify(figures, null, 2)}\n`;

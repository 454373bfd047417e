import { fail, type Result } from '../result.ts';
import { dayIssue } from '../stall/dates.ts';
import type { ClassOfKits } from './class.gen.ts';
import validate from './class.validate.gen.js';
import { type DocumentKind, parseDocument, readDocument } from './envelope.ts';

export type { ClassOfKits } from './class.gen.ts';

const KIND: DocumentKind = {
  format: 'warp-beam/class',
  version: 1,
  name: 'a class of kits',
  maxChars: 1_000_000,
  validate,
};

function checked(read: Result<ClassOfKits>): Result<ClassOfKits> {
  const issue = read.ok ? dayIssue(read.value.day, '/day') : undefined;
  return issue ? fail(issue) : read;
}

export const parseClass = (text: string): Result<ClassOfKits> => checked(parseDocument(text, KIND));
export const readClass = (data: unknown): Result<ClassOfKits> => checked(readDocument(data, KIND));
export const formatClass = (kits: ClassOfKits): string => `${JSON.stringify(kits, null, 2)}\n`;

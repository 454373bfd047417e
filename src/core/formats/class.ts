import { fail, type Result } from '../result.ts';
import { dayNumber } from '../stall/dates.ts';
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
  if (!read.ok || read.value.day === undefined || dayNumber(read.value.day) !== undefined) return read;
  return fail({
    code: 'class.day',
    path: '/day',
    message: `There is no day ${read.value.day}; write it as 2026-12-05.`,
  });
}

export const parseClass = (text: string): Result<ClassOfKits> => checked(parseDocument(text, KIND));
export const readClass = (data: unknown): Result<ClassOfKits> => checked(readDocument(data, KIND));
export const formatClass = (kits: ClassOfKits): string => `${JSON.stringify(kits, null, 2)}\n`;

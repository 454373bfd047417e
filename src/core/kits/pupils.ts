import type { ClassOfKits } from '../formats/class.ts';
import { fail, type Issue, ok, type Result } from '../result.ts';
import { parseLength } from '../units/index.ts';

export type Pupil = ClassOfKits['pupils'][number];

const AGE = /\b(?:age\s*(\d{1,3})|(\d{1,3})\s*(?:years?|yrs?))\b/i;
const LEFT = /\bleft(?:-handed)?\b/i;
const LENGTH = /(\d+(?:[.,]\d+)?(?:\s+\d\/\d)?)\s*(mm|cm|in|")/i;
const LEAST_MM = 60;
const MOST_MM = 350;

/**
 * Pupils as a teacher types them, one per line: `Mia 15.2 cm`, `Tom, 10 years, left`, `3`. What is left of a line is the name; a line of nothing else
 * takes its number as its name. Lines that can't be read are named.
 */
export function parsePupils(text: string, from = 1): Result<Pupil[]> {
  const pupils: Pupil[] = [];
  const issues: Issue[] = [];
  for (const [i, raw] of text.split(/\r?\n/).entries()) {
    const line = raw.trim();
    if (line === '') continue;
    const wrong = (message: string) =>
      issues.push({ code: 'class.pupil', path: `/${i}`, message: `Line ${i + 1}: ${message}` });
    const age = AGE.exec(line);
    const years = age ? Number(age[1] ?? age[2]) : undefined;
    const length = LENGTH.exec(line);
    const girth = length ? parseLength(length[0].replace(',', '.')) : undefined;
    const name = line
      .replace(AGE, ' ')
      .replace(LENGTH, ' ')
      .replace(LEFT, ' ')
      .replace(/[,;\t]+/g, ' ')
      .replace(/\s+/g, ' ')
      .trim();
    if (girth && (!girth.ok || girth.value < LEAST_MM || girth.value > MOST_MM)) {
      wrong(`${length![0]} is no wrist; one measures between 6 and 35 cm.`);
      continue;
    }
    if (years !== undefined && (years < 3 || years > 120)) {
      wrong(`${years} years is no age of a pupil.`);
      continue;
    }
    if (name.length > 60) {
      wrong('the name is longer than 60 letters.');
      continue;
    }
    pupils.push({
      name: name || `Pupil ${from + pupils.length}`,
      ...(girth?.ok ? { girthMm: girth.value } : {}),
      ...(years === undefined ? {} : { age: years }),
      ...(LEFT.test(line) ? { isLeftHanded: true } : {}),
    });
  }
  if (issues.length === 0 && pupils.length === 0)
    return fail({
      code: 'class.empty',
      path: '',
      message: 'Type one pupil a line, for example “Mia 15.2 cm” or “Tom, 10 years, left”.',
    });
  return issues.length > 0 ? { ok: false, issues } : ok(pupils);
}

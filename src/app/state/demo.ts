import { readDesign } from '../../core/formats/design.ts';
import type { DesignRecord } from '../../storage/db.ts';
import { demoFiles } from './demoFiles.ts';

const FILES = import.meta.glob<unknown>('../../../examples/*.json', { eager: true, import: 'default' });

/** What the Bench opens on: a plain bracelet says at once what the program is for. */
const FIRST = 'ines-dome-night';

const rank = (path: string): number => (path.includes(FIRST) ? 0 : 1);

/** The Cold Ridge Observatory's stall: the example designs, with ids of their own so that they are known again. */
export function demoRecords(now: number): DesignRecord[] {
  const files = Object.entries(FILES).sort((a, b) => rank(a[0]) - rank(b[0]));
  return demoFiles(files, readDesign, now).map(({ document, ...kept }) => ({ ...kept, design: document }));
}

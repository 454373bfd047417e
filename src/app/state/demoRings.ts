import { readRing } from '../../core/formats/ring.ts';
import type { RingRecord } from '../../storage/db.ts';
import { demoFiles } from './demoFiles.ts';

const FILES = import.meta.glob<unknown>('../../../examples/rings/*.json', { eager: true, import: 'default' });

/** The stall's rings. */
export const demoRings = (now: number): RingRecord[] =>
  demoFiles(Object.entries(FILES), readRing, now).map(({ document, ...kept }) => ({
    ...kept,
    ring: document,
  }));

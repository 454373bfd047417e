import type { Wanted } from '../cutting/demands.ts';
import type { Kit } from './kits.ts';

/** What the kits of a class want of the cutting plan. */
export const wantedOfKits = (classId: string, kits: readonly Kit[]): Wanted[] =>
  kits.flatMap((k) =>
    k.made ? [{ id: `class/${classId}/${k.number}`, name: k.name, count: 1, cords: k.made.cords }] : [],
  );

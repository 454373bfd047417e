import { type RingDesign, readRing } from '../../core/formats/ring.ts';
import type { Issue } from '../../core/result.ts';
import type { RingPatch } from '../../core/rings/planned.ts';
import type { Database, RingRecord } from '../../storage/db.ts';
import { getRing } from '../../storage/ringList.ts';
import { saveRing } from '../../storage/rings.ts';
import { createDocument, type OpenDocument } from './document.ts';
import { type Keeping, openKept } from './kept.ts';

/** What can be done to a ring: parts of it are set, or the place in the laying is moved. */
export type RingAction =
  | { readonly type: 'set'; readonly patch: RingPatch }
  | { readonly type: 'lay'; readonly laid: number }
  | { readonly type: 'rename'; readonly name: string };

export type RingBench = OpenDocument<RingDesign, RingAction>;

export type OpenedRing =
  | { readonly ok: true; readonly bench: RingBench }
  | { readonly ok: false; readonly issues: readonly Issue[]; readonly stored?: RingRecord };

/** Parts that decide what the steps are: with another one, what is tied is not this ring. */
const SHAPING: readonly (keyof RingDesign)[] = ['leads', 'bights', 'coding', 'first', 'lanes', 'strandCords'];

export function reduceRing(ring: RingDesign, action: RingAction): RingDesign {
  switch (action.type) {
    case 'rename':
      return { ...ring, name: action.name };
    case 'lay':
      return action.laid === (ring.laid ?? 0) ? ring : { ...ring, laid: action.laid };
    case 'set': {
      const next = Object.fromEntries(
        Object.entries({ ...ring, ...action.patch }).filter(([, value]) => value !== undefined),
      ) as unknown as RingDesign;
      // A pin that is gone is none to begin at.
      if ((next.startAt ?? 1) > next.bights) delete next.startAt;
      const isOther = SHAPING.some((key) => JSON.stringify(next[key]) !== JSON.stringify(ring[key]));
      return isOther && !('laid' in action.patch) ? { ...next, laid: 0 } : next;
    }
  }
}

/** The full save of a ring rests for so long after the last edit. */
const REST_MS = 400;

const keepingOf = (db: Database): Keeping<RingDesign, RingRecord> => ({
  db,
  channel: 'warp-beam-rings',
  restMs: REST_MS,
  read: readRing,
  documentOf: (record) => record.ring,
  get: (id) => getRing(db, id),
  save: (id, revision, ring) => saveRing(db, id, revision, ring, Date.now()),
});

/** Opens a saved ring; a stored document that cannot be read is left as it is. */
export async function openRing(db: Database, id: string): Promise<OpenedRing> {
  const keeping = keepingOf(db);
  const opened = await openKept(keeping, id);
  if (opened.ok) return { ok: true, bench: createDocument(keeping, opened.value, reduceRing) };
  if (opened.stored) return opened;
  return { ok: false, issues: [{ code: 'ring.gone', path: '', message: 'This ring is not here any more.' }] };
}

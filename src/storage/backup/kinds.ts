import { readClass } from '../../core/formats/class.ts';
import { readDesign } from '../../core/formats/design.ts';
import { readMake } from '../../core/formats/make.ts';
import { readOrder } from '../../core/formats/orders.ts';
import { readRing } from '../../core/formats/ring.ts';
import { checkEntry } from '../../core/formats/stash.ts';
import { readTying } from '../../core/formats/tying.ts';
import { readOwnWeave, readSwatch } from '../../core/formats/workshop.ts';
import { ok, type Result } from '../../core/result.ts';
import { append } from '../../core/stash/ledger.ts';
import type { Entry } from '../../core/stash/types.ts';

/** A record as a backup holds it: its key in its store, and its value. */
export interface Kept {
  readonly key: string;
  readonly value: unknown;
}

/** A kind of record that a backup holds. */
export interface RecordKind {
  readonly id:
    | 'designs'
    | 'rings'
    | 'weaves'
    | 'swatches'
    | 'stash'
    | 'orders'
    | 'classes'
    | 'pieces'
    | 'makes'
    | 'settings';
  readonly name: string;
  /** Whether a record can be read back; nothing else is ever written. */
  readonly read: (value: unknown) => Result<unknown>;
  /** When it was last changed, in ms; undefined where nobody wrote that down. */
  readonly changedAt: (value: unknown) => number | undefined;
}

const field = (value: unknown, name: string): unknown =>
  typeof value === 'object' && value !== null ? (value as Record<string, unknown>)[name] : undefined;
const date =
  (name: string) =>
  (value: unknown): number | undefined => {
    const at = field(value, name);
    return typeof at === 'number' ? at : undefined;
  };
const within =
  (name: string, read: (data: unknown) => Result<unknown>) =>
  (value: unknown): Result<unknown> =>
    read(field(value, name));
const never = () => undefined;

/** A whole ledger: every entry can be read, and each may follow the ones before it. */
export function readWholeLedger(value: unknown): Result<readonly Entry[]> {
  let ledger: readonly Entry[] = [];
  for (const entry of Array.isArray(value) ? (value as Entry[]) : []) {
    const checked = checkEntry(entry);
    if (!checked.ok) return checked;
    const next = append(ledger, entry);
    if (!next.ok) return next;
    ledger = next.value;
  }
  return ok(ledger);
}

/** In the order in which they are shown. The stash's ledger is one record: what was cut can’t be mixed from two of them. */
export const KINDS: readonly RecordKind[] = [
  { id: 'designs', name: 'Designs', read: within('design', readDesign), changedAt: date('updatedAt') },
  { id: 'rings', name: 'Rings', read: within('ring', readRing), changedAt: date('updatedAt') },
  { id: 'weaves', name: 'Weaves of your own', read: readOwnWeave, changedAt: date('updatedAt') },
  { id: 'swatches', name: 'Swatches', read: readSwatch, changedAt: never },
  { id: 'stash', name: 'Stash, as a whole', read: readWholeLedger, changedAt: never },
  { id: 'orders', name: 'Orders', read: within('order', readOrder), changedAt: date('updatedAt') },
  { id: 'classes', name: 'Classes', read: within('kits', readClass), changedAt: date('updatedAt') },
  {
    id: 'pieces',
    name: 'Pieces on the table',
    read: within('tying', readTying),
    changedAt: date('updatedAt'),
  },
  { id: 'makes', name: 'Finished pieces', read: within('make', readMake), changedAt: never },
  { id: 'settings', name: 'Habits and settings', read: ok, changedAt: never },
];

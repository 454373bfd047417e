import { type Contents, LEDGER_KEY } from './contents.ts';
import { type Kept, KINDS, type RecordKind } from './kinds.ts';

/** How a record of a backup stands to what is here. */
export type Standing =
  /** Not here. */
  | 'missing'
  | 'same'
  /** Changed in the backup after it was changed here. */
  | 'newer'
  | 'older'
  /** Not alike, and nobody wrote down which is later. */
  | 'differs'
  | 'unreadable';

export interface Compared {
  readonly kind: RecordKind;
  readonly records: readonly { readonly kept: Kept; readonly standing: Standing }[];
}

/** Every record of a backup against what is here, by its key and its date. */
export const compareBackup = (backup: Contents, here: Contents): Compared[] =>
  KINDS.flatMap((kind) => {
    const kept = backup.get(kind.id) ?? [];
    if (kept.length === 0) return [];
    const mine = new Map((here.get(kind.id) ?? []).map((k) => [k.key, k.value]));
    return [{ kind, records: kept.map((k) => ({ kept: k, standing: standingOf(kind, k, mine) })) }];
  });

function standingOf(kind: RecordKind, { key, value }: Kept, here: ReadonlyMap<string, unknown>): Standing {
  if (!isUnderItsKey(kind, key, value) || !kind.read(value).ok) return 'unreadable';
  if (!here.has(key)) return 'missing';
  const mine = here.get(key);
  if (sameText(value) === sameText(mine)) return 'same';
  if (kind.id === 'stash') return ledgersOf(value, mine);
  const [there, now] = [kind.changedAt(value), kind.changedAt(mine)];
  if (there === undefined || now === undefined || there === now) return 'differs';
  return there > now ? 'newer' : 'older';
}

/** A record is kept under the key that it names itself. */
function isUnderItsKey(kind: RecordKind, key: string, value: unknown): boolean {
  if (kind.id === 'stash') return key === LEDGER_KEY;
  if (kind.id === 'settings') return true;
  const own = value as { id?: unknown; patternId?: unknown; cordId?: unknown } | null;
  if (kind.id === 'swatches') return key === JSON.stringify([own?.patternId, own?.cordId]);
  return own?.id === key;
}

/** A ledger only grows: where one begins with the other it is the later one. */
function ledgersOf(there: unknown, here: unknown): Standing {
  const [a, b] = [there as unknown[], here as unknown[]];
  const [short, long] = a.length < b.length ? [a, b] : [b, a];
  const begins = short.every((entry, i) => sameText(entry) === sameText(long[i]));
  if (!begins) return 'differs';
  return a.length > b.length ? 'newer' : 'older';
}

/** Text that is the same for the same contents: who wrote a record, and how often, does not count. */
const sameText = (value: unknown): string =>
  JSON.stringify(value, (key, v: unknown) =>
    key === 'revision' || key === 'writer' || key === 'previous' ? undefined : v,
  );

/** What is brought in: all that is missing or newer; with `replaces` also what is older or only different. */
export const isBroughtIn = (standing: Standing, replaces: boolean): boolean =>
  standing === 'missing' ||
  standing === 'newer' ||
  (replaces && (standing === 'older' || standing === 'differs'));

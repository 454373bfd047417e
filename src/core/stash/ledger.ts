import { fail, ok, type Result } from '../result.ts';
import { formatLength } from '../units/index.ts';
import { type Entry, type Holding, SPREAD } from './types.ts';

/** What the stash holds, by lot, in the order in which lots came. Lots that are used up are kept at nothing. */
export type Stash = ReadonlyMap<string, Holding>;

/** Lengths nearer to nothing than this are nothing, in mm. */
const NOTHING_MM = 0.5;

const shown = (holding: Holding, amount: number): string =>
  holding.lot.kind === 'cord'
    ? formatLength(amount, { system: 'metric', kind: 'cut' })
    : `${Math.round(amount)}`;

/**
 * The stash after all entries of a ledger. Nothing is ever taken that is not there: the first entry that would is named, and
 * nothing comes back. An undone entry counts as never written.
 */
export function fold(entries: readonly Entry[]): Result<Stash> {
  const undone = new Set(entries.flatMap((e) => (e.what === 'undo' ? [e.entryId] : [])));
  const stash = new Map<string, Holding>();
  for (const entry of entries) {
    if (undone.has(entry.id)) continue;
    const done = apply(stash, entry);
    if (!done.ok) return done;
  }
  return ok(stash);
}

function apply(stash: Map<string, Holding>, entry: Entry): Result<undefined> {
  switch (entry.what) {
    case 'undo':
      return ok(undefined);
    case 'add':
      if (stash.has(entry.lot.id)) return wrong(entry, 'This lot is in the stash already.');
      if (!(entry.amount > 0)) return wrong(entry, 'There must be something to add.');
      stash.set(entry.lot.id, {
        lot: entry.lot,
        amount: entry.amount,
        out: 0,
        sd: entry.amount * SPREAD[entry.known],
        known: entry.known,
        since: entry.at,
      });
      return ok(undefined);
    case 'put-back': {
      // An offcut comes out of what was taken: it was cord of the lot before.
      const from = stash.get(entry.lotId);
      if (!from) return wrong(entry, 'The hank that it was cut from is not in the stash.');
      if (stash.has(entry.lot.id)) return wrong(entry, 'This offcut is in the stash already.');
      if (!(entry.amount > 0)) return wrong(entry, 'There must be something to put back.');
      if (entry.amount > from.out + NOTHING_MM)
        return wrong(entry, `Only ${shown(from, from.out)} were taken of it; no offcut of it can be longer.`);
      stash.set(entry.lotId, { ...from, out: Math.max(0, from.out - entry.amount) });
      stash.set(entry.lot.id, {
        lot: entry.lot,
        amount: entry.amount,
        out: 0,
        sd: entry.amount * SPREAD.tape,
        known: 'tape',
        since: entry.at,
      });
      return ok(undefined);
    }
    case 'take': {
      const holding = stash.get(entry.lotId);
      if (!holding) return wrong(entry, 'There is no such hank in the stash.');
      if (!(entry.amount > 0)) return wrong(entry, 'There must be something to take.');
      if (entry.amount > holding.amount + NOTHING_MM)
        return wrong(
          entry,
          `Only ${shown(holding, holding.amount)} are left of it; ${shown(holding, entry.amount)} can’t be taken.`,
        );
      const amount = Math.max(0, holding.amount - entry.amount);
      stash.set(entry.lotId, {
        ...holding,
        amount: amount < NOTHING_MM ? 0 : amount,
        out: holding.out + holding.amount - amount,
      });
      return ok(undefined);
    }
    case 'measure': {
      const holding = stash.get(entry.lotId);
      if (!holding) return wrong(entry, 'There is no such hank in the stash.');
      if (!(entry.amount >= 0)) return wrong(entry, 'It can’t be less than nothing.');
      stash.set(entry.lotId, {
        ...holding,
        amount: entry.amount,
        sd: entry.amount * SPREAD[entry.known],
        known: entry.known,
        since: entry.at,
      });
      return ok(undefined);
    }
    case 'move': {
      const holding = stash.get(entry.lotId);
      if (!holding) return wrong(entry, 'There is no such hank in the stash.');
      const { place: _before, ...lot } = holding.lot;
      stash.set(entry.lotId, { ...holding, lot: entry.place ? { ...lot, place: entry.place } : lot });
      return ok(undefined);
    }
  }
}

const wrong = (entry: Entry, message: string) => fail({ code: 'stash.entry', path: `/${entry.id}`, message });

/** A ledger with one more entry, or why it can't be: the stash never holds less than nothing at any time of it. */
export function append(entries: readonly Entry[], entry: Entry): Result<readonly Entry[]> {
  if (entry.what === 'undo') {
    const target = entries.find((e) => e.id === entry.entryId);
    if (!target || target.what === 'undo') return wrong(entry, 'There is no such entry to undo.');
    if (entries.some((e) => e.what === 'undo' && e.entryId === entry.entryId))
      return wrong(entry, 'It is undone already.');
  }
  const next = [...entries, entry];
  const folded = fold(next);
  if (!folded.ok)
    return entry.what === 'undo'
      ? wrong(entry, `It can’t be undone: something later needs it. ${folded.issues[0]!.message}`)
      : folded;
  return ok(next);
}

/** Free cord by type and colour, longest first; lots that are used up are left out. */
export function shelf(
  stash: Stash,
): { key: string; cord: string; colour: string; holdings: Holding[]; totalMm: number }[] {
  const groups = new Map<string, { cord: string; colour: string; holdings: Holding[] }>();
  for (const holding of stash.values()) {
    const { kind, cord, colour } = holding.lot;
    if (kind !== 'cord' || !cord || !colour || holding.amount <= 0) continue;
    const key = `${cord}|${colour}`;
    const group = groups.get(key) ?? { cord, colour, holdings: [] };
    group.holdings.push(holding);
    groups.set(key, group);
  }
  return [...groups].map(([key, group]) => ({
    key,
    ...group,
    holdings: group.holdings.toSorted((a, b) => b.amount - a.amount),
    totalMm: group.holdings.reduce((sum, h) => sum + h.amount, 0),
  }));
}

/** What was added, taken and left over of all cord, in mm: what came in is what went out and what is there, but for re-measuring. */
export function balance(
  entries: readonly Entry[],
): Result<{ added: number; taken: number; measured: number; left: number }> {
  const undone = new Set(entries.flatMap((e) => (e.what === 'undo' ? [e.entryId] : [])));
  const stash = new Map<string, Holding>();
  const sums = { added: 0, taken: 0, measured: 0 };
  for (const entry of entries) {
    if (undone.has(entry.id)) continue;
    const before =
      entry.what === 'measure' || entry.what === 'take' ? (stash.get(entry.lotId)?.amount ?? 0) : 0;
    const done = apply(stash, entry);
    if (!done.ok) return done;
    if (entry.what === 'add' || entry.what === 'put-back') sums.added += entry.amount;
    if (entry.what === 'take') sums.taken += before - stash.get(entry.lotId)!.amount;
    if (entry.what === 'measure') sums.measured += entry.amount - before;
  }
  return ok({ ...sums, left: [...stash.values()].reduce((sum, h) => sum + h.amount, 0) });
}

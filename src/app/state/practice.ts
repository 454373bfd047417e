import useSWR from 'swr';
import { type Card, createEmptyCard, fsrs, Rating, State } from 'ts-fsrs';
import type { DrillCard, DrillKind } from '../../core/practice/types.ts';
import { deckInWorker } from '../../workers/outside/deck.ts';
import { useDatabase } from './services.tsx';

/** How a kind of drill goes: answers, right ones, and the seconds that these took together. */
export interface KindPace {
  readonly asked: number;
  readonly right: number;
  readonly rightSeconds: number;
}

interface Kept {
  /** What is kept of each drill, by its id. */
  readonly cards: Readonly<Record<string, Card>>;
  readonly kinds?: Readonly<Partial<Record<DrillKind, KindPace>>>;
}

const NOTHING: Kept = { cards: {} };
/** Someone who answers after more than this was away, in seconds. */
const MOST_COUNTED_S = 60;
const scheduler = fsrs();
/** An answer that took longer than this was not known at once, in seconds. */
const SLOW_S = 12;
/** Of so many drills that were never asked one is chosen. */
const NEW_AMONG = 6;

/** How well something is known. */
export type Standing = 'known' | 'shaky' | 'not tried';

/** A stored card's dates are texts once they come out of a file; in the browser's store they stay dates. */
const dueOf = (card: Card): number => new Date(card.due).getTime();

export function standingOf(card: Card | undefined): Standing {
  if (!card || card.reps === 0) return 'not tried';
  return card.state === State.Review && card.lapses < card.reps / 2 ? 'known' : 'shaky';
}

/** Every drill that can be asked; found once, off the page. */
export function useDeck() {
  const { data, error } = useSWR<readonly DrillCard[], Error>('deck', deckInWorker, {
    revalidateOnFocus: false,
    revalidateIfStale: false,
    revalidateOnReconnect: false,
  });
  return { cards: data, problem: error ? `The drills could not be found: ${error.message}` : undefined };
}

/** What has been practised, and when each drill comes again. */
export function usePractice() {
  const db = useDatabase();
  const { data, mutate } = useSWR('practice', async () => {
    const kept = (await db.get('settings', 'practice')) as Partial<Kept> | undefined;
    return typeof kept?.cards === 'object' && kept.cards !== null ? (kept as Kept) : NOTHING;
  });
  const kept = data ?? NOTHING;

  async function keep(next: Kept): Promise<void> {
    await mutate(next, { revalidate: false });
    await db.put('settings', next, 'practice', 'relaxed').catch(() => undefined);
  }

  return {
    isReady: data !== undefined,
    standing: (id: string): Standing => standingOf(kept.cards[id]),
    /** The drill that is due longest, else one that was never asked, else the one that is due next. */
    next: (
      all: readonly DrillCard[],
      now: number,
      uniform: () => number,
      not: string | undefined,
    ): DrillCard => {
      const others = all.filter((c) => c.id !== not);
      const tried = others
        .filter((c) => kept.cards[c.id])
        .toSorted((a, b) => dueOf(kept.cards[a.id]!) - dueOf(kept.cards[b.id]!));
      if (tried[0] && dueOf(kept.cards[tried[0].id]!) <= now) return tried[0];
      const fresh = others.filter((c) => !kept.cards[c.id]);
      return fresh[Math.floor(uniform() * Math.min(NEW_AMONG, fresh.length))] ?? tried[0] ?? all[0]!;
    },
    pace: (kind: DrillKind): KindPace | undefined => kept.kinds?.[kind],
    answered: ({ id, kind }: DrillCard, isRight: boolean, seconds: number, now: number): Promise<void> => {
      const before: Card = kept.cards[id] ?? createEmptyCard(new Date(now));
      const rating = !isRight ? Rating.Again : seconds > SLOW_S ? Rating.Hard : Rating.Good;
      const { card } = scheduler.next({ ...before, due: new Date(before.due) }, new Date(now), rating);
      const { asked = 0, right = 0, rightSeconds = 0 } = kept.kinds?.[kind] ?? {};
      const pace: KindPace = {
        asked: asked + 1,
        right: right + (isRight ? 1 : 0),
        rightSeconds: rightSeconds + (isRight ? Math.min(seconds, MOST_COUNTED_S) : 0),
      };
      return keep({ cards: { ...kept.cards, [id]: card }, kinds: { ...kept.kinds, [kind]: pace } });
    },
    forget: () => keep(NOTHING),
  };
}

import type { DrillCard } from '../../core/practice/types.ts';
import { ok } from '../../core/result.ts';
import type { DeckMessage } from '../protocol.ts';
import { runInWorker } from './run.ts';

/** Every drill that can be asked, found off the page. Throws in words where the worker fails. */
export async function deckInWorker(): Promise<readonly DrillCard[]> {
  const deck = await runInWorker<DeckMessage, readonly DrillCard[]>(
    new Worker(new URL('../inside/deck.worker.ts', import.meta.url), { type: 'module' }),
    undefined,
    { hear: (cards) => ok(cards), cancelled: 'Stopped before the drills were found.' },
  ).result;
  if (!deck.ok) throw new Error(deck.issues[0]!.message);
  return deck.value;
}

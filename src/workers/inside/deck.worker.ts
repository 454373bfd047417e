import { drillCards } from '../../core/practice/drills.ts';
import type { DeckMessage } from '../protocol.ts';

/** Finds every drill that can be asked, trying each weave once: too long for the page's thread. */
self.onmessage = () => self.postMessage(drillCards() satisfies DeckMessage);

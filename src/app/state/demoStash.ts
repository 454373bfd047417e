import file from '../../../examples/stash/observatory.json';
import { parseStash } from '../../core/formats/stash.ts';
import type { Entry } from '../../core/stash/types.ts';

/** The stall's shelf: hanks, spools, offcuts and a drawer of hardware. */
export function demoLedger(): readonly Entry[] {
  const read = parseStash(JSON.stringify(file));
  return read.ok ? read.value : [];
}

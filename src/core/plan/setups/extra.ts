import type { ExtraCord } from '../../closures/types.ts';
import { cordLetter } from '../../colour/palette.ts';
import type { CordCut } from '../types.ts';
import type { SetupContext } from './context.ts';
import { finish } from './finish.ts';

/** Cords that the closure needs beside the weave's: sliders, keepers, control loops. Lettered on after the others. */
export const extraCords = (
  setup: Pick<SetupContext, 'resolved' | 'metrics' | 'band' | 'q'>,
  extra: readonly ExtraCord[],
  lettered: number,
): CordCut[] =>
  extra.map((cord, i) =>
    finish(setup, {
      index: Math.max(0, setup.resolved.colours.length - 1),
      letter: cordLetter(lettered + i),
      cordType: cord.cordType,
      isExtra: true,
      role: cord.role,
      parts: cord.parts,
      fold: cord.fold,
    }),
  );

import type { ClassOfKits } from '../../../../core/formats/class.ts';

/** How a part of a class keeps a change. */
export type KeepClass = (
  patch: {
    readonly [K in keyof ClassOfKits]?: ClassOfKits[K] | undefined;
  },
) => Promise<void>;

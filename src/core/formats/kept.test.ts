import { describe, expect, it } from 'vitest';
import type { SolvedWeave } from '../patterns/types.ts';
import type { Swatch } from '../usage/swatch.ts';
import type { OwnWeave as OwnWeaveFile } from './own-weave.gen.ts';
import type { Swatch as SwatchFile } from './swatch.gen.ts';
import type { Tying as TyingFile } from './tying.gen.ts';
import type { Tying } from './tying.ts';
import type { OwnWeave } from './workshop.ts';

/** Names of fields, however deep, that a value may have and a file’s schema does not know: what has one could not be read back. */
type Unknown<T, F> = T extends readonly (infer A)[]
  ? F extends readonly (infer B)[]
    ? Unknown<A, B>
    : never
  : T extends object
    ? { [K in keyof T]-?: K extends keyof F ? Unknown<NonNullable<T[K]>, NonNullable<F[K]>> : K }[keyof T]
    : never;
type None<T> = [T] extends [never] ? true : false;

describe('what is kept', () => {
  it('has no field that its schema does not know', () => {
    // Told by the compiler: a field that is added to a type and not to its schema fails there.
    const all: true[] = [
      true satisfies None<Unknown<Omit<Tying, 'design'>, Omit<TyingFile, 'design'>>>,
      true satisfies None<Unknown<OwnWeave, OwnWeaveFile>>,
      true satisfies None<Unknown<SolvedWeave, OwnWeaveFile['solved']>>,
      true satisfies None<Unknown<Swatch, SwatchFile>>,
    ];
    expect(all).not.toContain(false);
    // And it does tell: a field too many is named.
    type More = Unknown<{ a: { b: number; c?: number } }, { a: { b: number } }>;
    expect('c' satisfies More).toBe('c');
  });
});

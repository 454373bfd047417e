import type { ClassOfKits } from '../formats/class.ts';
import type { StallFigures } from '../formats/stall.ts';
import { type Catalogue, type Made, makeOf } from '../orders/make.ts';
import type { Issue } from '../result.ts';
import { girthOfAge } from '../stall/usual.ts';

/** How a pupil's wrist is known. */
export type KnownBy = 'measured' | 'age' | 'usual';

/** One kit of a class: whose, in which size, and what is in it. */
export interface Kit {
  /** 1, 2, 3 … over the class, spares last. */
  readonly number: number;
  readonly name: string;
  readonly isSpare: boolean;
  readonly isLeftHanded: boolean;
  readonly girthMm: number;
  readonly known: KnownBy;
  readonly design: string;
  readonly designName: string;
  readonly made: Made | undefined;
  readonly issue: Issue | undefined;
}

/** A wrist of someone of whom nothing is known, in mm. */
const USUAL_GIRTH_MM = 155;

/** Every kit of a class, the spare ones as large as is said, else as the largest wrist of the class: a long kit can be cut down. */
export function kitsOf(kits: ClassOfKits, catalogue: Catalogue, figures: StallFigures): Kit[] {
  const sized = kits.pupils.map((p) => {
    const byAge = p.age === undefined ? undefined : girthOfAge(figures, p.age);
    const known: KnownBy = p.girthMm !== undefined ? 'measured' : byAge !== undefined ? 'age' : 'usual';
    return { p, girthMm: p.girthMm ?? byAge ?? USUAL_GIRTH_MM, known };
  });
  const largest = Math.max(USUAL_GIRTH_MM, ...sized.map((s) => s.girthMm));
  const first = kits.designs[0]!;
  const all = [
    ...sized.map(({ p, girthMm, known }) => ({
      name: p.name,
      isSpare: false,
      isLeftHanded: p.isLeftHanded ?? false,
      girthMm,
      known,
      chosen: kits.designs.find((d) => d.design === p.design) ?? first,
    })),
    ...Array.from({ length: kits.spares }, (_, i) => ({
      name: `Spare ${i + 1}`,
      isSpare: true,
      isLeftHanded: false,
      girthMm: kits.spareGirthMm ?? largest,
      known: (kits.spareGirthMm === undefined ? 'usual' : 'measured') as KnownBy,
      chosen: first,
    })),
  ];
  const worked = new Map<string, ReturnType<typeof makeOf>>();
  return all.map(({ chosen, ...kit }, i): Kit => {
    const key = `${chosen.design} ${kit.girthMm}`;
    const made =
      worked.get(key) ??
      makeOf({ design: chosen.design, name: chosen.name, girthMm: kit.girthMm }, catalogue, figures);
    worked.set(key, made);
    return {
      ...kit,
      number: i + 1,
      design: chosen.design,
      designName: chosen.name,
      made: made.ok ? made.value : undefined,
      issue: made.ok ? undefined : made.issues[0],
    };
  });
}

/** What came of a class: how many finished, in which time, what was left over, and how it fits. */
export interface ClassResult {
  readonly told: number;
  readonly done: number;
  /** Half needed no longer than this, in minutes; nothing where nobody says. */
  readonly medianMinutes: number | undefined;
  readonly meanLeftMm: number | undefined;
  readonly fits: Readonly<Record<'tight' | 'right' | 'loose', number>>;
}

export function resultOf({ pupils }: Pick<ClassOfKits, 'pupils'>): ClassResult {
  const told = pupils.flatMap((p) => (p.result ? [p.result] : []));
  const minutes = told.flatMap((r) => r.minutes ?? []).toSorted((a, b) => a - b);
  const left = told.flatMap((r) => r.leftMm ?? []);
  const middle = minutes.length / 2;
  return {
    told: told.length,
    done: told.filter((r) => r.isDone).length,
    medianMinutes:
      minutes.length === 0 ? undefined : (minutes[Math.ceil(middle) - 1]! + minutes[Math.floor(middle)]!) / 2,
    meanLeftMm: left.length === 0 ? undefined : left.reduce((a, b) => a + b, 0) / left.length,
    fits: {
      tight: told.filter((r) => r.fit === 'tight').length,
      right: told.filter((r) => r.fit === 'right').length,
      loose: told.filter((r) => r.fit === 'loose').length,
    },
  };
}

/** How one cord looks. Letters and textures tell cords apart where hue cannot. */
export interface CordColour {
  readonly id: string;
  readonly name: string;
  /** The maker's own short name; otherwise cords are lettered by their place in the design. */
  readonly letter?: string;
  readonly base: string;
  readonly look: Look;
  /** Flecks, stripe, patches or the other half; unused by solid cords. */
  readonly accents: readonly string[];
  /** Size of flecks, patches or turns over the usual. */
  readonly scale?: number;
}

export type Look = 'solid' | 'flecked' | 'striped' | 'camouflage' | 'two-tone';

export const LOOKS: readonly { readonly look: Look; readonly name: string; readonly accents: number }[] = [
  { look: 'solid', name: 'solid', accents: 0 },
  { look: 'flecked', name: 'flecked', accents: 2 },
  { look: 'striped', name: 'striped, or with a tracer', accents: 1 },
  { look: 'camouflage', name: 'camouflage patches', accents: 3 },
  { look: 'two-tone', name: 'two-tone', accents: 1 },
];

export const PALETTE: readonly CordColour[] = [
  { id: 'dusk', name: 'Dusk', base: '#3f5fae', look: 'solid', accents: [] },
  { id: 'ember', name: 'Ember', base: '#d4572a', look: 'solid', accents: [] },
  { id: 'pole-white', name: 'Pole White', base: '#e9e7df', look: 'solid', accents: [] },
  { id: 'graphite', name: 'Graphite', base: '#454b55', look: 'solid', accents: [] },
  { id: 'aurora', name: 'Aurora', base: '#2f9e77', look: 'solid', accents: [] },
  { id: 'sodium', name: 'Sodium', base: '#f0cf33', look: 'solid', accents: [] },
  { id: 'comet', name: 'Comet', base: '#27456b', look: 'flecked', accents: ['#dfeaf5', '#7fb4d8'] },
  { id: 'meridian', name: 'Meridian', base: '#7a3f63', look: 'striped', accents: ['#f0d9a8'] },
];

/** A cord by its id: the maker's own that the design carries, else the stall's. */
export const findColour = (id: string, own: readonly CordColour[] = []): CordColour | undefined =>
  own.find((c) => c.id === id) ?? PALETTE.find((c) => c.id === id);

/** Cords in the order of their names, whatever script those are in. */
export const byName = (looks: readonly CordColour[]): CordColour[] => {
  const order = new Intl.Collator(undefined, { numeric: true });
  return looks.toSorted((a, b) => order.compare(a.name, b.name));
};

/**
 * An id that none of these cords has: ids tell cords apart and never come from names, which may be in any script, or
 * the same twice.
 */
export function freeLookId(looks: readonly CordColour[]): string {
  const taken = new Set([...looks, ...PALETTE].map((l) => l.id));
  for (let n = 1; ; n++) {
    const id = `own-${n}`;
    if (!taken.has(id)) return id;
  }
}

/**
 * Cords brought into a design that has some: one with the same name takes that one's place, any other gets an id of its
 * own. No more than `most` in all; what finds no room is handed back.
 */
export function bringLooks(
  own: readonly CordColour[],
  brought: readonly CordColour[],
  most: number,
): { readonly looks: readonly CordColour[]; readonly left: readonly CordColour[] } {
  let looks = [...own];
  const left: CordColour[] = [];
  for (const look of brought) {
    const same = looks.find((l) => l.name === look.name);
    if (same) looks = looks.map((l) => (l === same ? { ...look, id: same.id } : l));
    else if (looks.length >= most) left.push(look);
    else {
      const isTaken = [...looks, ...PALETTE].some((l) => l.id === look.id);
      looks.push(isTaken ? { ...look, id: freeLookId(looks) } : look);
    }
  }
  return { looks, left };
}

/** Cords of one piece are lettered in the order in which they are listed. */
export const cordLetter = (index: number): string => String.fromCharCode(65 + index);

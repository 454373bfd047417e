/** How one cord looks. Letters and textures tell cords apart where hue cannot. */
export interface CordColour {
  readonly id: string;
  readonly name: string;
  readonly base: string;
  readonly look: 'solid' | 'flecked' | 'striped';
  /** Flecks or stripes; unused by solid cords. */
  readonly accents: readonly string[];
}

export const PALETTE: readonly CordColour[] = [
  { id: 'dusk', name: 'Dusk', base: '#3f5fae', look: 'solid', accents: [] },
  { id: 'ember', name: 'Ember', base: '#d4572a', look: 'solid', accents: [] },
  { id: 'pole-white', name: 'Pole White', base: '#e9e7df', look: 'solid', accents: [] },
  { id: 'graphite', name: 'Graphite', base: '#454b55', look: 'solid', accents: [] },
  { id: 'aurora', name: 'Aurora', base: '#2f9e77', look: 'solid', accents: [] },
  { id: 'sodium', name: 'Sodium', base: '#e8ae2c', look: 'solid', accents: [] },
  { id: 'comet', name: 'Comet', base: '#27456b', look: 'flecked', accents: ['#dfeaf5', '#7fb4d8'] },
  { id: 'meridian', name: 'Meridian', base: '#7a3f63', look: 'striped', accents: ['#f0d9a8'] },
];

export const findColour = (id: string): CordColour | undefined => PALETTE.find((c) => c.id === id);

/** Cords of one piece are lettered in the order in which they are listed. */
export const cordLetter = (index: number): string => String.fromCharCode(65 + index);

/** What can hurt, in plain words, at the step where it can. */
export interface Caution {
  readonly id: string;
  readonly text: string;
  /** Read and answered once in a session before the step is gone through. */
  readonly isAsked: boolean;
}

export const HEAT: Caution = {
  id: 'heat',
  isAsked: true,
  text: 'Molten cord sticks and burns, and the lighter’s metal gets hot. Point the flame away from you and from others, keep it off your face, work in moving air, and wait before you touch. Local rules about flames come first.',
};

export const BLADE: Caution = {
  id: 'blade',
  isAsked: true,
  text: 'Cut away from the hand that holds the cord, on a mat, and put the blade down closed.',
};

export const SMALL: Caution = {
  id: 'small parts',
  isAsked: false,
  text: 'Snipped ends, beads and buckle halves choke small children and pets: sweep them up now.',
};

export const LOAD: Caution = {
  id: 'load',
  isAsked: false,
  text: 'This piece carries a load: do not melt or join the cord that holds it. A home-made collar is not rated; for a leash use rated hardware and ask someone who is licensed to judge it.',
};

export const SPRING_BAR: Caution = {
  id: 'spring bar',
  isAsked: false,
  text: 'Pull at each spring bar before you trust a watch to it.',
};

export const SLIDING_TAIL: Caution = {
  id: 'sliding tail',
  isAsked: false,
  text: 'Seal a tail to its own knot, never to the cord that slides in it.',
};

/** Cautions of a product or closure, as sentences of their own. */
export const wearing = (texts: readonly string[]): Caution[] =>
  texts.map((text, i) => ({ id: `wear ${i + 1}`, isAsked: false, text }));

/** What an adult does in the child's place. */
export const forAdult = (text: string): string => `The adult does this one: ${text}`;

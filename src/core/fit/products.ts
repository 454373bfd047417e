/** A product is a record: what is measured and what is sensible. Adding a product is adding a record. */
export interface Product {
  readonly id: string;
  readonly name: string;
  /** What the girth is called, and how it is taken. */
  readonly girth: {
    readonly name: string;
    readonly how: string;
    readonly leastMm: number;
    readonly mostMm: number;
    readonly usualMm: number;
  };
  readonly cautions: readonly string[];
}

export const PRODUCTS: readonly Product[] = [
  {
    id: 'bracelet',
    name: 'bracelet',
    girth: {
      name: 'wrist',
      how: 'Lay a tape round the wrist where the band will sit. It should touch and not squeeze. A wrist is an oval: the girth is what counts.',
      leastMm: 60,
      mostMm: 350,
      usualMm: 170,
    },
    cautions: [
      'A band that does not break away can catch: not near machines, not on climbing gear, not for a small child asleep, none for infants. Small parts can choke.',
      'Cord and buckle are not rated for climbing, lifting or life support, whatever a label says.',
    ],
  },
];

export const findProduct = (id: string): Product | undefined => PRODUCTS.find((p) => p.id === id);

/** A key of the Bench, and what it does: shown on the sheet of keys and found in the command box. */
interface BenchKey {
  /** As it is pressed. */
  readonly key: string;
  readonly does: string;
  /** Other words that people may look for. */
  readonly also?: string;
}

/** Keys that open a word of the sentence or of the card, by the word's letter. */
export const WORD_KEYS: readonly BenchKey[] = [
  { key: 'p', does: 'product', also: 'bracelet cuff strap collar anklet' },
  { key: 'n', does: 'wearer', also: 'name who' },
  { key: 'g', does: 'girth', also: 'wrist neck ankle size length' },
  { key: 'e', does: 'fit', also: 'ease slack loose snug' },
  { key: 'k', does: 'weave', also: 'pattern knot braid bar' },
  { key: 'c', does: 'cord', also: 'nylon polyester cotton thickness' },
  { key: 's', does: 'set-up', also: 'folded fused separate jig' },
  { key: '1', does: 'colour of the first cord', also: 'color' },
  { key: '2', does: 'colour of the second cord', also: 'color' },
  { key: 'h', does: 'hand, lugs, case, ring: what else is measured', also: 'measures' },
  { key: 'r', does: 'arrangement of the cords', also: 'strands gallery' },
  { key: 'l', does: 'colours along the length', also: 'sequence bands morse' },
  { key: 'a', does: 'add-ons', also: 'bead charm ring' },
  { key: 'b', does: 'closure', also: 'buckle clasp loop sliding' },
  { key: 'm', does: 'chance, hand length, rounding, wetting', also: 'spare margin cut' },
];

/** The others; they are read on the sheet. */
export const OTHER_KEYS: readonly (readonly [string, string])[] = [
  ['1 to 6', 'colours'],
  ['← →', 'on the girth: a step, with Shift ten'],
  ['O', 'designs'],
  ['U', 'inches or centimetres'],
  ['Ctrl Z, Ctrl Shift Z', 'undo, redo'],
  ['Ctrl K', 'everything by its name'],
  ['?', 'this sheet'],
];

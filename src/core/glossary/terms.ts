/** What a word's picture shows; drawn from the solved strands and diagrams of the library. */
export type TermPicture =
  /** A stretch of a weave with one kind of strand in colour, the rest quiet. */
  | {
      readonly kind: 'strands';
      readonly weave: string;
      readonly lit: 'cores' | 'spine' | 'ends' | 'first end' | 'second end' | 'all';
      readonly views: readonly ('front' | 'back' | 'edge')[];
    }
  /** The first row of a weave, loose, after so many moves; a fraction is the way that the next end has gone. */
  | { readonly kind: 'row'; readonly weave: string; readonly moves: number }
  /** A knot laid loosely after so many stages. */
  | { readonly kind: 'stage'; readonly knot: string; readonly stages: number }
  /** A knot pulled tight. */
  | { readonly kind: 'tight'; readonly knot: string }
  /** The ends of a usual bracelet with a closure, or the one where it starts. */
  | {
      readonly kind: 'closure';
      readonly closure: string;
      readonly weave: string;
      readonly only?: 'start';
    };

/** A word of the craft: what it means, and what it looks like. */
export interface Term {
  readonly id: string;
  readonly word: string;
  /** How it is also written in a sentence. */
  readonly forms: readonly string[];
  readonly means: string;
  readonly picture: TermPicture;
  /** What the picture shows, for those who can't see it and as its caption. */
  readonly shows: string;
}

const bar = (lit: Extract<TermPicture, { kind: 'strands' }>['lit']): TermPicture => ({
  kind: 'strands',
  weave: 'solomon-bar',
  lit,
  views: ['front'],
});

/** The words that makers need, in the order in which a band is made. */
export const TERMS: readonly Term[] = [
  {
    id: 'working-end',
    word: 'working end',
    forms: ['working ends', 'working end'],
    means: 'An end of the cord that you tie with. It uses up many times the length of the band.',
    picture: { kind: 'row', weave: 'solomon-bar', moves: 0.7 },
    shows: 'One working end on its way across the cores',
  },
  {
    id: 'core',
    word: 'core',
    forms: ['cores', 'core'],
    means: 'A cord that runs straight through the middle. The working ends are tied round it.',
    picture: bar('cores'),
    shows: 'A bar with its cores in colour: they only just show between the rows',
  },
  {
    id: 'standing-part',
    word: 'standing part',
    forms: ['standing parts', 'standing part'],
    means: 'The rest of the cord: the part that stays still while its end is tied.',
    picture: { kind: 'stage', knot: 'overhand', stages: 2 },
    shows: 'The end that is led is bright; the dim cord behind it is the standing part',
  },
  {
    id: 'bight',
    word: 'bight',
    forms: ['bights', 'bight'],
    means:
      'A fold in the cord that does not cross itself. Round a ring knot, each scallop of the edge is one.',
    picture: { kind: 'closure', closure: 'knot-loop', weave: 'plain-band-2', only: 'start' },
    shows: 'The fold at the start of a band: this one is left open as a loop',
  },
  {
    id: 'row',
    word: 'row',
    forms: ['rows', 'row'],
    means:
      'One round of moves, after which every end is ready for the next. The length of a band is counted in rows.',
    picture: { kind: 'row', weave: 'solomon-bar', moves: 2 },
    shows: 'A whole row, before it is drawn tight',
  },
  {
    id: 'bump',
    word: 'bump',
    forms: ['bumps', 'bump'],
    means:
      'The small bulge that a row leaves at an edge; in most bars left and right by turns. Count both edges and you have counted the rows.',
    picture: bar('second end'),
    shows: 'The cord that makes the bumps, in colour: one a row, by turns at either edge',
  },
  {
    id: 'face',
    word: 'face',
    forms: ['faces', 'face'],
    means: 'A side of the band. Front and back can show different colours.',
    picture: { kind: 'strands', weave: 'solomon-bar', lit: 'first end', views: ['front', 'back'] },
    shows: 'The same stretch from the front and from the back',
  },
  {
    id: 'edge',
    word: 'edge',
    forms: ['edges', 'edge'],
    means: 'The narrow side of the band, where the bumps are.',
    picture: { kind: 'strands', weave: 'solomon-bar', lit: 'second end', views: ['edge'] },
    shows: 'A bar seen from its edge',
  },
  {
    id: 'spine',
    word: 'spine',
    forms: ['spines', 'spine'],
    means: 'A cord laid along the middle of the front, held by the rows.',
    picture: { kind: 'strands', weave: 'laced-bar-spine', lit: 'spine', views: ['front'] },
    shows: 'A laced bar, its spine in colour',
  },
  {
    id: 'braid',
    word: 'braid',
    forms: ['braids', 'braid'],
    means: 'A weave without cores: every strand takes its turn to cross the others.',
    picture: { kind: 'strands', weave: 'flat-braid-4', lit: 'first end', views: ['front'] },
    shows: 'A flat braid of four, one strand in colour',
  },
  {
    id: 'half-hitch',
    word: 'half hitch',
    forms: ['half hitches', 'half hitch'],
    means: 'One turn round something, the end led out under itself.',
    picture: { kind: 'tight', knot: 'half-hitch' },
    shows: 'A half hitch round a cord, pulled tight',
  },
  {
    id: 'larks-head',
    word: 'lark’s head',
    forms: ['lark’s heads', 'lark’s head', "lark's head", 'cow hitches', 'cow hitch'],
    means: 'How cords are hitched to a bar: the fold goes over it, and both ends through the fold.',
    picture: { kind: 'tight', knot: 'larks-head' },
    shows: 'A lark’s head round a cord, pulled tight',
  },
  {
    id: 'overhand',
    word: 'overhand knot',
    forms: ['overhand knots', 'overhand knot', 'overhands', 'overhand'],
    means: 'The plainest knot: a loop, and the end through it.',
    picture: { kind: 'stage', knot: 'overhand', stages: 3 },
    shows: 'An overhand knot, laid loosely',
  },
  {
    id: 'diamond',
    word: 'diamond knot',
    forms: ['diamond knots', 'diamond knot', 'diamonds', 'diamond'],
    means: 'A round knot of two cords, used as a button in a loop.',
    picture: { kind: 'tight', knot: 'diamond' },
    shows: 'A diamond knot, pulled tight',
  },
  {
    id: 'stopper',
    word: 'stopper',
    forms: ['stoppers', 'stopper'],
    means: 'A knot that is too thick to be pulled through where the cord runs.',
    picture: { kind: 'closure', closure: 'knot-loop', weave: 'solomon-bar' },
    shows: 'A loop at one end and its stopper at the other',
  },
  {
    id: 'sliding-knot',
    word: 'sliding knot',
    forms: ['sliding knots', 'sliding knot'],
    means: 'A knot tied round another cord, which can be pushed along it and stays where it is left.',
    picture: { kind: 'tight', knot: 'sliding-2' },
    shows: 'A sliding knot of two turns, pulled tight round its cord',
  },
  {
    id: 'friction-loop',
    word: 'friction loop',
    forms: ['friction loops', 'friction loop'],
    means: 'A loop that grips the ends that run through it, so that a cinch stays where it is pulled.',
    picture: { kind: 'closure', closure: 'cinch', weave: 'solomon-bar' },
    shows: 'A cinch: the friction loop, and the running ends with their stopper',
  },
  {
    id: 'hitch',
    word: 'clove hitch',
    forms: ['clove hitches', 'clove hitch'],
    means: 'Two half hitches the same way round: it grips without being drawn very hard.',
    picture: { kind: 'tight', knot: 'clove-hitch' },
    shows: 'A clove hitch round a cord, pulled tight',
  },
];

export const findTerm = (id: string): Term | undefined => TERMS.find((t) => t.id === id);

/** A piece of text: plain, or a word that has an entry. */
export type TextPart = string | { readonly text: string; readonly term: Term };

const FORMS = TERMS.flatMap((term) => term.forms.map((form) => ({ form, term }))).toSorted(
  (a, b) => b.form.length - a.form.length,
);
const ESCAPED = FORMS.map(({ form }) => form.replaceAll(/[.*+?^${}()|[\]\\]/g, String.raw`\$&`));
const ANY = new RegExp(String.raw`(?<![\p{L}\p{N}])(?:${ESCAPED.join('|')})(?![\p{L}\p{N}])`, 'giu');

/** Words with an entry in some texts, by their ids. */
export const termsIn = (texts: readonly string[]): ReadonlySet<string> =>
  new Set(
    texts.flatMap((text) => withTerms(text).flatMap((p) => (typeof p === 'string' ? [] : [p.term.id]))),
  );

/** A text with the words that have an entry found in it, each once: the longest first, whole words only. */
export function withTerms(text: string, told: ReadonlySet<string> = new Set()): TextPart[] {
  const parts: TextPart[] = [];
  const seen = new Set(told);
  let from = 0;
  for (const match of text.matchAll(ANY)) {
    const found = FORMS.find(({ form }) => form === match[0].toLowerCase());
    if (!found || seen.has(found.term.id)) continue;
    seen.add(found.term.id);
    if (match.index > from) parts.push(text.slice(from, match.index));
    parts.push({ text: match[0], term: found.term });
    from = match.index + match[0].length;
  }
  if (from < text.length || parts.length === 0) parts.push(text.slice(from));
  return parts;
}

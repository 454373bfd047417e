import type { CordColour } from '../colour/palette.ts';
import type { CordType } from '../cord/cords.ts';
import { fail, ok, type Result } from '../result.ts';
import { parseLength } from '../units/index.ts';
import { readPart } from './parts.ts';
import type { Form, Known, Lot } from './types.ts';

/** What a typed line says: so many lots, each like this. */
export interface Delivery {
  readonly count: number;
  readonly lot: Omit<Lot, 'id'>;
  readonly amount: number;
  readonly known: Known;
}

export interface Shop {
  readonly colours: readonly CordColour[];
  readonly cords: readonly CordType[];
  /** The maker's own names for colours, by what they write. */
  readonly aliases?: Readonly<Record<string, string>>;
}

/** Code of an issue about a word for a colour that nobody knows: the word is its path, so that it can be named once. */
export const UNKNOWN_COLOUR = 'stash.colour';

const COUNT = /^\s*(\d+)\s*[×x*]\s*/i;
const PRICE = /[,;]?\s*(\d+(?:[.,]\d{1,2})?)\s*(each|in all|together|a piece)?\s*$/i;
const PLACE = /\s*[,;]?\s*\b(?:in(?!\s+all\b)|place:)\s+(?:the\s+)?([^,;]+)$/i;
const FORM = /\b(hanks?|spools?|offcuts?|box(?:es)?)\b/i;
const LENGTH = /(\d+(?:[.,]\d+)?(?:\s+\d\/\d)?)\s*(mm|cm|m|in|ft|"|'|″|′)(?![\p{L}])/giu;
const MOST_LOTS = 200;

/**
 * Reads a line as a maker types it: `3 × 15 m Dusk 4 mm, 6.20 each`, `offcut 1.2 m Ember, in the blue box`,
 * `2 × side-release buckle 15 mm, 0.40 each`. The first length of cord is how long it is, the one under 10 mm how thick.
 */
export function parseLine(text: string, shop: Shop): Result<Delivery> {
  let rest = text.trim();
  if (rest === '') return wrong('Type what came in, for example “3 × 15 m Dusk 4 mm, 6.20 each”.');
  const count = COUNT.exec(rest);
  if (count) rest = rest.slice(count[0].length);
  const lots = count ? Number(count[1]) : 1;
  if (lots < 1 || lots > MOST_LOTS) return wrong(`Add between 1 and ${MOST_LOTS} at a time.`);
  const place = PLACE.exec(rest);
  if (place) rest = rest.slice(0, place.index);
  const price = /[,;]/.test(rest) || /each|in all|together|a piece\s*$/i.test(rest) ? PRICE.exec(rest) : null;
  if (price && !/(mm|cm|m|in|ft)\s*$/i.test(rest)) rest = rest.slice(0, price.index);
  const isPriced = price !== null && price.index === rest.length;
  const form = FORM.exec(rest);
  if (form) rest = rest.replace(form[0], ' ');
  const lengths = [...rest.matchAll(LENGTH)].map((m) => ({
    text: m[0],
    mm: parseLength(m[0].replace(',', '.')),
  }));
  const words = rest.replace(LENGTH, ' ').replace(/[,;]/g, ' ').replace(/\s+/g, ' ').trim();
  const cents = isPriced ? Math.round(Number(price[1]!.replace(',', '.')) * 100) : undefined;
  const each =
    cents === undefined
      ? undefined
      : /in all|together/i.test(price![2] ?? '')
        ? Math.round(cents / lots)
        : cents;
  const colour = colourOf(words, shop);
  if (!colour)
    return hardware({ text, words, lengths: lengths.map((l) => l.text), lots, place: place?.[1], each });
  const thin = lengths.find((l) => l.mm.ok && l.mm.value < 10);
  const long = lengths.find((l) => l.mm.ok && l.mm.value >= 10);
  if (!long?.mm.ok) return wrong(`How long is it? Write a length, for example “15 m ${colour.name}”.`);
  const cord = cordOf(words, thin?.mm.ok ? thin.mm.value : undefined, shop);
  if (!cord)
    return wrong(
      'There is no such cord. Write its thickness, for example “4 mm”, and “cotton” or “polyester” where it is not nylon.',
    );
  const shape = formOf(form?.[1]);
  return ok({
    count: lots,
    amount: long.mm.value,
    known: shape === 'offcut' ? 'tape' : 'pack',
    lot: {
      kind: 'cord',
      cord: cord.id,
      colour: colour.id,
      form: shape ?? 'hank',
      ...(place ? { place: place[1]!.trim() } : {}),
      ...(each === undefined ? {} : { priceCents: each }),
    },
  });
}

interface Hardware {
  readonly text: string;
  readonly words: string;
  readonly lengths: readonly string[];
  readonly lots: number;
  readonly place: string | undefined;
  readonly each: number | undefined;
}

/** What is no cord is hardware: it is counted in one box. */
function hardware({ words, lengths, lots, place, each }: Hardware): Result<Delivery> {
  if (!/\b(buckle|shackle|ring|bead|clasp|toggle|cap|bar|charm|tag)s?\b/i.test(words))
    return fail({
      code: UNKNOWN_COLOUR,
      path: words,
      message: `Which colour is it? “${words || 'this'}” is no colour of yours and no buckle, ring or bead.`,
    });
  const part = readPart([words, ...lengths].join(' '));
  return ok({
    count: 1,
    amount: lots,
    known: 'count',
    lot: {
      kind: 'hardware',
      name: [words, ...lengths].join(' '),
      ...(part ? { part } : {}),
      form: 'box',
      ...(place ? { place: place.trim() } : {}),
      ...(each === undefined ? {} : { priceCents: each * lots }),
    },
  });
}

function colourOf(words: string, { colours, aliases = {} }: Shop): CordColour | undefined {
  const lower = ` ${words.toLowerCase()} `;
  const alias = Object.keys(aliases).find((name) => lower.includes(` ${name.toLowerCase()} `));
  if (alias) return colours.find((c) => c.id === aliases[alias]);
  // The longest name that is said: “Pole White” before “White”.
  return colours
    .filter((c) => lower.includes(` ${c.name.toLowerCase()} `))
    .sort((a, b) => b.name.length - a.name.length)[0];
}

function cordOf(words: string, thickMm: number | undefined, { cords }: Shop): CordType | undefined {
  const fibre = cords.find((c) => new RegExp(`\\b${c.fibre}\\b`, 'i').test(words))?.fibre;
  const near = cords.filter(
    (c) =>
      (fibre === undefined || c.fibre === fibre) &&
      (thickMm === undefined || Math.abs(c.nominalMm - thickMm) < 0.25),
  );
  if (thickMm === undefined) return near.find((c) => c.nominalMm === 4) ?? near[0];
  return near.find((c) => c.fibre === (fibre ?? 'nylon')) ?? near[0];
}

const formOf = (word: string | undefined): Form | undefined => {
  const stem = word?.toLowerCase().replace(/e?s$/, '');
  return stem === 'hank' || stem === 'spool' || stem === 'offcut' ? stem : undefined;
};

const wrong = (message: string) => fail({ code: 'stash.line', path: '', message });

/** Words that begin with a vowel letter and not with its sound. */
const LIKE_YOU = /^(?:one\b|uni|use|usu|eu)/i;
const COUNTED = /^(?:two|three|four|five|six|\d+)\b/i;

/** A thing with the article that it is spoken with: `an adjustable shackle`, `a bow`, and `two spring bars` as they are. */
export function withArticle(name: string): string {
  if (COUNTED.test(name)) return name;
  return /^[aeiou]/i.test(name) && !LIKE_YOU.test(name) ? `an ${name}` : `a ${name}`;
}

export const capital = (word: string): string => word[0]!.toUpperCase() + word.slice(1);

/** How often: `once`, `twice`, `3 times`. */
export const times = (count: number): string => ['never', 'once', 'twice'][count] ?? `${count} times`;

/** The word for several things, where there are not exactly one: `row`, `rows`; `is`, `are` has its own. */
export const plural = (count: number, word: string): string => (count === 1 ? word : `${word}s`);

/** `97 in 100`; never more sure than can be told. */
export const inHundred = (chance: number): string =>
  `${Math.min(99, Math.max(1, Math.round(chance * 100)))} in 100`;

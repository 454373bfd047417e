/**
 * A text as translators see it: a sentence whose moving parts are numbered, `Cut {0}, tie {1} rows`. They may come in
 * another order, or twice; braces that are read as such are doubled.
 */
export type MessagePart = string | number;

export const messageOf = (parts: readonly MessagePart[]): string =>
  parts.map((part) => (typeof part === 'number' ? `{${part}}` : part.replace(/[{}]/g, '$&$&'))).join('');

/** The parts of a message. Throws where it names a part that the text does not have. */
export function partsOf(message: string, count: number): MessagePart[] {
  const parts: MessagePart[] = [];
  let text = '';
  const close = () => {
    if (text !== '') parts.push(text);
    text = '';
  };
  for (const [found, number] of message.matchAll(/\{\{|\}\}|\{(\d+)\}|[^{}]+|[{}]/g)) {
    if (number !== undefined) {
      if (Number(number) >= count) throw new Error(`“${message}” has no part {${number}}.`);
      close();
      parts.push(Number(number));
    } else if (found === '{{' || found === '}}') text += found[0];
    else if (found === '{' || found === '}') throw new Error(`“${message}” has a single ${found}.`);
    else text += found;
  }
  close();
  return parts;
}

/** Looks up what a message reads in another language; missing where it is left in English. */
export type Translate = (message: string) => string | undefined;

/** For trying out: every message in brackets, its parts in the opposite order. */
export function mirrored(message: string): string {
  const numbers = [...message.matchAll(/(?<!\{)\{(\d+)\}(?!\})/g)].map(([, n]) => n!);
  return `⟦${message.replace(/(?<!\{)\{(\d+)\}(?!\})/g, () => `{${numbers.pop()}}`)}⟧`;
}

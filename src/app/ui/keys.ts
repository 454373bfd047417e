import type { KeyboardEvent } from 'react';

/** Everything that a length can be written with: digits, separators, fractions, marks, and the letters of units. */
const IN_A_LENGTH = /[\d\s.,/'"’”′″½¼¾⅓⅔⅛⅜⅝⅞-]|[milertscnhfo]/i;

const isText = (e: KeyboardEvent): boolean => e.key.length === 1 && !e.ctrlKey && !e.metaKey && !e.altKey;

/** A key that cannot be part of a length, or one still held down from opening the field, does not get into it. */
export function onlyLength(event: KeyboardEvent<HTMLInputElement>): void {
  if (!isText(event)) return;
  const isStray = !IN_A_LENGTH.test(event.key);
  const isHeld = event.repeat && !/\d/.test(event.key);
  if (isStray || isHeld) event.preventDefault();
}

/** A field for whole numbers takes digits and nothing else: no e, sign or point. */
export function onlyDigits(event: KeyboardEvent<HTMLInputElement>): void {
  if (isText(event) && !/\d/.test(event.key)) event.preventDefault();
}

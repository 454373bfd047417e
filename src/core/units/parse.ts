import { Cursor } from '../cursor.ts';
import { fail, ok, type Result } from '../result.ts';
import { type LengthToken, tokenizeLength, type Unit } from './tokenize.ts';

export const MM_PER: Record<Unit, number> = { mm: 1, cm: 10, m: 1000, in: 25.4, ft: 304.8 };

interface Quantity {
  readonly value: number;
  readonly unit: Unit | undefined;
  readonly hasFraction: boolean;
  readonly span: readonly [number, number];
}

/**
 * Reads a length as a maker types it: `7 1/2`, `7.5 in`, `7½"`, `8' 3"`, `19 cm`, `2.4 m`, `190`.
 * A number without a unit is in `bareUnit`; with a common fraction it is in inches, as nobody writes 7 1/2 mm.
 * @returns millimetres (≥ 0), or an issue with the place in the text
 */
export function parseLength(text: string, bareUnit: Unit = 'mm'): Result<number> {
  const tokens = tokenizeLength(text);
  if (!tokens.ok) return tokens;
  if (tokens.value.length === 0)
    return issue('length.empty', [0, text.length], 'Type a length, for example 16.5 cm or 6 1/2 in.');
  const cursor: LengthCursor = new Cursor(tokens.value, (code, message, token) => ({
    code,
    path: '',
    span: token?.span ?? [text.length, text.length],
    message,
  }));
  const quantities: Quantity[] = [];
  while (cursor.more()) quantities.push(readQuantity(cursor));
  return cursor.issue ? fail(cursor.issue) : addUp(quantities, bareUnit);
}

type LengthCursor = Cursor<LengthToken>;

function readQuantity(cursor: LengthCursor): Quantity {
  const first = cursor.peek()!;
  if (first.kind === 'unit') cursor.stop('length.number', 'A number must come before the unit.', first);
  if (first.kind === 'slash')
    cursor.stop('length.fraction', 'A fraction needs a number before the slash.', first);
  const number = readNumber(cursor);
  const unit = cursor.take((t) => t.kind === 'unit')?.unit;
  return { ...number, unit, span: [first.span[0], (cursor.last ?? first).span[1]] };
}

/** A number, a fraction, or a whole number followed by a fraction. */
function readNumber(cursor: LengthCursor): Pick<Quantity, 'value' | 'hasFraction'> {
  const isQuotient = () => cursor.peek()?.kind === 'number' && cursor.peek(1)?.kind === 'slash';
  let value = 0;
  const whole = isQuotient() ? undefined : cursor.take((t) => t.kind === 'number');
  if (whole) {
    value = whole.value;
    if (!isQuotient() && cursor.peek()?.kind !== 'fraction') return { value, hasFraction: false };
    if (!Number.isInteger(value))
      cursor.stop('length.fraction', 'Use either decimals or a fraction, not both.', whole);
  }
  const vulgar = cursor.take((t) => t.kind === 'fraction');
  if (vulgar) return { value: value + vulgar.value, hasFraction: true };
  const above = cursor.next();
  const slash = cursor.next();
  const below = cursor.take((t) => t.kind === 'number');
  if (!below) cursor.stop('length.fraction', 'A fraction needs a number after the slash.', slash);
  if (below?.value === 0) cursor.stop('length.fraction', 'A fraction cannot be divided by zero.', below);
  return { value: value + (above?.value ?? 0) / (below?.value || 1), hasFraction: true };
}

function addUp(quantities: readonly Quantity[], bareUnit: Unit): Result<number> {
  const [first, second, third] = quantities as [Quantity, Quantity?, Quantity?];
  if (!second) {
    const unit = first.unit ?? (first.hasFraction ? 'in' : bareUnit);
    return ok(first.value * MM_PER[unit]);
  }
  if (third || first.unit !== 'ft' || (second.unit ?? 'in') !== 'in') {
    const odd = third ?? second;
    return issue(
      'length.extra',
      odd.span,
      'One length at a time; only feet and inches go together, as in 8\' 3".',
    );
  }
  return ok(first.value * MM_PER.ft + second.value * MM_PER.in);
}

function issue(code: string, span: readonly [number, number], message: string) {
  return fail({ code, path: '', span, message });
}

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
  const quantities = readQuantities(tokens.value);
  if (!quantities.ok) return quantities;
  return addUp(quantities.value, bareUnit);
}

function readQuantities(tokens: readonly LengthToken[]): Result<Quantity[]> {
  const out: Quantity[] = [];
  let i = 0;
  while (i < tokens.length) {
    const first = tokens[i]!;
    if (first.kind === 'unit')
      return issue('length.number', first.span, 'A number must come before the unit.');
    if (first.kind === 'slash')
      return issue('length.fraction', first.span, 'A fraction needs a number before the slash.');
    const read = readNumber(tokens, i);
    if (!read.ok) return read;
    i = read.value.next;
    const unit = tokens[i]?.kind === 'unit' ? tokens[i++]!.unit : undefined;
    out.push({
      value: read.value.value,
      unit,
      hasFraction: read.value.hasFraction,
      span: [first.span[0], tokens[i - 1]!.span[1]],
    });
  }
  return ok(out);
}

/** A number, a fraction, or a whole number followed by a fraction. */
function readNumber(
  tokens: readonly LengthToken[],
  start: number,
): Result<{ value: number; hasFraction: boolean; next: number }> {
  const isQuotient = (i: number) => tokens[i]?.kind === 'number' && tokens[i + 1]?.kind === 'slash';
  let i = start;
  let value = 0;
  const whole = tokens[i]!;
  if (whole.kind === 'number' && !isQuotient(i)) {
    value = whole.value;
    i += 1;
    const continues = isQuotient(i) || tokens[i]?.kind === 'fraction';
    if (!continues) return ok({ value, hasFraction: false, next: i });
    if (!Number.isInteger(value)) {
      return issue('length.fraction', whole.span, 'Use either decimals or a fraction, not both.');
    }
  }
  const head = tokens[i]!;
  if (head.kind === 'fraction') return ok({ value: value + head.value, hasFraction: true, next: i + 1 });
  const slash = tokens[i + 1]!;
  const below = tokens[i + 2];
  if (below?.kind !== 'number') {
    return issue('length.fraction', slash.span, 'A fraction needs a number after the slash.');
  }
  if (below.value === 0) return issue('length.fraction', below.span, 'A fraction cannot be divided by zero.');
  return ok({ value: value + head.value / below.value, hasFraction: true, next: i + 3 });
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

import { type StrandSpec, USUAL_WEIGHT, type WeaveSpec } from './types.ts';

/** Writes a weave back as notation; `parse(format(spec))` gives the same weave. */
export function format(spec: WeaveSpec): string {
  const head = [spec.kind, spec.id];
  if (spec.kind === 'weave') {
    head.push('period', num(spec.period), 'rows', String(spec.rows));
    if (spec.turn !== undefined) head.push('turn', num(spec.turn));
  } else if (spec.rows !== 1) head.push('rows', String(spec.rows));
  return `${[head.join(' '), ...spec.strands.map((s) => formatStrand(s, spec))].join('\n')}\n`;
}

function formatStrand(strand: StrandSpec, spec: WeaveSpec): string {
  const options: string[] = [];
  if (spec.kind === 'weave' && strand.periods !== 1) options.push(`k=${strand.periods}`);
  if (strand.radius !== 0.5) options.push(`r=${num(strand.radius)}`);
  if (strand.weight !== USUAL_WEIGHT[strand.role]) options.push(`w=${num(strand.weight)}`);
  const path = strand.path.map(([x, y]) => `${num(x)},${num(y)}`).join(' ');
  const word = strand.word ? ` | ${strand.word.replace(/(.{5})(?=.)/g, '$1 ')}` : '';
  return `${[strand.role, strand.name, ...options].join(' ')}: ${path}${word}`;
}

/** A number as it is once it is written and read again. */
export const asWritten = (value: number): number => Number(value.toFixed(6)) + 0;

/** Plain decimals only: the notation has no exponents. */
const num = (value: number): string => String(asWritten(value));

export type UnitSystem = 'metric' | 'imperial';

/** How a number is rounded: to the nearest sensible step, or up (cut lengths never round down). */
export type Rounding = 'nearest' | 'up';

export interface LengthFormat {
  readonly system: UnitSystem;
  readonly rounding?: Rounding;
  /** What is being told: a body or piece (default), a small part, a cord to cut, or a size that hardware is sold by. */
  readonly kind?: 'body' | 'small' | 'cut' | 'sold';
}

const EPS = 1e-6;

/** Steps of the last shown digit, in mm; the format never shows more than it rounds to. */
export function displayStepMm(mm: number, { system, kind = 'body' }: LengthFormat): number {
  if (system === 'imperial') {
    if (kind === 'small') return 25.4 / 32;
    return kind === 'cut' ? 25.4 / 4 : 25.4 / 8;
  }
  if (kind === 'cut') return 10;
  return kind === 'small' && mm < 100 ? 0.1 : 1;
}

/** `165` → `16.5 cm` or `6 1/2 in`; `2604` as a cut → `2.61 m` or `8 ft 6 3/4 in`. Millimetres in, words out. */
export function formatLength(mm: number, format: LengthFormat): string {
  if (!Number.isFinite(mm)) return '—';
  if (format.kind === 'sold') return soldSize(mm, format.system);
  const step = displayStepMm(Math.abs(mm), format);
  const steps = format.rounding === 'up' ? Math.ceil(mm / step - EPS) : Math.round(mm / step);
  const sign = steps < 0 ? '−' : '';
  const size = Math.abs(steps);
  const shown =
    format.system === 'imperial' ? imperial(size, Math.round(25.4 / step)) : metric(size * step, step);
  return sign + shown;
}

/** Hardware is sold in millimetres; inch shops round to the nearest eighth: `15` → `15 mm` or `5/8 in (15 mm)`. */
function soldSize(mm: number, system: UnitSystem): string {
  const inMm = `${trim(mm, 1)} mm`;
  const eighths = Math.max(1, Math.round((mm / 25.4) * 8));
  return system === 'metric' ? inMm : `${imperial(eighths, 8)} (${inMm})`;
}

function metric(mm: number, step: number): string {
  if (mm < 100 - EPS) return `${trim(mm, step < 1 ? 1 : 0)} mm`;
  if (mm < 1000 - EPS) return `${(mm / 10).toFixed(step >= 10 ? 0 : 1)} cm`;
  return `${(mm / 1000).toFixed(step >= 10 ? 2 : 3)} m`;
}

function imperial(steps: number, perInch: number): string {
  const inches = Math.floor(steps / perInch);
  const fraction = reduce(steps % perInch, perInch);
  const feet = inches >= 36 ? Math.floor(inches / 12) : 0;
  const whole = inches - feet * 12;
  const parts: string[] = [];
  if (feet > 0) parts.push(`${feet} ft`);
  const inchText = [whole > 0 || (!fraction && feet === 0) ? String(whole) : '', fraction]
    .filter(Boolean)
    .join(' ');
  if (inchText) parts.push(`${inchText} in`);
  return parts.join(' ');
}

function reduce(above: number, below: number): string {
  if (above === 0) return '';
  let [a, b] = [above, below];
  while (a % 2 === 0 && b % 2 === 0) [a, b] = [a / 2, b / 2];
  return `${a}/${b}`;
}

const trim = (value: number, digits: number): string => value.toFixed(digits).replace(/\.0$/, '');

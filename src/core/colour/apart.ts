import type { CordColour } from './palette.ts';

type Rgb = readonly [number, number, number];

/** How a scene is seen: by usual eyes, without one kind of cone, or in dim light where hue goes. */
type Sight = 'usual' | 'protanopia' | 'deuteranopia' | 'tritanopia' | 'dim light';

/**
 * Colour-vision differences at full strength in linear RGB (Machado, Oliveira and Fernandes 2009, severity 1).
 * In dim light only lightness is left, and little of it.
 */
const MATRICES: Readonly<Record<'protanopia' | 'deuteranopia' | 'tritanopia', readonly number[]>> = {
  protanopia: [0.152286, 1.052583, -0.204868, 0.114503, 0.786281, 0.099216, -0.003882, -0.048116, 1.051998],
  deuteranopia: [0.367322, 0.860646, -0.227968, 0.280085, 0.672501, 0.047413, -0.01182, 0.04294, 0.968881],
  tritanopia: [1.255528, -0.076749, -0.178779, -0.078411, 0.930809, 0.147602, 0.004733, 0.691367, 0.3039],
};

const SIGHTS: readonly Sight[] = ['usual', 'protanopia', 'deuteranopia', 'tritanopia', 'dim light'];
/** Below this difference (CIE 1976 ΔE) two cords side by side are hard to tell apart at arm's length. */
export const HARD_TO_TELL = 15;
/** Dim light leaves lightness alone and halves it. */
const DIM = 0.5;

const linear = (hex: string): Rgb =>
  [1, 3, 5].map((at) => {
    const c = Number.parseInt(hex.slice(at, at + 2), 16) / 255;
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  }) as unknown as Rgb;

/** A colour in linear RGB as it is seen; dim light changes no hue here, see `difference`. */
export function seen([r, g, b]: Rgb, sight: Sight): Rgb {
  if (sight === 'usual' || sight === 'dim light') return [r, g, b];
  const m = MATRICES[sight];
  const row = (i: number) => Math.min(1, Math.max(0, m[3 * i]! * r + m[3 * i + 1]! * g + m[3 * i + 2]! * b));
  return [row(0), row(1), row(2)];
}

/** CIE L*a*b* (D65) of linear sRGB. */
function lab([r, g, b]: Rgb): Rgb {
  const f = (t: number) => (t > 216 / 24389 ? Math.cbrt(t) : ((24389 / 27) * t + 16) / 116);
  const x = f((0.4124564 * r + 0.3575761 * g + 0.1804375 * b) / 0.95047);
  const y = f(0.2126729 * r + 0.7151522 * g + 0.072175 * b);
  const z = f((0.0193339 * r + 0.119192 * g + 0.9503041 * b) / 1.08883);
  return [116 * y - 16, 500 * (x - y), 200 * (y - z)];
}

const known = new Map<string, Rgb>();
/** There are a few dozen colours in a palette. */
const MOST_KNOWN = 2000;

/** A colour as it is seen, in L*a*b*; each is worked out once. */
function seenLab(hex: string, sight: Sight): Rgb {
  const key = `${hex} ${sight}`;
  const before = known.get(key);
  if (before) return before;
  if (known.size >= MOST_KNOWN) known.clear();
  const made = lab(seen(linear(hex), sight));
  known.set(key, made);
  return made;
}

/** How far apart two colours look, CIE 1976 ΔE. */
export function difference(a: string, b: string, sight: Sight = 'usual'): number {
  const [p, q] = [seenLab(a, sight), seenLab(b, sight)];
  if (sight === 'dim light') return DIM * Math.abs(p[0] - q[0]);
  return Math.hypot(p[0] - q[0], p[1] - q[1], p[2] - q[2]);
}

/** In which sights two cords are hard to tell apart; a look of another kind tells them apart by its texture. */
export function hardToTell(a: CordColour, b: CordColour): Sight[] {
  if (a.id === b.id || a.look !== b.look) return [];
  return SIGHTS.filter((sight) => difference(a.base, b.base, sight) < HARD_TO_TELL);
}

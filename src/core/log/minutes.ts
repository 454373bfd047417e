/** How long one finished piece took. */
export interface Timed {
  readonly id: string;
  /** When it was finished, in ms. */
  readonly at: number;
  readonly weave: string;
  readonly family: string;
  readonly rows: number;
  /** Tying alone, without set-up and ends. */
  readonly minutes: number;
  /** Minutes a row as they were thought before any log. */
  readonly priorARow: number;
}

/**
 * ln(minutes a row over those thought of before) = maker + family + weave − β·ln(1 + earlier pieces of that weave) + piece. The sizes
 * are rules of thumb, tried on simulated makers.
 */
export const MINUTES_PRIOR = {
  maker: 0.3,
  family: 0.08,
  weave: 0.15,
  piece: 0.15,
  /** From piece to piece. */
  drift: 0.02,
  /** How steeply a new weave gets quicker, and how far that may be off. */
  learning: { mean: 0.12, sd: 0.08 },
  /** A break that nobody took out of the clock: how often, and how far it moves a reading. */
  break: { share: 0.05, sd: 0.5 },
  /** Degrees of freedom of the common scale of all variances. */
  nu: 12,
} as const;

/** Four of five pieces: the tenth and the ninetieth of a hundred of a normal distribution. */
const FOUR_OF_FIVE = 1.2816;
const [MAKER, LEARNING, FIXED] = [0, 1, 2];

/** What the times taught, to be asked for any weave. Plain data. */
export interface LearnedMinutes {
  readonly x: readonly number[];
  /** Covariance over the common scale, row by row. */
  readonly P: readonly number[];
  readonly places: Readonly<Record<string, number>>;
  readonly nu: number;
  readonly Q: number;
  /** Pieces that were timed, by weave. */
  readonly counts: Readonly<Record<string, number>>;
}

/** Time of a row of the next piece, over the time thought of before any log. */
export interface MinutesForecast {
  readonly factor: number;
  /** Between these in four pieces of five. */
  readonly from: number;
  readonly to: number;
  readonly pieces: { readonly all: number; readonly ofWeave: number };
}

const keyOf = (group: 'family' | 'weave', name: string): string => `${group} ${name}`;

/** Works through the times in the order of their dates: a linear filter, one pass; breaks as a mixture of two readings. */
export function learnMinutes(timed: readonly Timed[], isRobust = true): LearnedMinutes {
  const inOrder = timed.toSorted((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1));
  const places: Record<string, number> = {};
  const sizes: number[] = [];
  for (const t of inOrder)
    for (const group of ['family', 'weave'] as const) {
      const key = keyOf(group, t[group]);
      if (places[key] !== undefined) continue;
      places[key] = FIXED + sizes.length;
      sizes.push(MINUTES_PRIOR[group]);
    }
  const size = FIXED + sizes.length;
  const x = new Array<number>(size).fill(0);
  const P = new Array<number>(size * size).fill(0);
  x[LEARNING] = MINUTES_PRIOR.learning.mean;
  const sds = [MINUTES_PRIOR.maker, MINUTES_PRIOR.learning.sd, ...sizes];
  for (const [i, sd] of sds.entries()) P[i * size + i] = sd ** 2;
  let [nu, Q]: [number, number] = [MINUTES_PRIOR.nu, MINUTES_PRIOR.nu];
  const counts: Record<string, number> = {};
  for (const [n, t] of inOrder.entries()) {
    if (n > 0) P[MAKER]! += MINUTES_PRIOR.drift ** 2;
    const h = readingOf(t, places, counts[t.weave] ?? 0);
    const g = P.map(() => 0).slice(0, size);
    for (let i = 0; i < size; i++) for (const [j, share] of h) g[i]! += P[i * size + j]! * share;
    const expected = h.reduce((sum, [j, share]) => sum + share * x[j]!, 0);
    const S = h.reduce((sum, [j, share]) => sum + share * g[j]!, 0) + MINUTES_PRIOR.piece ** 2;
    const v = Math.log(t.minutes / t.rows / t.priorARow) - expected;
    const scale = Q / nu;
    const wide = S + MINUTES_PRIOR.break.sd ** 2;
    const sound = isRobust ? soundChance(v, scale * S, scale * S + MINUTES_PRIOR.break.sd ** 2) : 1;
    // The mixture of both readings, by its first two moments: still one step of rank one.
    const kappa =
      sound / S +
      (1 - sound) / wide -
      (sound * (1 - sound) * v * v * (1 / S - 1 / wide) ** 2) / Math.max(scale, 1);
    const gain = v * (sound / S + (1 - sound) / wide);
    for (let i = 0; i < size; i++) {
      x[i]! += g[i]! * gain;
      for (let j = 0; j < size; j++) P[i * size + j]! -= kappa * g[i]! * g[j]!;
    }
    nu += sound;
    Q += (sound * v * v) / S;
    counts[t.weave] = (counts[t.weave] ?? 0) + 1;
  }
  return { x, P, places, nu, Q, counts };
}

/** Which states a piece reads, each with its share. */
const readingOf = (
  { weave, family }: Pick<Timed, 'weave' | 'family'>,
  places: Readonly<Record<string, number>>,
  earlier: number,
): (readonly [place: number, share: number])[] =>
  [
    [MAKER, 1] as const,
    [LEARNING, -Math.log(1 + earlier)] as const,
    [places[keyOf('family', family)] ?? -1, 1] as const,
    [places[keyOf('weave', weave)] ?? -1, 1] as const,
  ].filter(([place]) => place >= 0);

/** Chance that no break is in a time, by Bayes: two normal distributions, a narrow and a wide one. */
function soundChance(v: number, narrow: number, wide: number): number {
  const { share } = MINUTES_PRIOR.break;
  const ratio = Math.sqrt(narrow / wide) * Math.exp((v * v) / 2 / narrow - (v * v) / 2 / wide);
  return 1 / (1 + (share / (1 - share)) * ratio);
}

/** What the times say of the next piece of a weave; nothing before the first one. */
export function minutesForecast(
  { x, P, places, nu, Q, counts }: LearnedMinutes,
  about: Pick<Timed, 'weave' | 'family'>,
): MinutesForecast | undefined {
  const all = Object.values(counts).reduce((a, b) => a + b, 0);
  if (all === 0) return undefined;
  const size = x.length;
  const h = readingOf(about, places, counts[about.weave] ?? 0);
  const mean = h.reduce((sum, [j, share]) => sum + share * x[j]!, 0);
  let variance = MINUTES_PRIOR.piece ** 2 + MINUTES_PRIOR.drift ** 2;
  for (const [i, a] of h) for (const [j, b] of h) variance += a * b * P[i * size + j]!;
  for (const group of ['family', 'weave'] as const)
    if (places[keyOf(group, about[group])] === undefined) variance += MINUTES_PRIOR[group] ** 2;
  const sd = Math.sqrt((Q / nu) * variance);
  return {
    factor: Math.exp(mean),
    from: Math.exp(mean - FOUR_OF_FIVE * sd),
    to: Math.exp(mean + FOUR_OF_FIVE * sd),
    pieces: { all, ofWeave: counts[about.weave] ?? 0 },
  };
}

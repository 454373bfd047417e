import { PRIOR, PRIOR_NU } from '../chance/spread.ts';
import { type Evidence, type Group, keysOf } from './evidence.ts';
import { blockOf, type Pair, TERMS } from './prior.ts';

/** Places of the fixed states: the maker's two factors, the difference of the ends, and the piece's own three. */
export const AT = { makerS: 0, makerH: 1, ends: 2, pieceS: 3, pieceH: 4, pieceEnds: 5 } as const;
const FIXED = 6;

/** The filter's state: mean and covariance of all factors, and what is known of the common scale of all variances. */
export interface LogState {
  /** Place of the s of each group's factor, its h behind it; by `group key`. */
  readonly places: ReadonlyMap<string, number>;
  readonly size: number;
  /** Mean, one for each state. */
  readonly x: Float64Array;
  /** Covariance over the common scale, row by row: size × size. */
  readonly P: Float64Array;
  /** Degrees of freedom of the common scale, and the sum of squares it comes from. */
  readonly nu: number;
  readonly Q: number;
}

export const placeKey = (group: Group, key: string): string => `${group} ${key}`;

/** φ̂: by how much all variances are larger than was thought. */
export const scaleOf = ({ nu, Q }: Pick<LogState, 'nu' | 'Q'>): number => Q / nu;

/** The state before any piece, with room for everything that a log names. */
export function initialState(evidence: readonly Evidence[]): LogState {
  const places = new Map<string, number>();
  const groups: Group[] = [];
  for (const e of evidence)
    for (const [group, key] of keysOf(e)) {
      const name = placeKey(group, key);
      if (places.has(name)) continue;
      places.set(name, FIXED + 2 * places.size);
      groups.push(group);
    }
  const size = FIXED + 2 * places.size;
  const state = {
    places,
    size,
    x: new Float64Array(size),
    P: new Float64Array(size * size),
    nu: PRIOR_NU,
    Q: PRIOR_NU,
  };
  setBlock(state, AT.makerS, TERMS.maker);
  state.P[AT.ends * size + AT.ends] = PRIOR.hands ** 2;
  for (const [i, group] of groups.entries()) setBlock(state, FIXED + 2 * i, TERMS[group]);
  return state;
}

/** Sets the covariance of a pair of states at `at` and `at + 1`; their ties to others are left as they are. */
export function setBlock({ P, size }: Pick<LogState, 'P' | 'size'>, at: number, pair: Pair): void {
  const [ss, sh, hh] = blockOf(pair);
  P[at * size + at] = ss;
  P[at * size + at + 1] = sh;
  P[(at + 1) * size + at] = sh;
  P[(at + 1) * size + at + 1] = hh;
}

export const copyOf = (state: LogState): LogState => ({ ...state, x: state.x.slice(), P: state.P.slice() });

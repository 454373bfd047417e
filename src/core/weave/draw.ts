import { findMeetings } from './crossings.ts';
import { type Role, type StrandSpec, USUAL_WEIGHT, type WeaveKind, type WeaveSpec } from './types.ts';

/** A strand as a maker's hand leads it: x across, y along, z towards the eye, straight from point to point. */
export interface DrawnStrand {
  readonly name: string;
  readonly role?: Role;
  readonly periods?: number;
  readonly radius?: number;
  readonly weight?: number;
  readonly path: readonly (readonly [number, number, number])[];
}

interface Drawing {
  readonly kind: WeaveKind;
  readonly id: string;
  readonly period?: number;
  readonly rows?: number;
  readonly turn?: number;
  readonly strands: readonly DrawnStrand[];
}

/**
 * Notation from strands led in space: the planar paths are kept, and every word is read off the heights at the
 * crossings. Cores get no word; the others say it all. Throws where two strands cross at the same height, as that is
 * a mistake in a pattern's own file.
 */
export function draw(drawing: Drawing): WeaveSpec {
  const spec: WeaveSpec = {
    kind: drawing.kind,
    id: drawing.id,
    period: drawing.period ?? 0,
    rows: drawing.rows ?? 1,
    ...(drawing.turn === undefined ? {} : { turn: drawing.turn }),
    strands: drawing.strands.map((s, i): StrandSpec => {
      const role = s.role ?? 'work';
      return {
        name: s.name,
        role,
        periods: drawing.kind === 'weave' ? (s.periods ?? 1) : 0,
        radius: s.radius ?? 0.5,
        weight: s.weight ?? USUAL_WEIGHT[role],
        path: s.path.map(([x, y]) => [round(x), round(y)]),
        word: '',
        line: i + 2,
      };
    }),
  };
  const found = findMeetings(spec);
  if (!found.ok) throw new Error(`${drawing.id}: ${found.issues[0]!.message}`);
  const letters: [number, string][][] = spec.strands.map(() => []);
  for (const m of found.value) {
    const za = height(drawing.strands[m.a]!, m.atA);
    const zb = height(drawing.strands[m.b]!, m.atB);
    if (Math.abs(za - zb) < 0.05) {
      throw new Error(
        `${drawing.id}: ${spec.strands[m.a]!.name} and ${spec.strands[m.b]!.name} meet at one height near ${m.x.toFixed(2)},${m.y.toFixed(2)}`,
      );
    }
    letters[m.a]!.push([m.atA, za > zb ? 'O' : 'U']);
    letters[m.b]!.push([m.atB, za > zb ? 'U' : 'O']);
  }
  return {
    ...spec,
    strands: spec.strands.map((s, i) => ({
      ...s,
      word:
        s.role === 'core'
          ? ''
          : letters[i]!.sort((p, q) => p[0] - q[0])
              .map((l) => l[1])
              .join(''),
    })),
  };
}

/** Height at an arc parameter (segment + fraction); past the last point it runs back to the first one's height. */
function height(strand: DrawnStrand, at: number): number {
  const i = Math.floor(at);
  const z0 = strand.path[i]![2];
  const z1 = strand.path[(i + 1) % strand.path.length]![2];
  return z0 + (z1 - z0) * (at - i);
}

const round = (value: number): number => Number(value.toFixed(4));

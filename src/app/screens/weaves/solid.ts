import * as three from 'three';
import { OBJExporter } from 'three/examples/jsm/exporters/OBJExporter.js';
import { PALETTE } from '../../../core/colour/palette.ts';
import { sampleColours } from '../../../core/drawing/sample.ts';
import { bandTubes, type Tube } from '../../../core/drawing/tubes.ts';
import type { SolvedWeave } from '../../../core/patterns/types.ts';

const COLOURS = ['graphite', 'ember', 'dusk', 'sodium', 'aurora', 'pole-white', 'meridian'];
const SHOWN_D = 16;
/** Vertices round a tube. */
const AROUND = 14;

/** The weave as tubes about its centre lines, about sixteen diameters long, centred on the origin. */
export function solidOf(solved: SolvedWeave): three.Group {
  const group = new three.Group();
  const colours = sampleColours(solved);
  const rowD = solved.periodD / solved.rowsPerPeriod;
  const rows = Math.max(2, Math.round(SHOWN_D / Math.max(rowD, 0.1)));
  const tubes: Pick<Tube, 'points' | 'flat' | 'radiusMm' | 'strand' | 'lane'>[] =
    solved.kind === 'weave'
      ? bandTubes({ solved, diameterMm: 1, rows, wovenMm: rows * rowD, startMm: 0, spans: new Map() })
      : solved.strands.map((s, i) => ({
          points: Float64Array.from(solved.points[i]!),
          ...(solved.flat ? { flat: Float64Array.from(solved.flat[i]!) } : {}),
          radiusMm: s.radiusD,
          strand: s.name,
          lane: 0,
        }));
  for (const tube of tubes) {
    const curve = new three.CatmullRomCurve3(pointsOf(tube.points), solved.kind === 'knot');
    const segments = Math.min(1500, tube.points.length);
    const isClosed = solved.kind === 'knot';
    const geometry = new three.TubeGeometry(curve, segments, tube.radiusMm, AROUND, isClosed);
    if (tube.flat) flatten(geometry, curve, segments, pointsOf(tube.flat));
    const base = colours[solved.strands.findIndex((s) => s.name === tube.strand)]!;
    const colour = COLOURS[base === 0 ? 0 : 1 + ((base - 1 + tube.lane) % (COLOURS.length - 1))]!;
    const material = new three.MeshStandardMaterial({
      color: PALETTE.find((c) => c.id === colour)!.base,
      roughness: 0.75,
    });
    const mesh = new three.Mesh(geometry, material);
    mesh.name = `${tube.strand}${tube.lane > 0 ? `-${tube.lane + 1}` : ''}`;
    group.add(mesh);
  }
  const middle = new three.Box3().setFromObject(group).getCenter(new three.Vector3());
  group.position.sub(middle);
  group.updateMatrixWorld(true);
  return group;
}

/** Presses a round tube flat: every ring of its vertices thinner in one direction and as much wider across. */
function flatten(
  geometry: three.TubeGeometry,
  curve: three.CatmullRomCurve3,
  segments: number,
  flats: readonly three.Vector3[],
): void {
  const { position, normal } = geometry.attributes;
  const [offset, across] = [new three.Vector3(), new three.Vector3()];
  for (let i = 0; i <= segments; i++) {
    const centre = curve.getPointAt(i / segments);
    const at = Math.min(
      flats.length - 1,
      Math.round(curve.getUtoTmapping(i / segments, 0) * (flats.length - 1)),
    );
    const flat = flats[at]!.length();
    if (flat < 1e-3) continue;
    const thin = flats[at]!.clone().normalize();
    for (let j = 0; j <= AROUND; j++) {
      const k = i * (AROUND + 1) + j;
      offset.fromBufferAttribute(position!, k).sub(centre);
      const inward = offset.dot(thin);
      across.copy(offset).addScaledVector(thin, -inward);
      const lit = across
        .clone()
        .multiplyScalar(Math.exp(-flat))
        .addScaledVector(thin, inward * Math.exp(flat));
      lit.normalize();
      normal!.setXYZ(k, lit.x, lit.y, lit.z);
      across.multiplyScalar(Math.exp(flat));
      offset
        .copy(centre)
        .add(across)
        .addScaledVector(thin, inward * Math.exp(-flat));
      position!.setXYZ(k, offset.x, offset.y, offset.z);
    }
  }
}

function pointsOf(flat: Float64Array): three.Vector3[] {
  const out: three.Vector3[] = [];
  for (let i = 0; i < flat.length; i += 3) out.push(new three.Vector3(flat[i + 1]!, -flat[i]!, flat[i + 2]!));
  return out;
}

/** Wavefront OBJ: plain text that any 3D program reads. Units are cord diameters. */
export const objText = (solved: SolvedWeave): string => new OBJExporter().parse(solidOf(solved));

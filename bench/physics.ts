/**
 * The same trefoil, pulled tight by our engine and by a plain relaxation in a general-purpose physics engine: balls on a
 * string with uniform tension, contacts between balls that are not neighbours, damping. Reports the error of the length
 * against the published 32.743 radii, at the time that ours took and at multiples of it.
 */
import { Body, NaiveBroadphase, Sphere, Vec3, World } from 'cannon-es';
import { solveWeave } from '../src/core/patterns/solve.ts';
import { draw } from '../src/core/weave/draw.ts';

const TREFOIL = 32.743;
const RADIUS = 0.5;

const point = (t: number) =>
  [
    2.13 * (2 + Math.cos(3 * t)) * Math.cos(2 * t),
    2.13 * (2 + Math.cos(3 * t)) * Math.sin(2 * t),
    2 * Math.sin(3 * t),
  ] as const;
const path = (n: number) => Array.from({ length: n }, (_, i) => point((2 * Math.PI * (i + 0.137)) / n));

/** Length in radii after the given time, for a chain of n balls. */
function relax(n: number, forMs: number): number {
  const world = new World({ gravity: new Vec3(0, 0, 0) });
  const broadphase = new NaiveBroadphase();
  const need = broadphase.needBroadphaseCollision.bind(broadphase);
  broadphase.needBroadphaseCollision = (a, b) => {
    const gap = Math.abs(a.index - b.index);
    return need(a, b) && Math.min(gap, n - gap) * (16.4 / n) > Math.PI * RADIUS;
  };
  world.broadphase = broadphase;
  const balls = path(n).map(([x, y, z]) => {
    const ball = new Body({
      mass: 0.05,
      shape: new Sphere(RADIUS),
      position: new Vec3(x, y, z),
      linearDamping: 0.9,
    });
    ball.fixedRotation = true;
    world.addBody(ball);
    return ball;
  });
  const started = performance.now();
  while (performance.now() - started < forMs) {
    balls.forEach((ball, i) => {
      const next = balls[(i + 1) % n]!;
      const pull = next.position.vsub(ball.position).scale(n / 16.4);
      ball.applyForce(pull);
      next.applyForce(pull.scale(-1));
    });
    world.step(1 / 120);
  }
  const length = balls.reduce(
    (sum, ball, i) => sum + ball.position.distanceTo(balls[(i + 1) % n]!.position),
    0,
  );
  return length / RADIUS;
}

const spec = draw({ kind: 'knot', id: 'trefoil', strands: [{ name: 'K', path: path(24) }] });
solveWeave('trefoil', spec);
const started = performance.now();
const ours = solveWeave('trefoil', spec);
const ms = performance.now() - started;
if (!ours.ok) throw new Error(ours.issues[0]!.message);
const percent = (length: number) => `${(Math.abs(length / TREFOIL - 1) * 100).toFixed(2)} %`;
console.log(`trefoil, ours                     error ${percent(ours.value.ropelength!)} in 1 unit of time`);
for (const times of [1, 4]) {
  for (const n of [48, 80])
    console.log(
      `trefoil, balls on a string (${n})   error ${percent(relax(n, ms * times))} in ${times} units`,
    );
}

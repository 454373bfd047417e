import { fix } from './shape.ts';

/** Maps millimetres outwards from a bar to places along the piece. */
export type Along = (outMm: number) => number;

export const along =
  (barMm: number, dir: 1 | -1): Along =>
  (out) =>
    barMm + dir * out;

export function line(a: Along, from: number, to: number, half: number): string {
  return `M${fix(a(from))} ${fix(-half)}L${fix(a(to))} ${fix(half)}`;
}

/** A box from one place to another, `half` to each side, with rounded corners. */
export function roundedBox(a: Along, from: number, to: number, half: number, r: number): string {
  const c = (mm: number, across: number) => `${fix(a(mm))} ${fix(across)}`;
  return (
    `M${c(from, -half + r)}Q${c(from, -half)} ${c(from + r, -half)}L${c(to - r, -half)}Q${c(to, -half)} ${c(to, -half + r)}` +
    `L${c(to, half - r)}Q${c(to, half)} ${c(to - r, half)}L${c(from + r, half)}Q${c(from, half)} ${c(from, half - r)}Z`
  );
}

export function circle(a: Along, out: number, across: number, r: number): string {
  const [x, y, k] = [a(out), across, r * 0.5523];
  const p = (dx: number, dy: number) => `${fix(x + dx)} ${fix(y + dy)}`;
  return `M${p(r, 0)}C${p(r, k)} ${p(k, r)} ${p(0, r)}C${p(-k, r)} ${p(-r, k)} ${p(-r, 0)}C${p(-r, -k)} ${p(-k, -r)} ${p(0, -r)}C${p(k, -r)} ${p(r, -k)} ${p(r, 0)}Z`;
}

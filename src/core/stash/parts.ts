import { CLOSURES, findClosure } from '../closures/index.ts';
import type { Design } from '../formats/design.gen.ts';
import { ADDON_KINDS, type Addon } from '../plan/addons.ts';
import type { Plan } from '../plan/types.ts';
import type { Lot } from './types.ts';

/** A piece of hardware by key: the closure or add-on that it is, and its size in mm where it has one: `side-release/15`. */
export type PartKey = string;

const keyOf = (id: string, sizeMm: number | undefined): PartKey =>
  sizeMm === undefined ? id : `${id}/${sizeMm}`;

/** Usual size of a closure that is sold by size, in mm. */
function usualSize(id: string): number | undefined {
  const option = findClosure(id)?.options.find((o) => o.key === 'sizeMm');
  return option && 'usual' in option && typeof option.usual === 'number' ? option.usual : undefined;
}

const BOUGHT = ['buckle', 'plate', 'bow', 'frame'];

/** The hardware of one piece: what closes it, beads and caps at its ends, and its add-ons; how many of each. */
export function partsOf(
  plan: Pick<Plan, 'bands' | 'closed'>,
  design: Pick<Design, 'closure'>,
): ReadonlyMap<PartKey, number> {
  const parts = new Map<PartKey, number>();
  const add = (key: PartKey) => parts.set(key, (parts.get(key) ?? 0) + 1);
  const ends = plan.bands.flatMap((b) => [b.start.shape, b.end.shape]);
  const { id } = plan.closed;
  if (ends.some((s) => BOUGHT.includes(s.shape))) add(keyOf(id, design.closure.sizeMm ?? usualSize(id)));
  for (const shape of ends) {
    if (shape.shape === 'run' && shape.beadMm !== undefined) add(keyOf('bead', shape.beadMm));
    if (shape.shape === 'run' && shape.capMm !== undefined) add(keyOf('cap', Math.round(shape.capMm)));
  }
  for (const band of plan.bands)
    for (const addon of band.addons) if (addon.kind !== 'knot') add(keyOf(addon.kind, addon.sizeMm));
  return parts;
}

/** Parts that are no closure and no add-on. */
const OTHER_PARTS: Readonly<Record<string, string>> = { cap: 'end cap' };

/** What a piece of hardware is called, from its key. */
export function partName(key: PartKey): string {
  const [id, size] = key.split('/') as [string, string | undefined];
  const name = OTHER_PARTS[id] ?? ADDON_KINDS[id as Addon['kind']]?.name ?? findClosure(id)?.name ?? id;
  return size === undefined ? name : `${name} ${size} mm`;
}

const NAMED: readonly (readonly [name: string, id: string, usualMm: number | undefined])[] = [
  ['bead', 'bead', ADDON_KINDS.bead.sizeMm],
  ['end cap', 'cap', undefined],
  ...CLOSURES.flatMap((c) => {
    const mm = usualSize(c.id);
    return mm !== undefined ? [[c.name, c.id, mm] as const] : [];
  }),
  ...(['ring', 'charm', 'tag'] as const).map(
    (kind) => [ADDON_KINDS[kind].name, kind, ADDON_KINDS[kind].sizeMm] as const,
  ),
];

/** Reads what a maker typed as hardware: “3 side-release buckles 15 mm”. Nothing where no such part is known. */
export function readPart(text: string): PartKey | undefined {
  const lower = text.toLowerCase();
  const found = NAMED.filter(([name]) => lower.includes(name.toLowerCase())).toSorted(
    (a, b) => b[0].length - a[0].length,
  )[0];
  if (!found) return undefined;
  const size = /(\d+(?:[.,]\d+)?)\s*mm/.exec(lower)?.[1]?.replace(',', '.');
  return keyOf(found[1], size === undefined ? found[2] : Number(size));
}

/** The part that a lot is; lots of before parts had keys are read as they were typed. */
export const partOf = (lot: Lot): PartKey | undefined =>
  lot.kind === 'hardware' ? (lot.part ?? readPart(lot.name ?? '')) : undefined;

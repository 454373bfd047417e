import { knotSize } from '../closures/knots.ts';
import { holeForMm } from '../cord/packed.ts';
import type { Product } from '../fit/products.ts';
import type { Design } from '../formats/design.gen.ts';
import type { Issue } from '../result.ts';
import type { WeaveMetrics } from '../usage/metrics.ts';
import { counted, len, num, type Why, why } from '../why/why.ts';
import type { Check } from './check.ts';
import type { Resolved } from './resolved.ts';

export type Addon = NonNullable<Design['addons']>[number];

/** What an add-on usually measures and weighs, and what it is. */
export const ADDON_KINDS: Readonly<
  Record<
    Addon['kind'],
    {
      readonly name: string;
      readonly sizeMm: number;
      readonly holeMm?: number;
      readonly weightG: number;
      readonly words: string;
    }
  >
> = {
  ring: { name: 'D-ring', sizeMm: 20, weightG: 9, words: 'held by the rows on its flat side' },
  bead: { name: 'bead', sizeMm: 12, holeMm: 7, weightG: 3, words: 'on the cores, the working ends past it' },
  slider: { name: 'slider', sizeMm: 14, weightG: 5, words: 'pushed on over the finished band' },
  charm: { name: 'charm', sizeMm: 10, weightG: 2, words: 'stitched on through two rows' },
  tag: { name: 'tag', sizeMm: 25, weightG: 4, words: 'stitched on at both its ends' },
  knot: { name: 'focal knot', sizeMm: 2, weightG: 0, words: 'tied in the plain band itself' },
};

/** Wire of a usual welded D-ring. */
export const RING_WIRE_MM = 3.5;

/** An add-on at its place on the band. Rows count from where the first is tied. */
export interface AddonPlace {
  readonly kind: Addon['kind'];
  readonly name: string;
  /** Tells the add-ons of a band apart. */
  readonly key: string;
  /** Its number in the design's list; −1 for one that the product brings along. */
  readonly index: number;
  /** Its middle, from the first bar. */
  readonly atMm: number;
  readonly sizeMm: number;
  readonly fromRow: number;
  readonly toRow: number;
  readonly weightG: number;
  readonly holeMm: number | undefined;
  /** A knot in the band: its id, and the cord that one strand uses from one side of it to the other. */
  readonly knot?: { readonly id: string; readonly cordMm: number; readonly why: Why };
}

interface On {
  readonly startMm: number;
  readonly wovenMm: number;
  readonly rows: number;
  readonly firstRow: 'start' | 'end';
}

/** A focal knot at its place: as long as its body is in the band's cord. */
export function placeKnot(addon: Addon, index: number, band: On, d: number): AddonPlace {
  const { id, name, bodyMm, cordMm, cordWhy } = knotSize(addon.knot!, d);
  const place = placeAddon({ ...addon, name: addon.name ?? name.toLowerCase(), sizeMm: bodyMm }, index, band);
  return { ...place, knot: { id, cordMm, why: cordWhy } };
}

/** Where an add-on lies: at a row, at a length from the first bar, or at the exact centre, counted in bumps. */
export function placeAddon(addon: Addon, index: number, band: On): AddonPlace {
  const usual = ADDON_KINDS[addon.kind];
  const rowMm = band.wovenMm / band.rows;
  const sizeMm = addon.sizeMm ?? usual.sizeMm;
  const end = band.startMm + band.wovenMm;
  const ofRow = (row: number) =>
    band.firstRow === 'start' ? band.startMm + (row - 0.5) * rowMm : end - (row - 0.5) * rowMm;
  const atMm =
    'row' in addon.at
      ? ofRow(addon.at.row)
      : 'mm' in addon.at
        ? addon.at.mm
        : band.startMm + band.wovenMm / 2;
  const rowAt = (mm: number) => {
    const from = band.firstRow === 'start' ? mm - band.startMm : end - mm;
    return Math.floor(from / rowMm + 1e-6) + 1;
  };
  const rows = [rowAt(atMm - sizeMm / 2 + 1e-3), rowAt(atMm + sizeMm / 2 - 1e-3)].sort((a, b) => a - b);
  return {
    kind: addon.kind,
    name: addon.name ?? usual.name,
    key: index < 0 ? addon.kind : `addon-${index}`,
    index,
    atMm,
    sizeMm,
    fromRow: rows[0]!,
    toRow: rows[1]!,
    weightG: addon.weightG ?? usual.weightG,
    holeMm: addon.holeMm ?? usual.holeMm,
  };
}

/** The add-ons that a product brings along, at the places that its measures say. */
export function broughtAlong(product: Product, measures: Resolved['measures'], band: On): AddonPlace[] {
  return (product.brings ?? []).flatMap(({ kind, at, size }) => {
    const [place, sizeMm] = [measures[at], measures[size]];
    return place && sizeMm ? [placeAddon({ kind, at: { mm: place.mm }, sizeMm: sizeMm.mm }, -1, band)] : [];
  });
}

/** An add-on whose middle is off the weave, or beads that leave nothing to weave: such a band cannot be tied. */
export function addonIssue(places: readonly AddonPlace[], band: On, rowMm: number): Issue | undefined {
  const end = band.startMm + band.wovenMm;
  const off = places.find((p) => p.index >= 0 && (p.atMm < band.startMm || p.atMm > end));
  if (off)
    return {
      code: 'addons.off',
      path: `/addons/${off.index}/at`,
      message: `The ${off.name} is off the band, which has ${band.rows} rows on ${Math.round(band.wovenMm)} mm. Choose a row from 1 to ${band.rows}.`,
    };
  const beads = places.filter((p) => p.kind === 'bead' || p.kind === 'knot');
  const strung = beads.reduce((sum, p) => sum + p.sizeMm, 0);
  if (beads.length === 0 || strung <= band.wovenMm - LEAST_ROWS_BESIDE_BEADS * rowMm) return undefined;
  return {
    code: 'addons.beads',
    path: `/addons/${beads.at(-1)!.index}`,
    message: `${beads.every((p) => p.kind === 'knot') ? 'The knots are' : 'The beads are'} ${Math.round(strung)} mm long in all, and there are only ${Math.round(band.wovenMm)} mm of band: no room is left beside them. Take some off, or use shorter ones.`,
  };
}

/** Beads are held by rows at both ends. */
const LEAST_ROWS_BESIDE_BEADS = 2;

/** The nearest row to a place, for what snaps to rows. */
export function nearestRow(mm: number, band: On): number {
  const rowMm = band.wovenMm / band.rows;
  const from = band.firstRow === 'start' ? mm - band.startMm : band.startMm + band.wovenMm - mm;
  return Math.max(1, Math.min(band.rows, Math.round(from / rowMm + 0.5)));
}

/** Does each find room in the rows, clear of the others, and do its cords go through? */
export function addonChecks(
  places: readonly AddonPlace[],
  band: On,
  metrics: WeaveMetrics,
  cores: number,
  addons: readonly Addon[],
): Check[] {
  const rowMm = band.wovenMm / band.rows;
  // What the product brings along has a check of its own.
  return places.flatMap((p): Check[] => {
    if (p.index < 0) return [];
    const inside = p.fromRow >= 2 && p.toRow <= band.rows - 1;
    const other = places.find(
      (q) => q.index < p.index && Math.abs(q.atMm - p.atMm) < (q.sizeMm + p.sizeMm) / 2,
    );
    const need = holeForMm(Math.max(1, cores), metrics.diameterMm);
    const tight = p.kind === 'bead' && p.holeMm !== undefined && need > p.holeMm;
    const moved = addons.map((a, i) => (i === p.index ? { ...a, at: { centre: true as const } } : a));
    const out: Check[] = [
      {
        id: `addon.${p.index}.place`,
        ok: inside && !other,
        message: !inside
          ? why`the ${p.name} reaches past the rows: it needs a row beyond it on each side`
          : other
            ? why`the ${p.name} and the ${other.name} overlap`
            : p.knot
              ? why`the ${p.name}, ${len(p.sizeMm)} long, sits ${len(p.atMm)} from the first end`
              : why`the ${p.name} sits on rows ${num(p.fromRow, 0)} to ${num(p.toRow, 0)}, ${len(p.atMm)} from the first end`,
        ...(inside ? {} : { fix: { label: why`put it in the middle`, patch: { addons: moved } } }),
      },
    ];
    if (p.kind === 'bead')
      out.push({
        id: `addon.${p.index}.hole`,
        ok: !tight,
        message: tight
          ? why`${counted(cores, 'core')}, squeezed to ${len(need)}, don’t fit through its ${len(p.holeMm!)} hole`
          : why`${counted(cores, 'core')}, squeezed to ${len(need)}, fit through its ${len(p.holeMm ?? need)} hole; it takes ${counted(Math.round(p.sizeMm / rowMm), 'row')}' room`,
      });
    return out;
  });
}

import { type Bin, fits, type Merged, type Pattern, restOf } from './model.ts';

/** Bins in the order in which they are opened: offcuts first, the shortest first, then hanks, then what is bought, cheapest a metre first. */
function order(bins: readonly Bin[]): number[] {
  const rank = (bin: Bin) =>
    bin.isPack ? 2e9 + (1e6 * bin.priceCents) / bin.usableMm : (bin.isOffcut ? 0 : 1e9) + bin.usableMm;
  return bins.map((_, i) => i).sort((a, b) => rank(bins[a]!) - rank(bins[b]!));
}

/**
 * First-fit or best-fit decreasing: the longest piece first, into the first open bin that has room, or into the one that it
 * fills best. Nothing where a piece fits nowhere.
 */
export function fitDecreasing({ items, bins, kerfMm }: Merged, isBest: boolean): Pattern[] | undefined {
  const sequence = order(bins);
  const left = bins.map((b) => b.count);
  const open: { bin: number; used: number; counts: number[] }[] = [];
  for (const [i, item] of items.entries())
    for (let n = 0; n < item.count; n++) {
      const room = open.filter((o) => fits(bins[o.bin]!, o.used + item.weight, kerfMm));
      let at = isBest
        ? room.sort((a, b) => bins[a.bin]!.usableMm - a.used - (bins[b.bin]!.usableMm - b.used))[0]
        : room[0];
      if (!at) {
        const bin = sequence.find((b) => left[b]! > 0 && fits(bins[b]!, item.weight, kerfMm));
        if (bin === undefined) return undefined;
        left[bin]!--;
        at = { bin, used: 0, counts: Array<number>(items.length).fill(0) };
        open.push(at);
      }
      at.used += item.weight;
      at.counts[i]!++;
    }
  return open.map(({ bin, used, counts }) => ({ bin, counts, restMm: restOf(bins[bin]!, used) }));
}

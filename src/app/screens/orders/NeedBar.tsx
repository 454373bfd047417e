import { cordName } from '../../../core/colour/cordName.ts';
import { findColour, PALETTE } from '../../../core/colour/palette.ts';
import type { CordNeed } from '../../../core/orders/needs.ts';
import { plural } from '../../../core/words.ts';
import { Swatch } from '../../ui/Swatch.tsx';
import { useLength } from '../../ui/units.tsx';

interface Props {
  readonly need: CordNeed;
  readonly missingMm: number;
  /** The longest bar of all, which fills the width. */
  readonly longestMm: number;
  readonly orders: string;
}

/** What a cord is there for, to one scale: put aside for orders, free, and missing. */
export function NeedBar({ need, missingMm, longestMm, orders }: Props) {
  const show = useLength();
  const look = findColour(need.colour) ?? PALETTE[0]!;
  const asideMm = Math.min(need.neededMm, need.haveMm);
  const freeMm = need.haveMm - asideMm;
  // A fifth of the width is left for the words behind the bar.
  const share = (mm: number) => `${(80 * mm) / longestMm}%`;
  const cut = (mm: number) => show(mm, { kind: 'cut' });
  return (
    <div>
      <p className="flex flex-wrap items-center gap-x-2 text-[15px]">
        <Swatch colour={look} letter="" size={18} />
        <span className="font-semibold">{cordName(need)}</span>
        <span className="figure">{cut(need.neededMm)}</span>
        <span className="text-white/80">
          in {need.cuts} {plural(need.cuts, 'cut')} for {orders}
        </span>
      </p>
      <div
        className="mt-0.5 flex h-6 items-center"
        role="img"
        aria-label={`${cut(asideMm)} put aside, ${cut(freeMm)} free, ${cut(missingMm)} missing`}
      >
        {asideMm > 0 && (
          <span
            className="h-full rounded-l border border-white/50"
            style={{ width: share(asideMm), background: look.base }}
          />
        )}
        {freeMm > 0 && (
          <span
            className="h-full rounded-r border border-white/50"
            style={{
              width: share(freeMm),
              background: `repeating-linear-gradient(45deg, ${look.base}66 0 6px, transparent 6px 12px)`,
            }}
          />
        )}
        {missingMm > 0 && (
          <span
            className="h-full rounded-r border-2 border-white border-dashed"
            style={{ width: share(missingMm) }}
          />
        )}
        <span className="whitespace-nowrap pl-2 text-[14px]">
          {missingMm > 0 ? <strong>{cut(missingMm)} missing</strong> : `${cut(freeMm)} free`}
        </span>
      </div>
    </div>
  );
}

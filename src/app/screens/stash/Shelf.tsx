import { type CordColour, findColour, PALETTE } from '../../../core/colour/palette.ts';
import { type Stash, shelf } from '../../../core/stash/ledger.ts';
import { partOf } from '../../../core/stash/parts.ts';
import type { Holding } from '../../../core/stash/types.ts';
import type { Reserved } from '../../state/reserved.ts';
import { Swatch } from '../../ui/Swatch.tsx';
import { useLength } from '../../ui/units.tsx';
import { useSeen } from '../../ui/useSeen.ts';
import { BarRow, type Stretch } from './BarRow.tsx';
import { FORM_NAMES, groupName, KNOWN, lotName } from './names.ts';

/** Width of the names beside the bars, in px. */
export const NAMES_PX = 210;

interface Props {
  readonly stash: Stash;
  readonly reserved: Reserved;
  readonly pxPerMm: number;
  readonly chosen: string | undefined;
  readonly onChoose: (lotId: string) => void;
}

/** Everything on the shelf, to one scale: bars by cord and colour, hardware counted below. */
export function Shelf({ stash, reserved, pxPerMm, chosen, onChoose }: Props) {
  const show = useLength();
  const groups = shelf(stash);
  const asidePieces = (h: Holding) =>
    Math.min(Math.round(h.amount), reserved.parts.get(partOf(h.lot) ?? '') ?? 0);
  const boxes = [...stash.values()].filter((h) => h.lot.kind === 'hardware' && h.amount > 0);
  return (
    <div className="flex flex-col gap-3">
      {groups.map((group, i) => {
        const look = findColour(group.colour) ?? PALETTE[0]!;
        return (
          <section key={group.key} aria-label={groupName(group.cord, group.colour)}>
            <p className="mb-0.5 flex items-center gap-2 text-[14px]">
              <Swatch colour={look} letter={String.fromCharCode(65 + (i % 26))} />
              <span className="font-semibold">{groupName(group.cord, group.colour)}</span>
              <span className="figure text-white/75">{show(group.totalMm, { kind: 'cut' })}</span>
              <PutAside
                aside={reserved.cord.get(group.key) ?? 0}
                total={group.totalMm}
                show={(mm) => show(mm, { kind: 'cut' })}
              />
            </p>
            {group.holdings.map((h) => (
              <Bar
                key={h.lot.id}
                holding={h}
                look={look}
                pxPerMm={pxPerMm}
                isChosen={h.lot.id === chosen}
                onChoose={() => onChoose(h.lot.id)}
              />
            ))}
          </section>
        );
      })}
      {boxes.length > 0 && (
        <section aria-label="Hardware">
          <p className="mb-1 font-semibold text-[14px]">Hardware</p>
          <ul className="flex flex-wrap gap-2">
            {boxes.map((h) => (
              <li key={h.lot.id}>
                <button
                  type="button"
                  aria-pressed={h.lot.id === chosen}
                  onClick={() => onChoose(h.lot.id)}
                  className="rounded-lg border border-white/40 px-3 py-1 text-[14px] hover:bg-white/10 aria-pressed:border-amber"
                >
                  <strong className="figure">{Math.round(h.amount)}</strong> {h.lot.name}
                  {h.lot.place && <span className="text-white/75">, {h.lot.place}</span>}
                  {asidePieces(h) > 0 && <span className="text-white/75"> · {asidePieces(h)} put aside</span>}
                </button>
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}

interface BarProps {
  readonly holding: Holding;
  readonly look: CordColour;
  readonly pxPerMm: number;
  readonly isChosen: boolean;
  readonly onChoose: () => void;
}

/** One hank, spool or offcut: what it is, and its bar, which is drawn once it comes into view. */
function Bar({ holding: h, look, pxPerMm, isChosen, onChoose }: BarProps) {
  const show = useLength();
  const [place, isSeen] = useSeen<HTMLButtonElement>();
  const label = `${lotName(h)}, ${show(h.amount, { kind: 'cut' })}`;
  return (
    <button
      ref={place}
      type="button"
      aria-pressed={isChosen}
      onClick={onChoose}
      className="flex min-h-11 w-full items-center rounded text-left [contain-intrinsic-size:auto_2.75rem] [content-visibility:auto] hover:bg-white/10 aria-pressed:outline-2 aria-pressed:outline-amber"
    >
      <span className="shrink-0 pl-8 text-[13px] leading-tight" style={{ width: NAMES_PX }}>
        <span className="block">
          {FORM_NAMES[h.lot.form]}
          {h.lot.place && <span className="text-white/75">, {h.lot.place}</span>}
        </span>
        <span className="figure text-white/75">
          {show(h.amount, { kind: 'cut' })} {KNOWN[h.known]}
        </span>
      </span>
      {isSeen ? (
        <BarRow look={look} stretches={wholeBar(h)} pxPerMm={pxPerMm} label={label} />
      ) : (
        <span className="sr-only">{label}</span>
      )}
    </button>
  );
}

interface AsideProps {
  readonly aside: number;
  readonly total: number;
  readonly show: (mm: number) => string;
}

/** What orders have put aside of a cord, and what is free. */
function PutAside({ aside, total, show }: AsideProps) {
  if (aside <= 0) return null;
  return (
    <span className="rounded-full border border-white/50 px-2 text-[13px]">
      {show(aside)} put aside for orders, {total - aside < 1 ? 'none' : show(total - aside)} free
    </span>
  );
}

/** A bar as it hangs there: sure as far as it is sure, fading to the longest that it may be. */
function wholeBar({ amount, sd }: Holding): Stretch[] {
  const unsure = Math.min(amount, 1.645 * sd);
  if (unsure < 0.004 * amount) return [{ fromMm: 0, toMm: amount, kind: 'whole', label: '' }];
  return [
    { fromMm: 0, toMm: amount - unsure, kind: 'whole', label: '' },
    { fromMm: amount - unsure, toMm: amount + unsure, kind: 'unsure', label: '' },
  ];
}

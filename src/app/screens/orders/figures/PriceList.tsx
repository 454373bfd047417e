import { Trash2 } from 'lucide-react';
import { findColour, PALETTE } from '../../../../core/colour/palette.ts';
import { CORDS, findCord } from '../../../../core/cord/cords.ts';
import type { StallFigures } from '../../../../core/formats/stall.ts';
import { money } from '../../../../core/orders/money.ts';
import type { Issue } from '../../../../core/result.ts';
import { parseLine } from '../../../../core/stash/line.ts';
import { partName } from '../../../../core/stash/parts.ts';
import { Button } from '../../../ui/Button.tsx';
import { Swatch } from '../../../ui/Swatch.tsx';
import { TypedLine } from '../../../ui/TypedLine.tsx';
import { useLength } from '../../../ui/units.tsx';
import type { FiguresProps } from './keep.ts';
import { ShopPrices } from './ShopPrices.tsx';

/** What cord and hardware are sold in, typed as on a shop's slip. */
export function PriceList({ figures, keep }: FiguresProps) {
  const show = useLength();

  async function add(line: string): Promise<Issue | undefined> {
    const said = read(line);
    if ('message' in said) return said;
    await keep(said);
    return undefined;
  }

  /** A line as a change of the list, or what is wrong with it. */
  function read(text: string): Issue | Partial<StallFigures> {
    const got = parseLine(text, { colours: PALETTE, cords: CORDS });
    if (!got.ok) return got.issues[0]!;
    const { lot, amount, count } = got.value;
    if (lot.priceCents === undefined) return wrong('What does it cost? End the line with “, 10.50”.');
    if (lot.kind === 'cord') {
      const pack = {
        cord: lot.cord!,
        colour: lot.colour!,
        lengthMm: Math.round(amount),
        priceCents: lot.priceCents,
      };
      return {
        packs: [
          ...figures.packs.filter(
            (p) => !(p.cord === pack.cord && p.colour === pack.colour && p.lengthMm === pack.lengthMm),
          ),
          pack,
        ],
      };
    }
    if (!lot.part)
      return wrong(
        'Which buckle, ring or bead is it? Write it with its size, for example “side-release buckle 15 mm”.',
      );
    const part = { part: lot.part, perPack: Math.round(amount * count), priceCents: lot.priceCents };
    return {
      parts: [...figures.parts.filter((p) => !(p.part === part.part && p.perPack === part.perPack)), part],
    };
  }

  return (
    <section aria-label="Price list" className="rounded-xl border border-rule bg-card p-4">
      <h2 className="mb-2 font-bold font-title text-xl">What is sold, for how much</h2>
      <div className="mb-2">
        <TypedLine label="A price" example="30 m Dusk 4 mm, 10.50" onAdd={add} />
      </div>
      <ul className="flex flex-col divide-y divide-rule">
        {figures.packs.map((p, i) => (
          <li key={`${p.cord}${p.colour}${p.lengthMm}`} className="flex items-center gap-2 py-1">
            {p.colour ? (
              <Swatch colour={findColour(p.colour) ?? PALETTE[0]!} letter="" size={18} />
            ) : (
              <span className="w-[18px]" />
            )}
            <span className="grow">
              {show(p.lengthMm, { kind: 'cut' })} of{' '}
              {p.colour ? (findColour(p.colour)?.name ?? p.colour) : 'any colour'},{' '}
              {p.cord ? (findCord(p.cord)?.name ?? p.cord) : 'any cord'}
            </span>
            <span className="figure">{money(p.priceCents)}</span>
            <Remove
              name={`${show(p.lengthMm, { kind: 'cut' })}, ${money(p.priceCents)}`}
              onClick={() => keep({ packs: figures.packs.toSpliced(i, 1) })}
            />
          </li>
        ))}
        {figures.parts.map((p, i) => (
          <li key={`${p.part}${p.perPack}`} className="flex items-center gap-2 py-1">
            <span className="w-[18px]" />
            <span className="grow">
              {p.perPack} × {partName(p.part)}
            </span>
            <span className="figure">{money(p.priceCents)}</span>
            <Remove
              name={`${p.perPack} ${partName(p.part)}`}
              onClick={() => keep({ parts: figures.parts.toSpliced(i, 1) })}
            />
          </li>
        ))}
      </ul>
      <ShopPrices figures={figures} keep={keep} />
      <p className="mt-2 text-[15px] text-ink-soft">
        A price for one cord and colour is used before a general one. To work out what a piece costs, what you
        paid, as the ledger has it, is used before this list.
      </p>
    </section>
  );
}

const wrong = (message: string): Issue => ({ code: 'price', path: '', message });

function Remove({ name, onClick }: { readonly name: string; readonly onClick: () => void }) {
  return (
    <Button look="quiet" aria-label={`Remove the price of ${name}`} onClick={onClick}>
      <Trash2 size={15} aria-hidden />
    </Button>
  );
}

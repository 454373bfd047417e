import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { findColour, PALETTE } from '../../../../core/colour/palette.ts';
import { CORDS, findCord } from '../../../../core/cord/cords.ts';
import { money } from '../../../../core/orders/money.ts';
import { parseLine } from '../../../../core/stash/line.ts';
import { partName } from '../../../../core/stash/parts.ts';
import { Button } from '../../../ui/Button.tsx';
import { Problem } from '../../../ui/Problem.tsx';
import { Swatch } from '../../../ui/Swatch.tsx';
import { useLength } from '../../../ui/units.tsx';
import type { FiguresProps } from './keep.ts';
import { ShopPrices } from './ShopPrices.tsx';

/** What cord and hardware are sold in, typed as on a shop's slip. */
export function PriceList({ figures, keep }: FiguresProps) {
  const show = useLength();
  const [line, setLine] = useState('');
  const [problem, setProblem] = useState<string>();

  function add() {
    const said = read(line);
    if (typeof said === 'string') return setProblem(said);
    void keep(said);
    setLine('');
  }

  /** A line as a change of the list, or what is wrong with it. */
  function read(text: string) {
    const got = parseLine(text, { colours: PALETTE, cords: CORDS });
    if (!got.ok) return got.issues[0]!.message;
    const { lot, amount, count } = got.value;
    if (lot.priceCents === undefined) return 'What does it cost? End the line with “, 10.50”.';
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
      return 'Which buckle, ring or bead is it? Write it with its size, for example “side-release buckle 15 mm”.';
    const part = { part: lot.part, perPack: Math.round(amount * count), priceCents: lot.priceCents };
    return {
      parts: [...figures.parts.filter((p) => !(p.part === part.part && p.perPack === part.perPack)), part],
    };
  }

  return (
    <section aria-label="Price list" className="rounded-xl border border-rule bg-card p-4">
      <h2 className="mb-2 font-bold font-title text-xl">What is sold, for how much</h2>
      <form
        className="mb-2 flex gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          add();
        }}
      >
        <input
          aria-label="A price"
          aria-invalid={problem ? true : undefined}
          value={line}
          maxLength={200}
          placeholder="30 m Dusk 4 mm, 10.50"
          className="figure min-w-0 grow rounded border border-ink-soft bg-white px-3 py-2 aria-invalid:border-bad"
          onChange={(e) => {
            setLine(e.target.value);
            setProblem(undefined);
          }}
        />
        <Button type="submit">Add</Button>
      </form>
      <Problem>{problem}</Problem>
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
              onClick={() => void keep({ packs: figures.packs.toSpliced(i, 1) })}
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
              onClick={() => void keep({ parts: figures.parts.toSpliced(i, 1) })}
            />
          </li>
        ))}
      </ul>
      <ShopPrices figures={figures} keep={keep} />
      <p className="mt-2 text-[15px] text-ink-soft">
        A price for exactly one cord and colour goes before one for any. What you paid, as the ledger knows
        it, goes before the list where a piece’s cost is worked out.
      </p>
    </section>
  );
}

function Remove({ name, onClick }: { readonly name: string; readonly onClick: () => void }) {
  return (
    <Button look="quiet" aria-label={`Take out the price of ${name}`} onClick={onClick}>
      <Trash2 size={15} aria-hidden />
    </Button>
  );
}

import { useState } from 'react';
import { findClosure } from '../../../../core/closures/index.ts';
import { type CordColour, findColour, PALETTE } from '../../../../core/colour/palette.ts';
import { findCord } from '../../../../core/cord/cords.ts';
import { strandsOf } from '../../../../core/plan/strands.ts';
import { useWorkshop } from '../../../state/knowledge.tsx';
import { useLibrary } from '../../../state/library.ts';
import { Button } from '../../../ui/Button.tsx';
import { Select } from '../../../ui/Select.tsx';
import { Swatch } from '../../../ui/Swatch.tsx';
import { useLength } from '../../../ui/units.tsx';
import { WeaveFaces } from '../../../ui/WeaveFaces.tsx';
import { WhyNumber } from '../../../ui/WhyNumber.tsx';
import type { FoundWeave } from './useShelfWays.ts';

const look = (id: string): CordColour => findColour(id) ?? PALETTE[0]!;
const MOST_COLOURINGS = 12;

/** A weave that comes out of the shelf, or nearly: its faces in the colours that are there, its closures, its cuts. */
export function MadeTile({ found }: { readonly found: FoundWeave }) {
  const show = useLength();
  const { know } = useWorkshop();
  const { openDesign } = useLibrary();
  // What fits first, then what is least short.
  const ways = found.ways.toSorted((a, b) => (a.missing?.mm ?? 0) - (b.missing?.mm ?? 0));
  const [closureId, setClosure] = useState<string>();
  const [turn, setTurn] = useState(0);
  const closures = [...new Set(ways.map((w) => w.closureId))];
  const facts = know.facts(found.id);
  // The most colours first: that is what a shelf is for.
  const looks = ways
    .filter((w) => w.closureId === (closureId ?? closures[0]))
    .flatMap((way) =>
      (way.colourings.length > 0 ? way.colourings : [way.design.cords.map((c) => c.colour)]).map(
        (colours) => ({
          way,
          colours,
        }),
      ),
    )
    .toSorted((a, b) => new Set(b.colours).size - new Set(a.colours).size)
    .slice(0, MOST_COLOURINGS);
  const { way, colours } = looks[turn % looks.length]!;
  const design = {
    ...way.design,
    cords: way.design.cords.map((c, i) => ({ ...c, colour: colours[i] ?? c.colour })),
  };
  const cut = (mm: number) => show(mm, { kind: 'cut', rounding: 'up' });
  function closureWords(id: string): string {
    const name = findClosure(id)?.name ?? id;
    const mine = ways.filter((w) => w.closureId === id);
    return mine.some((w) => !w.missing) ? name : `${name}: ${cut(mine[0]!.missing!.mm)} short`;
  }
  return (
    <li className="flex flex-col overflow-hidden rounded-xl border border-rule bg-card text-ink">
      <div className="[&>span]:h-24 [&>span]:rounded-none">
        {facts && <WeaveFaces id={found.id} colours={colours.map(look)} strands={strandsOf(design, facts)} />}
      </div>
      <div className="flex grow flex-col gap-1 p-2.5">
        <h4 className="font-semibold leading-tight">{found.name}</h4>
        <p className="text-[14px] text-ink-soft">
          {show(way.widthMm, { kind: 'small' })} wide · {Math.round(way.minutes)} min
        </p>
        <Select
          label={`Closure of ${found.name}`}
          value={way.closureId}
          className="w-full text-[14px]"
          choices={closures.map((id) => ({ value: id, name: closureWords(id) }))}
          onChange={(id) => {
            setClosure(id);
            setTurn(0);
          }}
        />
        <p className="flex flex-wrap items-center gap-x-2 gap-y-0.5 text-[14px]">
          {way.cuts.map((c) => (
            <span key={c.letter} className="flex items-center gap-1 whitespace-nowrap">
              <Swatch colour={look(colours[c.cord] ?? c.colour)} letter={c.letter} size={17} />
              <WhyNumber label={`Cut of ${c.letter}, ${found.name}`} value={cut(c.lengthMm)} why={c.why} />
            </span>
          ))}
        </p>
        {way.besides.length > 0 && (
          <p className="text-[14px] text-ink-soft">
            and{' '}
            {way.besides.map((b) => `${cut(b.lengthMm)} of ${findCord(b.cord)?.name ?? b.cord}`).join(', ')}
          </p>
        )}
        {way.missing && (
          <p className="font-semibold text-[15px] text-amber-ink">
            {cut(way.missing.mm)} more {look(way.missing.colour).name} in one piece, and it reaches
            {way.thinner && `; or as much in ${findCord(way.thinner)?.name}`}
          </p>
        )}
        <span className="mt-auto flex flex-wrap items-center gap-1.5 pt-1">
          <Button onClick={() => openDesign({ ...design, name: found.name })}>Plan it</Button>
          {looks.length > 1 && (
            <Button look="quiet" className="px-1.5 text-[14px]" onClick={() => setTurn(turn + 1)}>
              other colours
            </Button>
          )}
        </span>
      </div>
    </li>
  );
}

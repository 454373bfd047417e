import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { findColour, PALETTE } from '../../../../core/colour/palette.ts';
import { dayNumber } from '../../../../core/stall/dates.ts';
import { USUAL_STALL } from '../../../../core/stall/usual.ts';
import { plural } from '../../../../core/words.ts';
import { Button } from '../../../ui/Button.tsx';
import { dayName } from '../../../ui/dayName.ts';
import { NumberField } from '../../../ui/NumberField.tsx';
import { Swatch } from '../../../ui/Swatch.tsx';
import { useLength } from '../../../ui/units.tsx';
import type { AskedFor, Cutting } from '../useCutting.ts';

/** What to make: orders and classes that are not cut yet, and single designs, how many of each. */
export function ChooseDesigns({ cutting }: { readonly cutting: Cutting }) {
  const { designs, orders, classes, problem, figures } = cutting;
  const show = useLength();
  const [search] = useSearchParams();
  const [chosen, setChosen] = useState<AskedFor>({ counts: {}, orders: [], classes: [] });
  // Whoever comes from the orders or a class has chosen already.
  const fromOrders = search.get('orders') === 'open' && chosen.orders.length === 0;
  const fromClass = search.get('class');
  const asked: AskedFor = {
    counts: chosen.counts,
    orders: fromOrders ? orders.map((o) => o.id) : chosen.orders,
    classes: fromClass && chosen.classes.length === 0 ? [fromClass] : chosen.classes,
  };
  const pieces =
    Object.values(asked.counts).reduce((a, b) => a + b, 0) +
    orders
      .filter((o) => asked.orders.includes(o.id))
      .reduce((sum, o) => sum + o.lines.reduce((n, l) => n + l.count, 0), 0) +
    classes
      .filter((c) => asked.classes.includes(c.id))
      .reduce((sum, c) => sum + c.kits.pupils.length + c.kits.spares, 0);
  const toggled = (list: readonly string[], id: string) =>
    list.includes(id) ? list.filter((x) => x !== id) : [...list, id];
  return (
    <div className="flex flex-col gap-3 py-2">
      <h2 className="font-bold font-title text-xl">What is to be made?</h2>
      {(orders.length > 0 || classes.length > 0) && (
        <fieldset>
          <legend className="mb-1 font-semibold">Orders and classes that are not cut yet</legend>
          <ul className="grid gap-x-4 sm:grid-cols-2 xl:grid-cols-3">
            {orders.map((o) => (
              <Tick
                key={o.id}
                name={o.name}
                note={`${o.lines.reduce((n, l) => n + l.count, 0)} ${o.due ? `· by ${dayName(dayNumber(o.due)!)}` : ''}`}
                isOn={asked.orders.includes(o.id)}
                onToggle={() => setChosen({ ...asked, orders: toggled(asked.orders, o.id) })}
              />
            ))}
            {classes.map((c) => (
              <Tick
                key={c.id}
                name={c.kits.name}
                note={`${c.kits.pupils.length + c.kits.spares} kits`}
                isOn={asked.classes.includes(c.id)}
                onToggle={() => setChosen({ ...asked, classes: toggled(asked.classes, c.id) })}
              />
            ))}
          </ul>
        </fieldset>
      )}
      <p className="font-semibold">Single pieces</p>
      <ul className="grid gap-2 sm:grid-cols-2">
        {designs.map((d) => (
          <li key={d.id} className="flex items-center gap-3 rounded-lg bg-white/5 px-3 py-1.5">
            <NumberField
              label={`How many: ${d.name}`}
              value={asked.counts[d.id] ?? 0}
              least={0}
              most={60}
              className="w-16"
              onChange={(n) => setChosen({ ...asked, counts: { ...asked.counts, [d.id]: n ?? 0 } })}
            />
            <span className="grow">{d.name}</span>
            <span className="flex gap-1">
              {d.cords.map((c) => (
                <Swatch
                  key={c.letter}
                  colour={findColour(c.colour) ?? PALETTE[0]!}
                  letter={c.letter}
                  size={18}
                />
              ))}
            </span>
          </li>
        ))}
      </ul>
      <p className="max-w-3xl text-[15px] text-white/80">
        Worked out with the stall’s price list{figures.packs === USUAL_STALL.packs ? ' (example prices)' : ''}
        , which you keep under Orders. Each cut loses {show(figures.kerfMm, { kind: 'cut' })}; a rest of{' '}
        {show(figures.keepMm, { kind: 'cut' })} or more is kept.
      </p>
      {problem && <p className="text-[#ffd9cf]">{problem}</p>}
      <Button look="next" className="self-start" disabled={pieces === 0} onClick={() => cutting.start(asked)}>
        Plan the cuts of {pieces} {plural(pieces, 'piece')}
      </Button>
    </div>
  );
}

interface TickProps {
  readonly name: string;
  readonly note: string;
  readonly isOn: boolean;
  readonly onToggle: () => void;
}

function Tick({ name, note, isOn, onToggle }: TickProps) {
  return (
    <li>
      <label className="flex items-center gap-2 py-1">
        <input type="checkbox" checked={isOn} onChange={onToggle} className="size-5 shrink-0 accent-amber" />
        <span className="truncate">{name}</span>
        <span className="figure whitespace-nowrap text-[14px] text-white/75">{note}</span>
      </label>
    </li>
  );
}

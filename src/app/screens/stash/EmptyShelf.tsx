import { useRef } from 'react';
import { findColour } from '../../../core/colour/palette.ts';
import { EmptyState } from '../../ui/EmptyState.tsx';
import { useLength } from '../../ui/units.tsx';
import { useWidth } from '../../ui/useWidth.ts';
import { BarRow } from './BarRow.tsx';

/** An example of a shelf after a delivery, a piece and an offcut put back; lengths in mm. */
const EXAMPLE = [
  { colour: findColour('dusk')!, what: 'full hank', lengthMm: 15_000, cutMm: 0 },
  { colour: findColour('ember')!, what: 'begun', lengthMm: 15_000, cutMm: 5_400 },
  { colour: findColour('aurora')!, what: 'offcut', lengthMm: 2_400, cutMm: 0 },
];
const LONGEST_MM = Math.max(...EXAMPLE.map((e) => e.lengthMm));

/** A shelf with nothing on it: what typed lines become, and what is then done with it. */
export function EmptyShelf() {
  const show = useLength();
  const place = useRef<HTMLUListElement>(null);
  const pxPerMm = Math.max(0, useWidth(place) - 6) / LONGEST_MM;
  return (
    <EmptyState
      picture={
        <>
          <p className="self-start text-[15px] text-white/85">An example:</p>
          <ul ref={place} className="flex w-full flex-col gap-1">
            {EXAMPLE.map(({ colour, what, lengthMm, cutMm }) => {
              const label = `${colour.name}, ${what}, ${show(lengthMm - cutMm, { kind: 'cut' })}`;
              return (
                <li key={label}>
                  <span className="block text-[15px]" aria-hidden>
                    {label}
                  </span>
                  <BarRow
                    look={colour}
                    label={label}
                    pxPerMm={pxPerMm}
                    stretches={[
                      ...(cutMm > 0 ? [{ fromMm: 0, toMm: cutMm, kind: 'done' as const, label: 'cut' }] : []),
                      { fromMm: cutMm, toMm: lengthMm, kind: 'whole' as const, label: '' },
                    ]}
                  />
                </li>
              );
            })}
          </ul>
        </>
      }
      steps={[
        'Type what you have, a line for each: “3 × 15 m Dusk 4 mm, 6.20 each”. A table comes in whole.',
        'Every hank is then a bar to one scale. Press one to take cord from it or to measure it again.',
        '“What can I make?” looks for pieces in it, and “cuts” says which hank to cut, and where.',
      ]}
    />
  );
}

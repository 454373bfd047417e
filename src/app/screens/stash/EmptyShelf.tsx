import { useRef } from 'react';
import { findColour } from '../../../core/colour/palette.ts';
import { EmptyState } from '../../ui/EmptyState.tsx';
import { useLength } from '../../ui/units.tsx';
import { useWidth } from '../../ui/useWidth.ts';
import { BarRow } from './BarRow.tsx';

/** What the shelf would show after a delivery, a piece and an offcut put back: lengths in mm. */
const SAMPLE = [
  { colour: 'dusk', name: 'Dusk, full hank', lengthMm: 15_000, cutMm: 0 },
  { colour: 'ember', name: 'Ember, begun', lengthMm: 15_000, cutMm: 5_400 },
  { colour: 'aurora', name: 'Aurora, offcut', lengthMm: 2_400, cutMm: 0 },
] as const;
const LONGEST_MM = Math.max(...SAMPLE.map((s) => s.lengthMm));

/** A shelf with nothing on it: what typed lines become, and what is then done with it. */
export function EmptyShelf() {
  const show = useLength();
  const place = useRef<HTMLUListElement>(null);
  const pxPerMm = Math.max(0, useWidth(place) - 6) / LONGEST_MM;
  return (
    <EmptyState
      picture={
        <ul ref={place} className="flex w-full flex-col gap-1">
          {SAMPLE.map(({ colour, name, lengthMm, cutMm }) => (
            <li key={name}>
              <span className="block text-[15px]">
                {name}, <span className="figure">{show(lengthMm - cutMm, { kind: 'cut' })}</span>
              </span>
              <BarRow
                look={findColour(colour)!}
                label={`${name}: ${show(lengthMm - cutMm, { kind: 'cut' })}`}
                pxPerMm={pxPerMm}
                stretches={[
                  ...(cutMm > 0 ? [{ fromMm: 0, toMm: cutMm, kind: 'done' as const, label: 'cut' }] : []),
                  { fromMm: cutMm, toMm: lengthMm, kind: 'whole' as const, label: '' },
                ]}
              />
            </li>
          ))}
        </ul>
      }
      steps={[
        'Type what you have, a line for each: “3 × 15 m Dusk 4 mm, 6.20 each”. A table comes in whole.',
        'Every hank is then a bar to one scale. Press one to take cord from it or to measure it again.',
        '“What can I make?” looks for pieces in it, and “cuts” says which hank to cut, and where.',
      ]}
    />
  );
}

import { useState } from 'react';
import type { CordType } from '../../../core/cord/cords.ts';
import { findPattern } from '../../../core/patterns/index.ts';
import { weaveFigures } from '../../../core/plan/weaveFigures.ts';
import { weaveMetrics } from '../../../core/usage/metrics.ts';
import { withSwatch } from '../../../core/usage/swatch.ts';
import { useWeave, useWorkshop } from '../../state/knowledge.tsx';
import { Button } from '../../ui/Button.tsx';
import { FigureLine } from '../../ui/FigureLine.tsx';
import { LengthField } from '../../ui/LengthField.tsx';
import { SamplePicture } from '../../ui/SamplePicture.tsx';
import { VIEW_NAMES } from '../../ui/viewNames.ts';
import type { Listed } from './filters.ts';

/** So many side by side fit a screen. */
export const MOST_COMPARED = 3;
/** Pixels per millimetre: all to one scale. */
const SCALE = 3.4;
/** So much of each band is shown. */
const SHOWN_MM = 90;
const SKILL = ['', 'a first one', 'some practice', 'a patient hand', 'a patient hand', 'a very patient hand'];

interface ColumnProps {
  readonly item: Listed;
  readonly cord: CordType;
  readonly girthMm: number;
}

interface Props {
  readonly items: readonly Listed[];
  readonly cord: CordType;
  readonly onClear: () => void;
}

/** Two or three weaves side by side, to one scale and for one wrist. */
export function Compare({ items, cord, onClear }: Props) {
  const [girthMm, setGirth] = useState(170);
  return (
    <section aria-label="Side by side" className="mt-3 rounded-xl border border-ink-soft bg-card p-4">
      <div className="flex flex-wrap items-start gap-4">
        <h2 className="font-bold font-title text-xl">Side by side</h2>
        <div className="w-40">
          <LengthField
            label="for a wrist of"
            valueMm={girthMm}
            leastMm={60}
            mostMm={700}
            onChange={setGirth}
          />
        </div>
        <Button className="ml-auto" onClick={onClear}>
          Close the comparison
        </Button>
      </div>
      <ul className="mt-3 grid gap-4 md:grid-cols-3">
        {items.map((item) => (
          <Column key={item.facts.id} item={item} cord={cord} girthMm={girthMm} />
        ))}
      </ul>
    </section>
  );
}

function Column({ item, cord, girthMm }: ColumnProps) {
  const { know } = useWorkshop();
  const solved = useWeave(item.facts.id);
  const engine = weaveMetrics(item.facts, cord);
  const swatch = know.swatch(item.facts.id, cord.id);
  const metrics = swatch ? withSwatch(engine, swatch) : engine;
  return (
    <li>
      <h3 className="font-semibold text-lg">{item.name}</h3>
      {(['front', 'back'] as const).map((view) => (
        <div key={view} className="mt-1 flex h-32 items-center justify-center overflow-hidden rounded bg-mat">
          {solved && (
            <SamplePicture
              solved={solved}
              view={view}
              label={`${item.name}, ${VIEW_NAMES[view]}`}
              lengthD={SHOWN_MM / metrics.diameterMm}
              scale={SCALE * metrics.diameterMm}
            />
          )}
        </div>
      ))}
      <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-4">
        {weaveFigures(metrics, item.difficulty, girthMm).map((figure) => (
          <FigureLine key={figure.label} figure={figure} kind="small" />
        ))}
        <dt>skill</dt>
        <dd className="text-right">{SKILL[item.difficulty]}</dd>
      </dl>
      <p className="mt-1 text-ink-soft text-sm">{findPattern(item.facts.id)?.edges}</p>
    </li>
  );
}

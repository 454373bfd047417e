import { useState } from 'react';
import { type CordType, effectiveDiameterMm } from '../../../core/cord/cords.ts';
import { fitFor } from '../../../core/fit/schools.ts';
import { findPattern } from '../../../core/patterns/index.ts';
import { rowMinutes } from '../../../core/plan/time.ts';
import { weaveMetrics } from '../../../core/usage/metrics.ts';
import { useWeave } from '../../state/knowledge.tsx';
import { Button } from '../../ui/Button.tsx';
import { LengthField } from '../../ui/LengthField.tsx';
import { SamplePicture } from '../../ui/SamplePicture.tsx';
import { useLength } from '../../ui/units.tsx';
import type { Listed } from './filters.ts';

/** So many side by side fit a screen. */
export const MOST_COMPARED = 3;
/** Pixels per millimetre: all to one scale. */
const SCALE = 3.4;
const SLACK_MM = 8;
const SKILL = ['', 'a first one', 'some practice', 'a patient hand', 'a patient hand', 'a very patient hand'];

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

function Column({
  item,
  cord,
  girthMm,
}: {
  readonly item: Listed;
  readonly cord: CordType;
  readonly girthMm: number;
}) {
  const show = useLength();
  const solved = useWeave(item.facts.id);
  const d = effectiveDiameterMm(cord);
  const metrics = weaveMetrics(item.facts, cord);
  const { finishedMm } = fitFor(girthMm, metrics.thicknessMm, { school: 'thickness', slackMm: SLACK_MM });
  const rows = Math.round(finishedMm / metrics.rowHeightMm);
  const rowsOf = [
    ['width', show(metrics.widthMm, { kind: 'small' })],
    ['thickness', show(metrics.thicknessMm, { kind: 'small' })],
    ['finished length', show(finishedMm)],
    ['rows', String(rows)],
    ['cord in the weave', show(item.perLength * finishedMm, { kind: 'cut' })],
    ['rows take about', `${Math.round(rows * rowMinutes(metrics, item.difficulty))} min`],
    ['skill', SKILL[item.difficulty]!],
  ] as const;
  return (
    <li>
      <h3 className="font-semibold text-lg">{item.name}</h3>
      {(['front', 'back'] as const).map((view) => (
        <div key={view} className="mt-1 flex h-32 items-center justify-center overflow-hidden rounded bg-mat">
          {solved && (
            <SamplePicture
              solved={solved}
              view={view}
              label={`${item.name}, ${view}`}
              lengthD={90 / d}
              scale={SCALE * d}
            />
          )}
        </div>
      ))}
      <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-4">
        {rowsOf.map(([name, value]) => (
          <div key={name} className="contents">
            <dt className="text-ink-soft">{name}</dt>
            <dd className="figure text-right">{value}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-1 text-ink-soft text-sm">{findPattern(item.facts.id)?.edges}</p>
    </li>
  );
}

import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../../../ui/Button.tsx';
import { Problem } from '../../../ui/Problem.tsx';
import { useLength } from '../../../ui/units.tsx';
import { InlineNumber } from './InlineNumber.tsx';
import type { FiguresProps } from './keep.ts';

/** Millimetres of wrist that one pixel of the picture shows. */
const PX_PER_MM = 0.9;
/** Wrists of people, the smallest child’s to the largest. */
const LEAST_MM = 60;
const MOST_MM = 350;

/** Wrists by size and by age, drawn to one scale. */
export function Sizes({ figures, keep }: FiguresProps) {
  const show = useLength();
  return (
    <section aria-label="Sizes" className="rounded-xl border border-rule bg-card p-4">
      <h2 className="mb-2 font-bold font-title text-xl">Wrists by size</h2>
      <ul className="flex flex-wrap gap-4">
        {figures.sizes.map((s, i) => {
          const r = (s.girthMm / (2 * Math.PI)) * PX_PER_MM;
          const set = (girthMm: number) => void keep({ sizes: figures.sizes.with(i, { ...s, girthMm }) });
          return (
            <li key={s.name} className="flex flex-col items-center">
              <svg
                width="84"
                height="66"
                viewBox="-42 -33 84 66"
                role="img"
                aria-label={`${s.name}: ${show(s.girthMm)}`}
              >
                {/* A wrist is an oval: half as wide again as it is thick, of the same girth. */}
                <ellipse rx={r * 1.18} ry={r * 0.8} fill="#f3d9c4" stroke="#4d5955" strokeWidth="1.5" />
                <text y="6" textAnchor="middle" fontSize="17" fontWeight="700" fill="#1b211f">
                  {s.name}
                </text>
              </svg>
              <span className="whitespace-nowrap">
                <InlineNumber
                  label={`Wrist of size ${s.name}, mm`}
                  value={s.girthMm}
                  digits={0}
                  least={LEAST_MM}
                  most={MOST_MM}
                  onChange={set}
                />{' '}
                mm
              </span>
              <Button
                look="quiet"
                aria-label={`Remove size ${s.name}`}
                onClick={() => keep({ sizes: figures.sizes.toSpliced(i, 1) })}
              >
                <Trash2 size={15} aria-hidden />
              </Button>
            </li>
          );
        })}
      </ul>
      <NewSize figures={figures} keep={keep} />
      <h2 className="mt-4 mb-2 font-bold font-title text-xl">Wrists by age</h2>
      <ul className="grid grid-cols-2 gap-x-4 gap-y-1">
        {figures.ages.map((a, i) => (
          <li key={a.from} className="flex items-center gap-2">
            <span className="w-24">{a.to > 99 ? `from ${a.from}` : `${a.from} to ${a.to}`} years</span>
            <InlineNumber
              label={`Wrist from ${a.from} years, mm`}
              value={a.girthMm}
              digits={0}
              least={LEAST_MM}
              most={MOST_MM}
              onChange={(girthMm) => void keep({ ages: figures.ages.with(i, { ...a, girthMm }) })}
            />{' '}
            mm
          </li>
        ))}
      </ul>
      <p className="mt-2 text-[15px] text-ink-soft">
        A tape is better than any table: children of one age differ by 2 cm.
      </p>
    </section>
  );
}

function NewSize({ figures, keep }: FiguresProps) {
  const [problem, setProblem] = useState<string>();
  return (
    <form
      className="flex flex-wrap items-center gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        const data = new FormData(e.currentTarget);
        const name = String(data.get('name')).trim();
        const girthMm = Number(data.get('girth'));
        const wrong = problemOf(name, girthMm, figures);
        setProblem(wrong);
        if (wrong) return;
        void keep({ sizes: [...figures.sizes, { name, girthMm }] });
        e.currentTarget.reset();
      }}
    >
      <input
        name="name"
        aria-label="Name of a new size"
        placeholder="XS"
        maxLength={20}
        className="w-16 rounded border border-ink-soft bg-white px-2 py-1"
      />
      <input
        name="girth"
        aria-label="Wrist of the new size, mm"
        placeholder="140"
        inputMode="numeric"
        className="figure w-20 rounded border border-ink-soft bg-white px-2 py-1"
      />
      mm
      <Button type="submit">Add a size</Button>
      <Problem>{problem}</Problem>
    </form>
  );
}

function problemOf(name: string, girthMm: number, { sizes }: FiguresProps['figures']): string | undefined {
  if (name === '') return 'Name the size, for example XS.';
  if (sizes.some((s) => s.name.toLowerCase() === name.toLowerCase()))
    return `There is a size ${name} already: change its wrist above.`;
  if (!(girthMm >= LEAST_MM && girthMm <= MOST_MM)) return `A wrist is from ${LEAST_MM} to ${MOST_MM} mm.`;
  return undefined;
}

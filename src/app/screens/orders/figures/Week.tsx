import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { StallFigures } from '../../../../core/formats/stall.ts';
import { Button } from '../../../ui/Button.tsx';
import { Select } from '../../../ui/Select.tsx';
import { InlineNumber } from './InlineNumber.tsx';
import type { FiguresProps } from './keep.ts';

const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;
const HARD = ['the easiest', 'easy ones', 'middling ones', 'hard ones', 'everything'] as const;

type Person = StallFigures['people'][number];

/** Who ties: hours of each day of the week, days off, and what each can tie. */
export function Week({ figures, keep }: FiguresProps) {
  const { people } = figures;
  const set = (i: number, patch: Partial<Person>) =>
    void keep({ people: people.with(i, { ...people[i]!, ...patch }) });
  return (
    <section aria-label="Who ties when" className="rounded-xl border border-rule bg-card p-4">
      <h2 className="mb-2 font-bold font-title text-xl">Who ties when</h2>
      <ul className="flex flex-col gap-4">
        {people.map((p, i) => (
          <li key={p.name} className="flex flex-col gap-1.5">
            <span className="flex flex-wrap items-center gap-2">
              <strong>{p.name}</strong> ties
              <Select
                label={`What ${p.name} ties`}
                value={p.hardest}
                choices={HARD.map((name, k) => ({ value: k + 1, name }))}
                onChange={(hardest) => set(i, { hardest })}
              />
              <span className="grow" />
              {people.length > 1 && (
                <Button
                  look="quiet"
                  aria-label={`Remove ${p.name}`}
                  onClick={() => keep({ people: people.toSpliced(i, 1) })}
                >
                  <Trash2 size={15} aria-hidden />
                </Button>
              )}
            </span>
            <span className="grid grid-cols-7 gap-1">
              {DAYS.map((day, d) => (
                <span key={day} className="flex flex-col items-center text-[14px]">
                  <span className="flex h-8 w-full items-end rounded bg-rule/50" aria-hidden>
                    <span
                      className="w-full rounded bg-mat"
                      style={{ height: `${Math.min(100, (p.hours[d] ?? 0) * 12.5)}%` }}
                    />
                  </span>
                  {day}
                  <InlineNumber
                    label={`Hours of ${p.name} on ${day}`}
                    value={p.hours[d] ?? 0}
                    digits={(p.hours[d] ?? 0) % 1 === 0 ? 0 : 1}
                    most={24}
                    onChange={(h) => set(i, { hours: p.hours.with(d, h) })}
                  />
                </span>
              ))}
            </span>
            <DaysOff person={p} onDays={(daysOff) => set(i, { daysOff })} />
          </li>
        ))}
      </ul>
      <NewPerson figures={figures} keep={keep} />
    </section>
  );
}

function DaysOff({ person, onDays }: { readonly person: Person; readonly onDays: (days: string[]) => void }) {
  return (
    <span className="flex flex-wrap items-center gap-2 text-[15px]">
      days off:
      {person.daysOff.map((d) => (
        <button
          key={d}
          type="button"
          aria-label={`${person.name} is there on ${d} after all`}
          onClick={() => onDays(person.daysOff.filter((x) => x !== d))}
          className="figure rounded-full border border-ink-soft px-2 hover:line-through"
        >
          {d}
        </button>
      ))}
      <input
        type="date"
        aria-label={`A day off of ${person.name}`}
        value=""
        onChange={(e) => {
          const d = e.target.value;
          if (d && !person.daysOff.includes(d)) onDays([...person.daysOff, d].toSorted());
        }}
        className="figure rounded border border-ink-soft bg-white px-1"
      />
    </span>
  );
}

function NewPerson({ figures, keep }: FiguresProps) {
  const [name, setName] = useState('');
  return (
    <form
      className="mt-3 flex gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        if (name.trim() === '') return;
        void keep({
          people: [
            ...figures.people,
            { name: name.trim(), hours: [1, 1, 1, 1, 1, 0, 0], daysOff: [], hardest: 2 },
          ],
        });
        setName('');
      }}
    >
      <input
        aria-label="Name of a helper"
        value={name}
        maxLength={60}
        placeholder="Lin"
        onChange={(e) => setName(e.target.value)}
        className="rounded border border-ink-soft bg-white px-2 py-1"
      />
      <Button type="submit">Add a helper</Button>
    </form>
  );
}

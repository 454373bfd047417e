import { useState } from 'react';
import type { ClassOfKits } from '../../../../core/formats/class.ts';
import { USUAL_ADULTS } from '../../../../core/kits/timing.ts';
import { dayNumber } from '../../../../core/stall/dates.ts';
import { plural } from '../../../../core/words.ts';
import { NumberField } from '../../../ui/NumberField.tsx';
import { Select } from '../../../ui/Select.tsx';
import { TextField } from '../../../ui/TextField.tsx';
import type { Book } from '../useBook.ts';
import { dayName } from '../words.ts';
import type { KeepClass } from './keep.ts';

interface Props {
  readonly book: Book;
  readonly kits: ClassOfKits;
  readonly keep: KeepClass;
}

/** The class in a sentence, and what in it can be changed. */
export function ClassSentence({ book, kits, keep }: Props) {
  const [name, setName] = useState(kits.name);
  const left = kits.pupils.filter((p) => p.isLeftHanded).length;
  const measured = kits.pupils.filter((p) => p.girthMm !== undefined).length;
  const day = kits.day === undefined ? undefined : dayNumber(kits.day);
  const bands = book.offers.filter((o) => o.pattern.kind === 'design');
  const unused = bands.filter((o) => !kits.designs.some((d) => d.design === o.id));
  return (
    <div className="flex flex-col gap-3">
      <p className="text-lg" data-testid="class-sentence">
        <strong>{kits.pupils.length}</strong> {plural(kits.pupils.length, 'pupil')}
        {left > 0 && `, ${left} of them left-handed,`} tie {kits.designs.map((d) => d.name).join(' or ')}
        {day !== undefined && ` on ${dayName(day)}`}. {measured} {measured === 1 ? 'wrist is' : 'wrists are'}{' '}
        measured; the rest are estimated from age. <strong>{kits.spares}</strong> spare{' '}
        {plural(kits.spares, 'kit')}, as large as the largest wrist.
      </p>
      <div className="flex flex-wrap items-end gap-3">
        <span className="w-64">
          <TextField
            label="Name of the class"
            value={name}
            maxLength={100}
            onChange={(e) => setName(e.target.value)}
            onBlur={() => {
              if (name.trim() && name !== kits.name) void keep({ name: name.trim() });
            }}
          />
        </span>
        <label className="flex flex-col gap-1">
          <span className="font-medium text-sm">On</span>
          <input
            type="date"
            value={kits.day ?? ''}
            onChange={(e) => void keep({ day: e.target.value || undefined })}
            className="figure rounded border border-ink-soft bg-white px-2 py-1.5"
          />
        </label>
        <span className="flex flex-col gap-1">
          <span className="font-medium text-sm">Spare kits</span>
          <NumberField
            label="Spare kits"
            value={kits.spares}
            least={0}
            most={50}
            className="w-20"
            onChange={(n) => void keep({ spares: n ?? 0 })}
          />
        </span>
        <span className="flex flex-col gap-1">
          <span className="font-medium text-sm">Adults at the flame</span>
          <NumberField
            label="Adults at the flame"
            value={kits.adults ?? USUAL_ADULTS}
            least={1}
            most={20}
            className="w-20"
            onChange={(adults) => void keep({ adults })}
          />
        </span>
        <span className="flex flex-col gap-1">
          <span className="font-medium text-sm">Designs to choose from</span>
          <span className="flex flex-wrap gap-1.5">
            {kits.designs.map((d) => (
              <button
                key={d.design}
                type="button"
                disabled={kits.designs.length === 1}
                aria-label={`Remove ${d.name} from the choice`}
                onClick={() =>
                  void keep({
                    designs: kits.designs.filter((x) => x.design !== d.design),
                    pupils: kits.pupils.map(({ design, ...p }) =>
                      design === d.design || design === undefined ? p : { ...p, design },
                    ),
                  })
                }
                className="rounded-full border border-ink-soft bg-card px-3 py-1 enabled:hover:line-through"
              >
                {d.name}
              </button>
            ))}
            {unused.length > 0 && kits.designs.length < 6 && (
              <Select
                label="Another design"
                value=""
                choices={[
                  { value: '', name: 'another…' },
                  ...unused.map((o) => ({ value: o.id, name: o.name })),
                ]}
                onChange={(id) => {
                  const offer = unused.find((o) => o.id === id);
                  if (offer)
                    void keep({ designs: [...kits.designs, { design: offer.id, name: offer.name }] });
                }}
              />
            )}
          </span>
        </span>
      </div>
    </div>
  );
}

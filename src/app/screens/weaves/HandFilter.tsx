import { CLOSURES } from '../../../core/closures/index.ts';
import { offeredFor } from '../../../core/closures/offered.ts';
import { findProduct } from '../../../core/fit/products.ts';
import { Button } from '../../ui/Button.tsx';
import { LengthField } from '../../ui/LengthField.tsx';
import { NumberField } from '../../ui/NumberField.tsx';
import { Select } from '../../ui/Select.tsx';

/** What is asked of the library by what lies on the table; lengths in mm. */
export interface HandAsk {
  readonly pieces: number;
  readonly lengthMm: number;
  readonly girthMm: number;
  readonly closureId: string;
}

export const USUAL_HAND: HandAsk = { pieces: 1, lengthMm: 3000, girthMm: 170, closureId: '' };

const BRACELET = new Set(offeredFor(findProduct('bracelet')!));
const CHOICES = [
  { value: '', name: 'whatever suits it' },
  ...CLOSURES.filter((c) => BRACELET.has(c.id)).map((c) => ({ value: c.id, name: c.name })),
];

interface Props {
  readonly ask: HandAsk;
  readonly onAsk: (ask: HandAsk) => void;
  readonly onClose: () => void;
}

/** So many pieces, each so long, for a wrist and a closure: what can be made of them? */
export function HandFilter({ ask, onAsk, onClose }: Props) {
  return (
    <section
      aria-label="From the cord at hand"
      className="mt-3 flex flex-wrap items-start gap-x-5 gap-y-2 rounded-xl border border-ink-soft bg-card p-4"
    >
      <h2 className="w-full font-bold font-title text-xl">
        What can I make from what I have?{' '}
        <span className="font-normal font-sans text-ink-soft text-sm">
          a bracelet with every hand length and spare, planned as on the Bench
        </span>
      </h2>
      <div className="flex flex-col gap-1 text-sm">
        <span className="font-semibold">pieces</span>
        <NumberField
          label="Pieces of cord"
          value={ask.pieces}
          least={1}
          most={12}
          className="w-20"
          onChange={(pieces) => pieces !== undefined && onAsk({ ...ask, pieces })}
        />
      </div>
      <div className="w-40">
        <LengthField
          label="each as long as"
          valueMm={ask.lengthMm}
          leastMm={100}
          mostMm={300_000}
          onChange={(lengthMm) => onAsk({ ...ask, lengthMm })}
        />
      </div>
      <div className="w-40">
        <LengthField
          label="for a wrist of"
          valueMm={ask.girthMm}
          leastMm={90}
          mostMm={300}
          onChange={(girthMm) => onAsk({ ...ask, girthMm })}
        />
      </div>
      <div className="flex flex-col gap-1 text-sm">
        <span className="font-semibold">closed by</span>
        <Select
          label="Closed by"
          value={ask.closureId}
          onChange={(closureId) => onAsk({ ...ask, closureId })}
          choices={CHOICES}
        />
      </div>
      <Button className="ml-auto" onClick={onClose}>
        Show every weave
      </Button>
    </section>
  );
}

import { Trash2 } from 'lucide-react';
import type { OrderLine } from '../../../core/formats/orders.ts';
import { girthOf } from '../../../core/orders/make.ts';
import { money } from '../../../core/orders/money.ts';
import type { WorkedLine } from '../../../core/orders/needs.ts';
import { Button } from '../../ui/Button.tsx';
import { LengthField } from '../../ui/LengthField.tsx';
import { NumberField } from '../../ui/NumberField.tsx';
import { Problem } from '../../ui/Problem.tsx';
import { Select } from '../../ui/Select.tsx';
import { useLength } from '../../ui/units.tsx';
import { WhyNumber } from '../../ui/WhyNumber.tsx';
import type { Book } from './useBook.ts';
import { hours } from './words.ts';

interface Props {
  readonly book: Book;
  readonly line: OrderLine;
  readonly worked: WorkedLine | undefined;
  readonly onChange: (line: OrderLine | undefined) => void;
}

/** So many of one design in one size, with what one of them takes and costs. */
export function LineEditor({ book, line, worked, onChange }: Props) {
  const show = useLength();
  const { sizes } = book.figures;
  const { size: _size, girthMm: _girth, ...plain } = line;
  const sized = line.girthMm !== undefined ? 'measured' : (line.size ?? 'design');
  const cost = worked && book.money.get(worked);
  const girth = girthOf(line, book.figures);
  const designs = book.offers.some((o) => o.id === line.design)
    ? book.offers
    : [{ id: line.design, name: `${line.name} (gone)` }, ...book.offers];
  const chooseSize = (next: string) => {
    if (next === 'design') return onChange(plain);
    if (next !== 'measured') return onChange({ ...plain, size: next });
    return onChange({
      ...plain,
      girthMm: (girth.ok ? girth.value : undefined) ?? worked?.made?.girthMm ?? 165,
    });
  };
  return (
    <li className="flex flex-col gap-1.5">
      <span className="flex items-center gap-2">
        <NumberField
          label={`How many ${line.name}`}
          value={line.count}
          least={1}
          most={500}
          className="w-16"
          onChange={(count) => count && onChange({ ...line, count })}
        />
        ×
        <span className="min-w-0 grow">
          <Select
            label="Design"
            value={line.design}
            className="w-full"
            choices={designs.map((o) => ({ value: o.id, name: o.name }))}
            onChange={(id) => {
              const offer = book.offers.find((o) => o.id === id);
              if (offer) onChange({ ...line, design: id, name: offer.name });
            }}
          />
        </span>
        <Button look="quiet" aria-label={`Remove ${line.name}`} onClick={() => onChange(undefined)}>
          <Trash2 size={16} aria-hidden />
        </Button>
      </span>
      <span className="flex flex-wrap items-center gap-2 text-[15px]">
        size
        <Select
          label={`Size of ${line.name}`}
          value={sized}
          choices={[
            { value: 'design', name: 'as designed' },
            ...sizes.map((s) => ({ value: s.name, name: `${s.name}, ${show(s.girthMm)}` })),
            { value: 'measured', name: 'measured' },
          ]}
          onChange={chooseSize}
        />
        <label className="flex items-center gap-1.5">
          <input
            type="checkbox"
            className="size-4"
            checked={line.joins === 'hidden'}
            onChange={(e) => {
              const { joins: _joins, ...rest } = line;
              onChange(e.target.checked ? { ...rest, joins: 'hidden' } : rest);
            }}
          />
          may be joined where it is hidden
        </label>
      </span>
      {line.girthMm !== undefined && (
        <LengthField
          label={`Girth of ${line.name}`}
          valueMm={line.girthMm}
          leastMm={60}
          mostMm={900}
          onChange={(girthMm) => onChange({ ...plain, girthMm })}
        />
      )}
      <Problem>{worked?.issue?.message}</Problem>
      {worked?.made && cost && (
        <p className="text-[15px] text-ink-soft">
          one takes {hours(worked.made.minutes)} and costs{' '}
          <WhyNumber label={`What one ${line.name} costs`} value={money(cost.costCents)} why={cost.why} />, to
          sell at <span className="figure text-ink">{money(cost.priceCents)}</span>
        </p>
      )}
    </li>
  );
}

import { Button } from '../../ui/Button.tsx';
import { localDay } from './piece/values.ts';
import type { LogView } from './useLog.ts';

/** Pieces whose day to look at them again has come. */
export function CareDue({
  view,
  onChoose,
}: {
  readonly view: LogView;
  readonly onChoose: (id: string) => void;
}) {
  const today = localDay(Date.now());
  const due = view.makes.filter((m) => m.careOn !== undefined && m.careOn <= today);
  if (due.length === 0) return null;
  return (
    <section
      aria-label="To look at again"
      className="flex flex-wrap items-center gap-2 rounded-xl border border-rule bg-card px-4 py-2"
    >
      <span>To look at again: ends, stitches, worn cord and hardware of</span>
      {due.map((m) => (
        <Button key={m.id} onClick={() => onChoose(m.id)}>
          {m.name}
        </Button>
      ))}
    </section>
  );
}

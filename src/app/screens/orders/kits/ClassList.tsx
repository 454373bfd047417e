import { Plus } from 'lucide-react';
import { useSearchParams } from 'react-router';
import type { ClassOfKits } from '../../../../core/formats/class.ts';
import { isoDay } from '../../../../core/stall/dates.ts';
import { newId } from '../../../../storage/ids.ts';
import { useClasses } from '../../../state/classes.ts';
import { Button } from '../../../ui/Button.tsx';
import { useToast } from '../../../ui/Toast.tsx';
import type { Book } from '../useBook.ts';
import { ClassView } from './ClassView.tsx';

const DAYS_AHEAD = 14;

/** Classes that tie together; one of them opened. */
export function ClassList({ book }: { readonly book: Book }) {
  const view = useClasses();
  const toast = useToast();
  const [search, setSearch] = useSearchParams();
  const open = view.classes.find((c) => c.id === search.get('class')) ?? view.classes[0];

  async function create() {
    const first = book.offers.find((o) => o.pattern.kind === 'design');
    if (!first) return;
    const id = newId();
    const kits: ClassOfKits = {
      format: 'warp-beam/class',
      version: 1,
      name: 'New class',
      day: isoDay(book.day + DAYS_AHEAD),
      designs: [{ design: first.id, name: first.name }],
      pupils: Array.from({ length: 12 }, (_, i) => ({ name: `Pupil ${i + 1}`, age: 10 })),
      spares: 1,
    };
    const trouble = await view.save(id, kits);
    if (trouble) toast({ text: trouble, tone: 'bad' });
    else setSearch({ class: id });
  }

  return (
    <div className="flex flex-col gap-3">
      <div className="flex flex-wrap gap-2 print:hidden">
        {view.classes.map((c) => (
          <button
            key={c.id}
            type="button"
            aria-pressed={c.id === open?.id}
            onClick={() => setSearch({ class: c.id })}
            className="rounded-lg border border-rule bg-card px-3 py-1.5 hover:border-ink-soft aria-pressed:border-ink aria-pressed:font-semibold"
          >
            {c.kits.name}
          </button>
        ))}
        <Button onClick={() => create()} disabled={book.offers.length === 0}>
          <Plus size={16} aria-hidden /> New class
        </Button>
      </div>
      {open ? (
        <ClassView key={open.id} book={book} seen={open} view={view} />
      ) : (
        view.isReady && (
          <p className="text-ink-soft">
            No class yet. A class is a list of wrists: its kits are cut in one plan, labelled, and each pupil
            gets a sheet.
          </p>
        )
      )}
    </div>
  );
}

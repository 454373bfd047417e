import { Printer, Trash2 } from 'lucide-react';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { ClassOfKits } from '../../../../core/formats/class.ts';
import { kitsOf } from '../../../../core/kits/kits.ts';
import { plural } from '../../../../core/words.ts';
import type { SeenClass, useClasses } from '../../../state/classes.ts';
import { Button } from '../../../ui/Button.tsx';
import { Problem } from '../../../ui/Problem.tsx';
import { Segments } from '../../../ui/Segments.tsx';
import type { Book } from '../useBook.ts';
import { AddPupils } from './AddPupils.tsx';
import { ClassSentence } from './ClassSentence.tsx';
import { KitTable } from './KitTable.tsx';
import type { KeepClass } from './keep.ts';
import { Labels } from './Labels.tsx';
import { PupilSheets } from './PupilSheets.tsx';
import { ResultTable } from './ResultTable.tsx';
import { TeacherList } from './TeacherList.tsx';

interface Props {
  readonly book: Book;
  readonly seen: SeenClass;
  readonly view: ReturnType<typeof useClasses>;
}

const PAPERS = [
  { id: 'labels', name: 'Labels' },
  { id: 'sheets', name: 'Sheets for pupils' },
  { id: 'teacher', name: 'Teacher’s list' },
] as const;
type Paper = (typeof PAPERS)[number]['id'];

/** A class: who, in which size, with what; its papers; and what came of it. */
export function ClassView({ book, seen, view }: Props) {
  const { kits } = seen;
  const [shown, setShown] = useState<'kits' | 'results'>('kits');
  const [paper, setPaper] = useState<Paper>();
  const [problem, setProblem] = useState<string>();
  const list = useMemo(
    () => kitsOf(kits, book.catalogue, book.figures),
    [kits, book.catalogue, book.figures],
  );
  const keep: KeepClass = async (patch) => {
    const next = Object.fromEntries(
      Object.entries({ ...kits, ...patch }).filter(([, v]) => v !== undefined),
    ) as unknown as ClassOfKits;
    setProblem(await view.save(seen.id, next));
  };
  const [isReady, setReady] = useState(false);
  // Printed as soon as what is to be printed is on the page.
  useEffect(() => {
    if (!paper || !isReady) return;
    window.print();
    setPaper(undefined);
    setReady(false);
  }, [paper, isReady]);
  const ready = useCallback(() => setReady(true), []);
  const issue = list.find((k) => k.issue)?.issue;
  return (
    <>
      <section aria-label={kits.name} className="flex flex-col gap-4 print:hidden">
        <ClassSentence book={book} kits={kits} keep={keep} />
        <Problem>{problem ?? issue?.message}</Problem>
        <div className="flex flex-wrap items-center gap-2">
          {PAPERS.map((p) => (
            <Button key={p.id} onClick={() => setPaper(p.id)} disabled={paper !== undefined}>
              <Printer size={16} aria-hidden /> {p.name}
            </Button>
          ))}
          <span className="grow" />
          {kits.isCut ? (
            <span className="font-semibold text-good">✓ The kits are cut</span>
          ) : (
            <Link
              to={`/stash?tab=cuts&class=${encodeURIComponent(seen.id)}`}
              className="rounded-md bg-amber px-3 py-1.5 font-semibold text-[#1b211f] hover:bg-[#f0b43a]"
            >
              Plan the cuts of {list.length} {plural(list.length, 'kit')}
            </Link>
          )}
        </div>
        <Segments
          label="Shown"
          value={shown}
          choices={[
            { value: 'kits', name: 'Kits' },
            { value: 'results', name: 'What came of it' },
          ]}
          onChange={setShown}
        />
        {shown === 'kits' ? (
          <>
            <KitTable kits={kits} list={list} keep={keep} />
            <AddPupils kits={kits} keep={keep} />
          </>
        ) : (
          <ResultTable kits={kits} keep={keep} />
        )}
        <Button look="quiet" className="self-start" onClick={() => view.remove(seen)}>
          <Trash2 size={16} aria-hidden /> Remove this class
        </Button>
      </section>
      {paper === 'labels' && <Labels list={list} className={kits.name} onReady={ready} />}
      {paper === 'sheets' && <PupilSheets book={book} list={list} onReady={ready} />}
      {paper === 'teacher' && <TeacherList kits={kits} list={list} onReady={ready} />}
    </>
  );
}

import { useEffect, useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import type { Result } from '../../../core/result.ts';
import { useWorkshop } from '../../state/knowledge.tsx';
import { useDatabase } from '../../state/services.tsx';
import { openPiece, type TyingPiece } from '../../state/tying.ts';
import { MixedProgress } from '../../ui/MixedProgress.tsx';
import { WhyProvider } from '../../ui/WhyNumber.tsx';
import { Tie } from './Tie.tsx';
import { PieceContext } from './TieContext.tsx';

/** A piece under the maker's hands, opened where it was left, or why it cannot be. */
export default function TiePage() {
  const { id } = useParams();
  const db = useDatabase();
  const { know, isReady } = useWorkshop();
  const [opened, setOpened] = useState<Result<TyingPiece>>();
  // What the workshop knows is needed to open a piece; a piece that is open is not opened again for it.
  const known = useRef(know);
  known.current = know;
  // But for one whose cords differ in thickness, whose weave was not known yet: once it is, the piece is opened with it.
  const mixed = opened?.ok ? opened.value.store.getState().plan.mixed : undefined;
  const hasCome = mixed !== undefined && !mixed.isKnown && know.mixed(mixed.request.id) !== undefined;
  const [round, setRound] = useState(0);
  useEffect(() => {
    if (hasCome) setRound((n) => n + 1);
  }, [hasCome]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another round opens it again
  useEffect(() => {
    if (!id || !isReady) return;
    let isCurrent = true;
    let piece: TyingPiece | undefined;
    void openPiece(db, id, known.current).then((result) => {
      if (result.ok) piece = result.value;
      if (isCurrent) setOpened(result);
      else piece?.close();
    });
    return () => {
      isCurrent = false;
      piece?.close();
    };
  }, [db, id, isReady, round]);
  if (!opened) return <main className="p-8 text-ink-soft">Opening…</main>;
  if (!opened.ok)
    return (
      <main className="mx-auto max-w-xl p-8" role="alert">
        <h1 className="mb-2 font-bold font-title text-2xl">This piece can’t be resumed</h1>
        <ul className="list-disc pl-5">
          {opened.issues.map((i) => (
            <li key={i.path + i.message}>{i.message}</li>
          ))}
        </ul>
        <p className="mt-3">
          It was left untouched.{' '}
          <Link to="/tie" className="underline">
            What is on the table
          </Link>
        </p>
      </main>
    );
  return (
    <PieceContext value={opened.value}>
      <WhyProvider>
        <MixedProgress plan={opened.value.store.getState().plan} />
        <Tie />
      </WhyProvider>
    </PieceContext>
  );
}

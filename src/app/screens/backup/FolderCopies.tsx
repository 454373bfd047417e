import { formatDistanceToNow } from 'date-fns';
import { FolderSync } from 'lucide-react';
import { useState } from 'react';
import { useCopies } from '../../state/copies.ts';
import { Button } from '../../ui/Button.tsx';
import { Problem } from '../../ui/Problem.tsx';

/** A copy of everything into a folder of the maker's, once a day, where the browser can do that. */
export function FolderCopies() {
  const { canChoose, copies, choose, copyNow, stop } = useCopies();
  const [problem, setProblem] = useState<string>();
  if (!canChoose) return null;
  const tried = (work: () => Promise<void>) => async () => {
    setProblem(undefined);
    await work().catch((error: Error) => setProblem(`No copy was written: ${error.message}`));
  };
  return (
    <section aria-label="Automatic copies" className="flex flex-col gap-2">
      <h2 className="font-bold font-title text-xl">Automatic copies</h2>
      {copies ? (
        <>
          <p data-testid="copies">
            Once a day a copy goes into “{copies.folder}”; the last ten are kept.{' '}
            {copies.lastAt !== undefined &&
              `The last one was written ${formatDistanceToNow(copies.lastAt, { addSuffix: true })}.`}
            {copies.mustAsk && ' The browser wants to be asked again before it writes there.'}
          </p>
          <div className="flex flex-wrap gap-3">
            <Button look={copies.mustAsk ? 'next' : 'plain'} onClick={() => tried(copyNow)()}>
              {copies.mustAsk ? 'Allow it, and copy now' : 'Copy now'}
            </Button>
            <Button look="quiet" onClick={() => tried(stop)()}>
              Stop copying
            </Button>
          </div>
        </>
      ) : (
        <>
          <p>
            Choose a folder, and a copy of everything is written there once a day while Warp Beam is open.
          </p>
          <Button className="self-start" onClick={() => tried(choose)()}>
            <FolderSync size={18} aria-hidden /> Choose a folder
          </Button>
        </>
      )}
      <Problem>{problem}</Problem>
    </section>
  );
}

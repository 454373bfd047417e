import { useState } from 'react';
import { Link } from 'react-router';
import { download } from '../../export/download.ts';
import { BACKUP_PATH } from '../../paths.ts';
import { type KeptKind, reportText, useKeptHere } from '../../state/keptHere.ts';
import { useSelfTest } from '../../state/selfTest.ts';
import { Button } from '../../ui/Button.tsx';
import { Problem } from '../../ui/Problem.tsx';
import { useToast } from '../../ui/Toast.tsx';
import { KeptTable } from './KeptTable.tsx';
import { SelfTest } from './SelfTest.tsx';

/** What is kept in this browser, how to erase it, and whether the engine works as it should. */
export default function AboutPage() {
  const kept = useKeptHere();
  const test = useSelfTest();
  const toast = useToast();
  const [isSure, setSure] = useState(false);
  const [problem, setProblem] = useState<string>();

  async function erase(kind: KeptKind) {
    setProblem(undefined);
    try {
      const before = await kept.erase(kind.id);
      toast({
        text: `${kind.name}: ${kind.records} erased.`,
        action: { text: 'Undo', run: () => kept.undo(before) },
      });
    } catch (error) {
      setProblem(`Nothing was erased: ${(error as Error).message}`);
    }
  }

  async function eraseEverything() {
    setProblem(undefined);
    try {
      await kept.eraseEverything();
      window.location.assign('/');
    } catch (error) {
      setProblem((error as Error).message);
      setSure(false);
    }
  }

  return (
    <main className="grid max-w-6xl grid-cols-1 gap-x-10 gap-y-6 px-5 py-4 lg:grid-cols-2">
      <div className="lg:col-span-2">
        <h1 className="font-bold font-title text-3xl">This browser</h1>
        <p className="mt-1 text-lg">
          Warp Beam {__VERSION__}. Everything below is stored on this device, in this browser, and nowhere
          else. Nothing is sent anywhere.
        </p>
        <Problem>{problem}</Problem>
      </div>
      <section aria-label="What is kept" className="flex flex-col gap-3">
        <h2 className="font-bold font-title text-xl">What is kept</h2>
        {kept.problem === undefined ? (
          <KeptTable kinds={kept.kinds ?? []} onErase={(kind) => void erase(kind)} />
        ) : (
          <Problem>What is kept here can’t be read ({kept.problem}). You can still erase everything.</Problem>
        )}
        {/* Under the table, where nothing moves any more; there, too, when the table could not be read. */}
        {!kept.isLoading && (
          <div className="flex flex-wrap items-center gap-3">
            {isSure ? (
              <>
                <Button className="border-bad text-bad" onClick={() => eraseEverything()}>
                  Erase it all now
                </Button>
                <Button onClick={() => setSure(false)}>Keep everything</Button>
                <span className="text-bad">This can’t be undone.</span>
              </>
            ) : (
              <Button onClick={() => setSure(true)}>Erase everything…</Button>
            )}
            <Link to={BACKUP_PATH} className="underline underline-offset-4">
              Save a backup first
            </Link>
          </div>
        )}
      </section>
      <SelfTest
        test={test}
        onReport={() =>
          download({
            name: 'warp-beam-report.txt',
            type: 'text/plain',
            text: reportText(kept.kinds ?? [], test.tried),
          })
        }
      />
    </main>
  );
}

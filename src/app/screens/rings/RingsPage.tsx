import { Copy, FileUp, Plus, Trash2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { type RingDesign, readRing } from '../../../core/formats/ring.ts';
import type { Issue } from '../../../core/result.ts';
import { roundScene } from '../../../core/rings/drawing/round.ts';
import { planRing } from '../../../core/rings/plan.ts';
import { ringName } from '../../../core/rings/words.ts';
import { capital } from '../../../core/words.ts';
import { ringPath } from '../../paths.ts';
import { useRestOfDemo } from '../../state/restOfDemo.ts';
import { useRingLibrary } from '../../state/ringLibrary.ts';
import { Button } from '../../ui/Button.tsx';
import { FilePicker } from '../../ui/FilePicker.tsx';
import { SceneView } from '../../ui/SceneView.tsx';
import { useLength } from '../../ui/units.tsx';
import { cordOfLay, looksOf } from './RingContext.tsx';

/** All rings: planned, half laid, done. */
export default function RingsPage() {
  useRestOfDemo();
  const library = useRingLibrary();
  const [problem, setProblem] = useState<{ file: string; issues: readonly Issue[] }>();
  return (
    <main className="mx-auto w-full max-w-6xl px-5 py-5">
      <div className="flex flex-wrap items-center gap-3">
        <h1 className="grow font-bold font-title text-3xl">Rings</h1>
        <Button look="next" onClick={() => void library.create()}>
          <Plus size={18} aria-hidden /> New ring
        </Button>
        <FilePicker
          label={
            <>
              <FileUp size={18} aria-hidden /> Import
            </>
          }
          name="Import a ring file"
          accept=".json,application/json"
          onFile={async (file) => {
            const read = await library.importFile(file);
            setProblem(read.ok ? undefined : { file: file.name, issues: read.issues });
          }}
        />
      </div>
      <p className="mt-1 max-w-3xl text-lg">
        A ring closes without any closure: a cord goes round and round a hand or a mandrel, over and under
        itself, until it is back where it began. The program counts the leads and bights for you.
      </p>
      {problem && (
        <div role="alert" className="mt-3 rounded-lg border border-bad bg-bad-pale px-3 py-2 text-bad">
          <p className="font-semibold">“{problem.file}” was not imported; nothing was changed.</p>
          {problem.issues.map((i) => (
            <p key={i.path + i.message}>
              {i.path && <code className="figure">{i.path}</code>} {i.message}
            </p>
          ))}
        </div>
      )}
      {library.records.length === 0 && (
        <p className="mt-4 flex items-center gap-3 text-lg">
          No rings yet. <Button onClick={() => void library.loadDemo()}>Load the stall’s rings</Button>
        </p>
      )}
      <ul className="mt-4 grid gap-4 sm:grid-cols-2 lg:grid-cols-3">
        {library.records.map((record) => {
          const read = readRing(record.ring);
          return (
            <li key={record.id} className="flex flex-col rounded-xl border border-rule bg-card shadow-sm">
              <Link
                to={ringPath(record.id)}
                className="flex grow flex-col gap-2 rounded-t-xl p-3 hover:bg-paper"
              >
                {read.ok && <Picture ring={read.value} />}
                <span className="font-semibold text-xl">{record.name}</span>
                {read.ok ? (
                  <Facts ring={read.value} />
                ) : (
                  <span className="text-bad">can’t be opened: {read.issues[0]!.message}</span>
                )}
              </Link>
              <span className="flex justify-end gap-1 border-rule border-t px-2 py-1">
                <Button
                  look="quiet"
                  aria-label={`Copy ${record.name}`}
                  onClick={() => void library.duplicate(record)}
                >
                  <Copy size={18} aria-hidden />
                </Button>
                <Button
                  look="quiet"
                  aria-label={`Delete ${record.name}`}
                  onClick={() => void library.remove(record)}
                >
                  <Trash2 size={18} aria-hidden />
                </Button>
              </span>
            </li>
          );
        })}
      </ul>
    </main>
  );
}

function Picture({ ring }: { readonly ring: RingDesign }) {
  const scene = useMemo(() => {
    const planned = planRing({ ...ring, laid: 0 });
    if (!planned.ok) return undefined;
    const plan = planned.value;
    return roundScene(
      {
        ring: plan.ring,
        widthMm: plan.widthMm,
        colours: looksOf(plan),
        cordOf: cordOfLay(plan),
        turn: 0.3,
        tilt: 0.42,
      },
      plan.lays,
    );
  }, [ring]);
  if (!scene) return <span className="block h-40 rounded-lg bg-mat" />;
  return <SceneView scene={scene} className="on-mat h-44 w-full rounded-lg bg-mat p-3" />;
}

function Facts({ ring }: { readonly ring: RingDesign }) {
  const show = useLength();
  const planned = planRing(ring);
  if (!planned.ok) return <span className="text-bad">{planned.issues[0]!.message}</span>;
  const plan = planned.value;
  const laid = Math.min(ring.laid ?? 0, plan.lays.length);
  const state =
    laid === 0
      ? ''
      : laid === plan.lays.length
        ? ', all laid'
        : `, ${laid} of ${plan.lays.length} half cycles laid`;
  return (
    <span className="text-ink-soft">
      {capital(plan.product.name)}
      {ring.wearer && ` for ${ring.wearer}`}, {ringName(plan)}, inside {show(plan.ring.girth)}
      {state}
    </span>
  );
}

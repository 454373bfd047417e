import { Copy, FileUp, Plus, Trash2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { Scene } from '../../../core/drawing/shape.ts';
import { readRing } from '../../../core/formats/ring.ts';
import { lookOf } from '../../../core/rings/drawing/look.ts';
import { roundScene } from '../../../core/rings/drawing/round.ts';
import { planRing } from '../../../core/rings/plan.ts';
import type { RingPlan } from '../../../core/rings/planned.ts';
import { ringName } from '../../../core/rings/words.ts';
import { capital } from '../../../core/words.ts';
import type { RingRecord } from '../../../storage/db.ts';
import { ringPath } from '../../paths.ts';
import { useRestOfDemo } from '../../state/restOfDemo.ts';
import { newRing, useRingLibrary } from '../../state/ringLibrary.ts';
import { Button } from '../../ui/Button.tsx';
import { EmptyState } from '../../ui/EmptyState.tsx';
import { FilePicker } from '../../ui/FilePicker.tsx';
import { NotImported, type Refused } from '../../ui/NotImported.tsx';
import { SceneView } from '../../ui/SceneView.tsx';
import { useLength } from '../../ui/units.tsx';
import { TILT, TURN } from './RoundPicture.tsx';

/** All rings: planned, begun, done. */
export default function RingsPage() {
  useRestOfDemo();
  const library = useRingLibrary();
  const [refused, setRefused] = useState<Refused>();
  return (
    <main className="mx-auto w-full max-w-6xl px-5 py-5">
      <div className="flex flex-wrap items-center gap-3">
        <h1 className="grow font-bold font-title text-3xl">Rings</h1>
        <Button look="next" onClick={() => library.create()}>
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
            setRefused(read.ok ? undefined : { file: file.name, issues: read.issues });
          }}
        />
      </div>
      <p className="mt-1 max-w-3xl text-lg">
        A ring closes without any closure: a cord goes round and round a hand or a mandrel, over and under
        itself, until it is back where it began. The program counts the leads and bights for you.
      </p>
      <div className="mt-3">
        <NotImported refused={refused} />
      </div>
      {library.records.length === 0 && (
        <EmptyState
          picture={<FirstRing />}
          steps={[
            'Press “New ring”: measure what it goes round, and choose how wide it is.',
            'Follow the cord half cycle by half cycle, over and under as it is told.',
            'Follow the first lay once more beside it, in the same cord or another, and draw it snug.',
          ]}
        >
          <Button onClick={() => library.loadDemo()}>Load the stall’s rings</Button>
        </EmptyState>
      )}
      <ul className="mt-4 grid gap-4 sm:grid-cols-2 lg:grid-cols-3">
        {library.records.map((record) => (
          <li key={record.id} className="flex flex-col rounded-xl border border-rule bg-card shadow-sm">
            <Link
              to={ringPath(record.id)}
              className="flex grow flex-col gap-2 rounded-t-xl p-3 hover:bg-paper"
            >
              <Tile record={record} />
            </Link>
            <span className="flex justify-end gap-1 border-rule border-t px-2 py-1">
              <Button
                look="quiet"
                aria-label={`Copy ${record.name}`}
                onClick={() => library.duplicate(record)}
              >
                <Copy size={18} aria-hidden />
              </Button>
              <Button
                look="quiet"
                aria-label={`Delete ${record.name}`}
                onClick={() => library.remove(record)}
              >
                <Trash2 size={18} aria-hidden />
              </Button>
            </span>
          </li>
        ))}
      </ul>
    </main>
  );
}

/** The ring that a new design begins with, in the round. */
function FirstRing() {
  const made = useMemo(() => planRing(newRing('')), []);
  if (!made.ok) return null;
  return (
    <>
      <SceneView
        scene={finished(made.value)}
        label="A finished ring, in the round"
        className="h-40 max-w-full"
      />
      <p className="text-center text-[15px]">{capital(ringName(made.value))}</p>
    </>
  );
}

/** A ring with its picture and what it is, or why it can't be opened. */
function Tile({ record }: { readonly record: RingRecord }) {
  const made = useMemo(() => {
    const read = readRing(record.ring);
    const planned = read.ok ? planRing(read.value) : read;
    return planned.ok ? { ok: true as const, plan: planned.value, scene: finished(planned.value) } : planned;
  }, [record.ring]);
  return (
    <>
      {made.ok && <SceneView scene={made.scene} className="on-mat h-44 w-full rounded-lg bg-mat p-3" />}
      <span className="font-semibold text-xl">{record.name}</span>
      {made.ok ? (
        <Facts plan={made.plan} />
      ) : (
        <span className="text-bad">can’t be opened: {made.issues[0]!.message}</span>
      )}
    </>
  );
}

const finished = (plan: RingPlan): Scene =>
  roundScene({ ...lookOf(plan), turn: TURN, tilt: TILT }, plan.lays);

function Facts({ plan }: { readonly plan: RingPlan }) {
  const show = useLength();
  const { design } = plan;
  const laid = Math.min(design.laid ?? 0, plan.lays.length);
  const state =
    laid === 0
      ? ''
      : laid === plan.lays.length
        ? ', finished'
        : `, ${laid} of ${plan.lays.length} half cycles done`;
  return (
    <span className="text-ink-soft">
      {capital(plan.product.name)}
      {design.wearer && ` for ${design.wearer}`}, {ringName(plan)}, inside {show(plan.ring.girth)}
      {state}
    </span>
  );
}

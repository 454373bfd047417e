import { Suspense, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { faceShares } from '../../../core/colour/faces.ts';
import { CORDS } from '../../../core/cord/cords.ts';
import type { View } from '../../../core/drawing/paint.ts';
import { findPattern } from '../../../core/patterns/index.ts';
import type { SolvedWeave } from '../../../core/patterns/types.ts';
import { removeWeave } from '../../../storage/weaves.ts';
import { Linked } from '../../help/Linked.tsx';
import { useWeave, useWorkshop } from '../../state/knowledge.tsx';
import { useDatabase } from '../../state/services.tsx';
import { Button } from '../../ui/Button.tsx';
import { lazily } from '../../ui/lazily.ts';
import { SamplePicture } from '../../ui/SamplePicture.tsx';
import { VIEW_NAMES } from '../../ui/viewNames.ts';
import { WhyProvider } from '../../ui/WhyNumber.tsx';
import { NotationEditor } from './NotationEditor.tsx';
import { Reading } from './Reading.tsx';
import { ROLE_NAMES } from './roles.ts';
import { SwatchForm } from './SwatchForm.tsx';
import { Usage } from './Usage.tsx';
import { WeaveExports } from './WeaveExports.tsx';

const Turntable = lazily(() => import('./Turntable.tsx'));
const VIEWS: readonly View[] = ['front', 'back', 'edge'];

const START = `weave my-weave period 6 rows 2
core C1: -1,0
core C2: 1,0
work A: -4.5,-1.5 -3,0.5 3,-0.5 4.5,1.5 3,3.5 -3,2.5 | UOOOU UOOOU
work B: 4.5,-1.5 3,0.5 -3,-0.5 -4.5,1.5 -3,3.5 3,2.5 | OUUUO OUUUO
`;

/** One weave: its faces, the same in the round, what it takes, a swatch of one's own, and its notation to change. */
export default function WeavePage() {
  const { id } = useParams();
  const { know, isReady, own } = useWorkshop();
  const isOwn = own.some((w) => w.id === id);
  const isNew = id === 'new';
  const kept = useWeave(isNew ? undefined : id);
  const [tried, setTried] = useState<SolvedWeave>();
  const [view, setView] = useState<View | 'turn'>('front');
  const [cordId, setCordId] = useState('nylon-4');
  const solved = tried ?? kept;
  const pattern = id ? findPattern(id) : undefined;
  const name = isNew ? 'A weave of your own' : ((id && know.name(id)) ?? '');
  if (!isNew && isReady && id && !know.facts(id)) {
    return (
      <main className="p-8" role="alert">
        There is no weave called “{id}”.{' '}
        <Link to="/weaves" className="underline">
          Back to the library
        </Link>
      </main>
    );
  }
  return (
    <WhyProvider>
      <main>
        <div className="flex flex-wrap items-baseline gap-x-5 px-5 pt-3 pb-3">
          <h1 className="font-bold font-title text-3xl">{name}</h1>
          <p className="max-w-3xl text-lg">
            <Linked text={pattern?.words ?? ''} />
          </p>
          <Link to="/weaves" className="ml-auto underline">
            All weaves
          </Link>
        </div>
        <section aria-label="The weave" className="on-mat own-layer bg-mat">
          <div className="flex min-h-72 items-center justify-center overflow-x-auto px-4 py-5">
            {solved && view === 'turn' && (
              <Suspense fallback={<p className="text-white">Setting it up…</p>}>
                <Turntable solved={solved} />
              </Suspense>
            )}
            {solved && view !== 'turn' && (
              <SamplePicture solved={solved} view={view} label={`${name}, ${view}`} lengthD={26} scale={26} />
            )}
          </div>
          <fieldset className="flex gap-1 px-4 pb-2 text-[15px] text-white">
            <legend className="sr-only">How it is shown</legend>
            {[...VIEWS, 'turn' as const].map((v) => (
              <button
                key={v}
                type="button"
                aria-pressed={v === view}
                onClick={() => setView(v)}
                className="rounded px-2.5 py-1 text-white/85 hover:bg-white/10 aria-pressed:bg-white aria-pressed:font-semibold aria-pressed:text-mat-deep"
              >
                {v === 'turn' ? 'turn it' : VIEW_NAMES[v]}
              </button>
            ))}
          </fieldset>
        </section>
        <div className="grid gap-x-8 gap-y-6 px-5 py-4 lg:grid-cols-[1fr_24rem]">
          <div className="flex min-w-0 flex-col gap-6">
            {solved && <Usage solved={solved} cordId={cordId} onCord={setCordId} />}
            {solved?.kind === 'weave' && <Faces solved={solved} />}
            {pattern?.edges && <Reading pattern={pattern} />}
            <NotationEditor
              key={id}
              start={isNew ? START : (kept?.notation ?? '')}
              squash={kept?.squash ?? 0.8}
              load={kept?.load ?? 0}
              patience={pattern?.patience ?? 1}
              baseName={isNew ? 'My weave' : `${name}, mine`}
              onSolved={setTried}
            />
          </div>
          <aside className="flex flex-col gap-4" aria-label="Swatch and files">
            {!tried && kept?.kind === 'weave' && (
              <SwatchForm facts={kept} cord={CORDS.find((c) => c.id === cordId)!} />
            )}
            {solved && <WeaveExports solved={solved} name={name} />}
            {isOwn && <RemoveOwn id={id!} />}
          </aside>
        </div>
      </main>
    </WhyProvider>
  );
}

function Faces({ solved }: { readonly solved: SolvedWeave }) {
  const faces = (['front', 'back', 'left', 'right'] as const).map((f) => faceShares(solved, f));
  return (
    <section aria-label="What shows where">
      <h2 className="mb-1 font-bold font-title text-xl">What shows where</h2>
      <table className="w-full max-w-2xl text-left">
        <thead>
          <tr className="border-rule border-b">
            <th className="py-1 font-semibold">strand</th>
            {faces.map((f) => (
              <th key={f.face} className="text-right font-semibold">
                {VIEW_NAMES[f.face]}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {solved.strands.map((s) => (
            <tr key={s.name} className="border-rule border-b">
              <th scope="row" className="py-1 font-normal">
                {s.name} <span className="text-ink-soft text-sm">{ROLE_NAMES[s.role]}</span>
              </th>
              {faces.map((f) => (
                <td key={f.face} className="figure text-right">
                  {Math.round(f.shares[s.name]! * 100)} %
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function RemoveOwn({ id }: { readonly id: string }) {
  const db = useDatabase();
  const { refresh } = useWorkshop();
  const navigate = useNavigate();
  return (
    <Button
      onClick={async () => {
        await removeWeave(db, id);
        await navigate('/weaves');
        await refresh();
      }}
    >
      Delete this weave of mine
    </Button>
  );
}

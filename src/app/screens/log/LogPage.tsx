import { format } from 'date-fns';
import { FileDown } from 'lucide-react';
import { unparse } from 'papaparse';
import { Suspense, useState } from 'react';
import { formatMake, type Make } from '../../../core/formats/make.ts';
import { rowOfMake } from '../../../core/log/table.ts';
import { download } from '../../export/download.ts';
import { Boundary } from '../../ui/Boundary.tsx';
import { Button } from '../../ui/Button.tsx';
import { EmptyState } from '../../ui/EmptyState.tsx';
import { lazily } from '../../ui/lazily.ts';
import { WhyProvider } from '../../ui/WhyNumber.tsx';
import { Asked } from './Asked.tsx';
import { CareDue } from './CareDue.tsx';
import { FirstPiece } from './FirstPiece.tsx';
import { Incoming } from './Incoming.tsx';
import { LogSentence } from './LogSentence.tsx';
import { MakesTable } from './MakesTable.tsx';
import { NewPiece } from './piece/NewPiece.tsx';
import { PieceCard } from './piece/PieceCard.tsx';
import { SettlingPicture } from './SettlingPicture.tsx';
import { type LogView, useLog } from './useLog.ts';

// Charts come after the list.
const Honest = lazily(() => import('./Honest.tsx'));
const Spent = lazily(() => import('./Spent.tsx'));

/** Finished pieces: what they taught of the hand, what is asked about, and all of them. */
export default function LogPage() {
  const view = useLog();
  const [chosen, setChosen] = useState<string>();
  const [fresh, setFresh] = useState<Make>();
  const open = fresh ?? view.makes.find((m) => m.id === chosen);
  if (!view.isReady) return <main className="p-5" />;
  if (view.makes.length === 0)
    return (
      <main className="flex max-w-5xl flex-col gap-3 px-5 py-4">
        <h1 className="font-bold font-title text-3xl">Log</h1>
        <p className="max-w-3xl text-lg">
          From the rope calculation alone. Your hand may use up to 12 % more or less; after one finished piece
          this becomes much closer.
        </p>
        <EmptyState
          picture={
            <WhyProvider>
              <FirstPiece />
            </WhyProvider>
          }
          steps={[
            'Finish a piece on Tie, or enter one that you made before.',
            'Measure what is left of each end, and how long the weave has become.',
            'It appears here, and the next cuts use it: less spare, and as sure to reach.',
          ]}
        >
          <NewPiece view={view} onNew={setFresh} />
          <Incoming view={view} />
          <Button onClick={() => view.loadDemo()}>Load the stall’s log, to look at</Button>
        </EmptyState>
        {fresh && (
          <PieceCard key={fresh.id} view={view} make={fresh} isNew onClose={() => setFresh(undefined)} />
        )}
      </main>
    );
  return (
    <main className="flex flex-col gap-4 px-5 py-4">
      <div className="flex flex-wrap items-start gap-x-6 gap-y-2">
        <div className="grow">
          <h1 className="font-bold font-title text-3xl">Log</h1>
          <LogSentence view={view} />
        </div>
        <label className="flex items-center gap-2 pt-2">
          <input
            type="checkbox"
            className="size-5 accent-amber-ink"
            checked={view.isOn}
            onChange={(e) => void view.setOn(e.target.checked)}
          />
          use it in plans
        </label>
        <Button
          onClick={() =>
            download({
              name: 'log.csv',
              type: 'text/csv',
              text: `${unparse(view.makes.map(rowOfMake), { escapeFormulae: true })}\n`,
            })
          }
        >
          <FileDown size={16} aria-hidden /> Table
        </Button>
        <Button
          onClick={() =>
            download({
              name: 'log.json',
              type: 'application/json',
              text: `[${view.makes.map(formatMake).join(',')}]\n`,
            })
          }
        >
          <FileDown size={16} aria-hidden /> Records
        </Button>
      </div>
      {view.unreadable > 0 && (
        <p className="text-bad">
          {view.unreadable} {view.unreadable === 1 ? 'record' : 'records'} can’t be read; left as they are.
        </p>
      )}
      {view.logProblem && (
        <p role="alert" className="rounded-lg bg-bad-pale px-3 py-2 text-bad">
          The log could not be worked through, so plans use the calculation alone: {view.logProblem}
        </p>
      )}
      <Boundary name="What was learned" keys={[view.log]}>
        {view.isOn && <Asked view={view} onCorrect={setChosen} />}
        {view.isOn && <SettlingPicture view={view} />}
      </Boundary>
      <CareDue view={view} onChoose={setChosen} />
      <div className="flex flex-wrap items-start gap-3">
        <NewPiece view={view} onNew={setFresh} />
        <Incoming view={view} />
        <Since view={view} />
      </div>
      <div className={`grid items-start gap-4 ${open ? 'xl:grid-cols-[minmax(0,1fr)_27rem]' : ''}`}>
        {open && (
          <div className="xl:order-last">
            <Boundary name="This piece" keys={[open]}>
              <PieceCard
                key={open.id}
                view={view}
                make={open}
                isNew={fresh !== undefined}
                onClose={() => {
                  setFresh(undefined);
                  setChosen(undefined);
                }}
              />
            </Boundary>
          </div>
        )}
        <MakesTable
          view={view}
          chosen={open?.id}
          onChoose={(id) => {
            setFresh(undefined);
            setChosen(id === chosen ? undefined : id);
          }}
        />
      </div>
      <Boundary name="Is it honest?" keys={[view.log]}>
        {view.isOn && (
          <Suspense>
            <Honest view={view} />
          </Suspense>
        )}
      </Boundary>
      <Boundary name="Where cord and time went" keys={[view.log]}>
        {view.isOn && (
          <Suspense>
            <Spent view={view} />
          </Suspense>
        )}
      </Boundary>
    </main>
  );
}

/** A new start: what was finished before today no longer counts, until it is wanted again. */
function Since({ view }: { readonly view: LogView }) {
  return view.since > 0 ? (
    <p className="flex items-center gap-2 py-1.5 text-[15px]">
      Only pieces finished since {format(view.since, 'd MMM yyyy, HH:mm')} count.
      <Button look="quiet" onClick={() => view.setSince(0)}>
        Count all of them again
      </Button>
    </p>
  ) : (
    <Button look="quiet" onClick={() => view.setSince(Date.now())}>
      Start learning afresh
    </Button>
  );
}

import { FileDown } from 'lucide-react';
import { unparse } from 'papaparse';
import { formatMake } from '../../../core/formats/make.ts';
import { download } from '../../export/download.ts';
import { Boundary } from '../../ui/Boundary.tsx';
import { Button } from '../../ui/Button.tsx';
import { Asked } from './Asked.tsx';
import { Honest } from './Honest.tsx';
import { LogSentence } from './LogSentence.tsx';
import { MakesTable, rowsOfTable } from './MakesTable.tsx';
import { SettlingPicture } from './SettlingPicture.tsx';
import { useLog } from './useLog.ts';

/** Finished pieces: what they taught of the hand, what is asked about, and all of them. */
export default function LogPage() {
  const view = useLog();
  if (!view.isReady) return <main className="p-5" />;
  if (view.makes.length === 0)
    return (
      <main className="flex max-w-3xl flex-col gap-3 px-5 py-4">
        <h1 className="font-bold font-title text-3xl">Log</h1>
        <p className="text-lg">
          From the rope calculation alone. Your hand may use up to 12 % more or less; after one finished piece
          this becomes much closer. Finish a piece on Tie and enter what was left over: it appears here, and
          the next cuts use it.
        </p>
        <Button className="self-start" onClick={() => void view.loadDemo()}>
          Load the stall’s log, to look at
        </Button>
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
              text: `${unparse(rowsOfTable(view), { escapeFormulae: true })}\n`,
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
        {view.isOn && <Asked view={view} />}
        {view.isOn && <SettlingPicture view={view} />}
      </Boundary>
      <MakesTable view={view} />
      <Boundary name="Is it honest?" keys={[view.log]}>
        {view.isOn && <Honest view={view} />}
      </Boundary>
    </main>
  );
}

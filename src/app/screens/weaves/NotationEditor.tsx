import { useEffect, useMemo, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import type { SolvedWeave } from '../../../core/patterns/types.ts';
import type { Issue } from '../../../core/result.ts';
import { findCrossings } from '../../../core/weave/crossings.ts';
import { parse } from '../../../core/weave/parse.ts';
import type { WeaveSpec } from '../../../core/weave/types.ts';
import { newId } from '../../../storage/ids.ts';
import { saveWeave } from '../../../storage/weaves.ts';
import { solveInWorker } from '../../../workers/outside/solve.ts';
import { readText } from '../../export/readText.ts';
import { weavePath } from '../../paths.ts';
import { record, redo, startHistory, undo } from '../../state/history.ts';
import { useWorkshop } from '../../state/knowledge.tsx';
import { useDatabase } from '../../state/services.tsx';
import { Button } from '../../ui/Button.tsx';
import { FilePicker } from '../../ui/FilePicker.tsx';
import { DrawWeave } from './draw/DrawWeave.tsx';

interface Props {
  readonly start: string;
  readonly squash: number;
  readonly load: number;
  /** How many times the usual number of steps it may take. */
  readonly patience: number;
  readonly baseName: string;
  readonly onSolved: (solved: SolvedWeave | undefined) => void;
}

/** How long typing must rest before the knot is pulled tight again. */
const REST_MS = 500;
/** A notation file larger than this is none. */
const MAX_FILE_BYTES = 100_000;

/** The notation, to read and to change: it is solved again as you type, and says where it goes wrong. */
export function NotationEditor({ start, squash, load, patience, baseName, onSolved }: Props) {
  const [history, setHistory] = useState(() => startHistory(start));
  // What is kept may come after the page: as long as nothing was changed, it is what is shown.
  const isUntouched = history.past.length === 0 && history.future.length === 0;
  const text = isUntouched ? start : history.present;
  useEffect(() => {
    if (isUntouched) setHistory(startHistory(start));
  }, [start, isUntouched]);
  const spec = useMemo(() => parse(text), [text]);
  // While words are being typed that can't be read, the last drawing stays, dimmed.
  const last = useRef<WeaveSpec>(undefined);
  if (spec.ok) last.current = spec.value;
  const drawable = last.current;
  const [unread, setUnread] = useState<string>();
  const openFile = async (file: File) => {
    const read = await readText(file, MAX_FILE_BYTES, 'a notation');
    setUnread(read.ok ? undefined : read.issues[0]!.message);
    if (read.ok) setHistory((h) => record(h, read.value));
  };
  const solver = useSolver(text === start ? undefined : text, { squash, load, patience, onSolved });
  return (
    <section aria-label="Notation">
      <h2 className="font-bold font-title text-xl">
        How it is led{' '}
        <span className="font-normal font-sans text-ink-soft text-sm">
          change it, drawn or in words, and the strands are pulled tight again
        </span>
      </h2>
      {drawable && (
        <div inert={!spec.ok} className={spec.ok ? '' : 'opacity-40'}>
          <DrawWeave
            spec={drawable}
            wrong={wrongStrands(drawable, solver.issues)}
            onText={(next, gesture) => setHistory((h) => record(h, next, gesture))}
            onUndo={history.past.length > 0 ? () => setHistory(undo) : undefined}
            onRedo={history.future.length > 0 ? () => setHistory(redo) : undefined}
          />
        </div>
      )}
      <h3 className="mt-3 font-semibold">
        The same in words{' '}
        <span className="font-normal text-ink-soft text-sm">
          strand by strand: where it bends, then over (O) and under (U) in the order of travel
        </span>
      </h3>
      <textarea
        aria-label="Notation of this weave"
        spellCheck={false}
        rows={Math.min(14, text.split('\n').length + 1)}
        value={text}
        onChange={(e) => {
          const { value } = e.target;
          setHistory((h) => record(h, value, 'typing'));
        }}
        aria-invalid={solver.issues.length > 0 ? true : undefined}
        aria-describedby="notation-state"
        className="figure mt-1 w-full rounded border border-ink-soft bg-white p-2 text-sm leading-relaxed aria-invalid:border-bad"
      />
      <div className="mt-1 flex flex-wrap items-center gap-3">
        <FilePicker
          label="Open a notation file"
          accept=".txt,text/plain"
          onFile={(file) => void openFile(file)}
        />
        {unread && (
          <p role="alert" className="text-bad">
            {unread}
          </p>
        )}
      </div>
      <div id="notation-state" className="mt-1 flex min-h-10 flex-wrap items-center gap-3">
        {solver.progress !== undefined && (
          <>
            <progress
              aria-label="Pulling tight"
              value={solver.progress}
              max={1}
              className="w-56 accent-mat"
            />
            <span>pulling tight…</span>
            <Button onClick={solver.cancel}>Cancel</Button>
          </>
        )}
        {solver.issues.map((issue) => (
          <p key={issue.path + issue.message} role="alert" className="text-bad">
            {issue.path && <code className="figure">{issue.path}: </code>}
            {issue.message}
            {issue.span && issue.span[1] > issue.span[0] && (
              <span className="ml-2">
                <code className="figure">
                  {text.slice(lineStart(text, issue.span[0]), issue.span[0])}
                  <mark className="bg-bad px-0.5 text-white">{text.slice(...issue.span)}</mark>
                </code>
              </span>
            )}
          </p>
        ))}
        {solver.solved && <SaveOwn solved={solver.solved} baseName={baseName} />}
      </div>
    </section>
  );
}

/** Strands that an issue is about, by the line that it names. */
const wrongStrands = (spec: WeaveSpec, issues: readonly Issue[]): ReadonlySet<number> =>
  new Set(
    issues.flatMap(({ path }) => {
      const line = Number(/line (\d+)/.exec(path)?.[1]);
      const strand = spec.strands.findIndex((s) => s.line === line);
      return strand < 0 ? [] : [strand];
    }),
  );

const lineStart = (text: string, at: number) => text.lastIndexOf('\n', at - 1) + 1;

function useSolver(
  typed: string | undefined,
  { squash, load, patience, onSolved }: Pick<Props, 'squash' | 'load' | 'patience' | 'onSolved'>,
) {
  const [progress, setProgress] = useState<number>();
  const [issues, setIssues] = useState<readonly Issue[]>([]);
  const [solved, setSolved] = useState<SolvedWeave>();
  const stop = useRef<() => void>(() => undefined);
  useEffect(() => {
    if (typed === undefined) {
      setIssues([]);
      setSolved(undefined);
      onSolved(undefined);
      return;
    }
    setSolved(undefined);
    onSolved(undefined);
    const spec = parse(typed);
    const crossings = spec.ok ? findCrossings(spec.value) : spec;
    setIssues(crossings.ok ? [] : crossings.issues);
    if (!spec.ok || !crossings.ok) return;
    let isCurrent = true;
    const timer = setTimeout(() => {
      setProgress(0);
      const solving = solveInWorker(
        { id: 'tried', notation: typed, squash, load, h: 0.25, patience, mustHold: true },
        (done) => isCurrent && setProgress(done),
      );
      stop.current = solving.cancel;
      void solving.result.then((result) => {
        if (!isCurrent) return;
        setProgress(undefined);
        if (!result.ok) return setIssues(result.issues);
        setSolved(result.value);
        onSolved(result.value);
      });
    }, REST_MS);
    return () => {
      isCurrent = false;
      clearTimeout(timer);
      stop.current();
      setProgress(undefined);
    };
  }, [typed, squash, load, patience, onSolved]);
  return { progress, issues, solved, cancel: () => stop.current() };
}

function SaveOwn({ solved, baseName }: { readonly solved: SolvedWeave; readonly baseName: string }) {
  const db = useDatabase();
  const { refresh } = useWorkshop();
  const navigate = useNavigate();
  const [name, setName] = useState(baseName);
  return (
    <form
      className="flex flex-wrap items-center gap-2"
      onSubmit={async (e) => {
        e.preventDefault();
        const id = `own-${newId()}`;
        await saveWeave(db, {
          id,
          name: name.trim() || baseName,
          updatedAt: Date.now(),
          solved: { ...solved, id },
        });
        await refresh();
        await navigate(weavePath(id));
      }}
    >
      <span className="text-good">Tight.</span>
      <label className="flex items-center gap-2">
        Keep it as
        <input
          value={name}
          onChange={(e) => setName(e.target.value)}
          maxLength={80}
          className="rounded border border-ink-soft bg-white px-2 py-1"
        />
      </label>
      <Button type="submit" look="next">
        Save as my weave
      </Button>
    </form>
  );
}

import { useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import type { SolvedWeave } from '../../../core/patterns/types.ts';
import type { Issue } from '../../../core/result.ts';
import { findCrossings } from '../../../core/weave/crossings.ts';
import { format } from '../../../core/weave/format.ts';
import { parse } from '../../../core/weave/parse.ts';
import { newId } from '../../../storage/ids.ts';
import { saveWeave } from '../../../storage/weaves.ts';
import { solveInWorker } from '../../../workers/outside/solve.ts';
import { weavePath } from '../../paths.ts';
import { useWorkshop } from '../../state/knowledge.tsx';
import { useDatabase } from '../../state/services.tsx';
import { Button } from '../../ui/Button.tsx';
import { Select } from '../../ui/Select.tsx';

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

/** The notation, to read and to change: it is solved again as you type, and says where it goes wrong. */
export function NotationEditor({ start, squash, load, patience, baseName, onSolved }: Props) {
  const [typed, setTyped] = useState<string>();
  const [ratio, setRatio] = useState(1);
  const hasCores = /^core /m.test(start);
  const text = typed ?? start;
  const solver = useSolver(typed, { squash, load, patience, onSolved });
  return (
    <section aria-label="Notation">
      <h2 className="font-bold font-title text-xl">
        Notation{' '}
        <span className="font-normal font-sans text-ink-soft text-sm">
          change it and the strands are pulled tight again
        </span>
      </h2>
      {hasCores && (
        <div className="mt-1 flex flex-wrap items-center gap-2">
          Cores
          <Select
            label="Cores"
            value={ratio}
            onChange={(next) => {
              setRatio(next);
              setTyped(withCoreRatio(typed ?? start, next));
            }}
            choices={RATIOS.map((r) => ({ value: r.ratio, name: r.name }))}
          />
          <span className="text-ink-soft text-sm">
            changing the core thickness means solving the weave again
          </span>
        </div>
      )}
      <textarea
        aria-label="Notation of this weave"
        spellCheck={false}
        rows={Math.min(14, text.split('\n').length + 1)}
        value={text}
        onChange={(e) => setTyped(e.target.value)}
        aria-invalid={solver.issues.length > 0 ? true : undefined}
        aria-describedby="notation-state"
        className="figure mt-1 w-full rounded border border-ink-soft bg-white p-2 text-sm leading-relaxed aria-invalid:border-bad"
      />
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

const RATIOS = [
  { ratio: 0.5, name: 'half as thick as the working cord' },
  { ratio: 0.75, name: 'three quarters as thick' },
  { ratio: 1, name: 'as thick as the working cord' },
  { ratio: 1.5, name: 'half as thick again' },
  { ratio: 2, name: 'twice as thick' },
];

/** The notation with every core given another radius; the drawing is spread so that thicker cores have room. */
function withCoreRatio(text: string, ratio: number): string {
  const spec = parse(text);
  if (!spec.ok) return text;
  const spread = Math.max(1, (1 + ratio) / 2);
  return format({
    ...spec.value,
    period: spec.value.period * spread,
    strands: spec.value.strands.map((s) => ({
      ...s,
      radius: s.role === 'core' ? ratio / 2 : s.radius,
      path: s.path.map(([x, y]) => [x * spread, y * spread] as const),
    })),
  });
}

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
    if (typed === undefined) return;
    setSolved(undefined);
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

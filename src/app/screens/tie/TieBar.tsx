import { ArrowLeft, Pause, Play, Settings2 } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { LONGEST_STEP_MS } from '../../../core/steps/progress.ts';
import { PHASE_NAMES, PHASES } from '../../../core/steps/types.ts';
import { HelpButton } from '../../help/HelpButton.tsx';
import { designPath } from '../../paths.ts';
import { Button } from '../../ui/Button.tsx';
import type { PanelName } from './panels.ts';
import { useHere, usePiece } from './TieContext.tsx';

interface Props {
  readonly onPause: () => void;
  readonly onPanel: (panel: PanelName) => void;
}

/** Where one is in the whole: phases, time, whether it is kept. */
export function TieBar({ onPause, onPanel }: Props) {
  const { tying, step, designId, save, notice } = useHere();
  const { dismiss, retry } = usePiece();
  const isPaused = tying.progress.since === undefined;
  return (
    <header className="border-rule border-b bg-card">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1 px-5 py-1.5">
        <Link
          to={designPath(designId)}
          className="inline-flex items-center gap-1 py-1 underline-offset-4 hover:underline"
        >
          <ArrowLeft size={18} aria-hidden /> Bench
        </Link>
        <h1 className="font-bold font-title text-xl">{tying.design.name}</h1>
        <ol className="flex flex-wrap gap-x-1 text-[15px]" aria-label="Phases">
          {PHASES.map((phase) => {
            const isHere = phase === step.phase;
            return (
              <li
                key={phase}
                aria-current={isHere ? 'step' : undefined}
                className="rounded px-2 py-0.5 text-ink-soft max-sm:not-aria-[current]:hidden aria-[current]:bg-mat aria-[current]:font-semibold aria-[current]:text-white"
              >
                {PHASE_NAMES[phase]}
              </li>
            );
          })}
        </ol>
        <span className="ml-auto flex items-center gap-2">
          <span data-testid="save-state" className="text-[15px] text-ink-soft">
            {typeof save === 'string' ? (save === 'saved' ? 'Saved' : 'Saving…') : 'Not saved'}
          </span>
          <Clock />
          <Button onClick={onPause} aria-keyshortcuts="p">
            {isPaused ? <Play size={18} aria-hidden /> : <Pause size={18} aria-hidden />}
            <span className="max-sm:sr-only">{isPaused ? 'Go on' : 'Pause'}</span>
          </Button>
          <HelpButton />
          <Button onClick={() => onPanel('way')} aria-keyshortcuts="o" aria-label="How I work, and keys">
            <Settings2 size={18} aria-hidden />
          </Button>
        </span>
      </div>
      {typeof save !== 'string' && (
        <div role="alert" className="flex flex-wrap items-center gap-3 bg-bad-pale px-5 py-2 text-bad">
          This step could not be kept: {save.failed} This tab still knows it; make room and try again.
          <Button look="next" onClick={retry}>
            Try again
          </Button>
        </div>
      )}
      {notice && (
        <div
          role="status"
          className="flex flex-wrap items-center gap-3 bg-amber-pale px-5 py-2 text-amber-ink"
        >
          {notice}
          <Button onClick={dismiss}>All right</Button>
        </div>
      )}
    </header>
  );
}

/** Minutes so far, kept without asking. */
function Clock() {
  const { tying } = useHere();
  const { since, spent } = tying.progress;
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), 15_000);
    return () => clearInterval(timer);
  }, []);
  const running = since === undefined ? 0 : Math.min(LONGEST_STEP_MS, Math.max(0, now - since));
  const ms = Object.values(spent).reduce((a, b) => a + b, 0) + running;
  const minutes = Math.floor(ms / 60_000);
  return (
    <span className="figure text-[15px]" data-testid="clock">
      {since === undefined ? 'paused, ' : ''}
      {minutes} min
    </span>
  );
}

import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import { type PointerEvent, type ReactNode, useRef } from 'react';

interface Props {
  readonly label: string;
  /** The key that opens this word from anywhere on the Bench. */
  readonly letter: string;
  readonly text: ReactNode;
  readonly problem?: string | undefined;
  /** A value that can be dragged: steps to move by, and the word for the gesture. */
  readonly onNudge?: (steps: number, gesture: string) => void;
  readonly children: (close: () => void) => ReactNode;
  readonly wide?: boolean;
}

const PX_PER_STEP = 3;
let gestures = 0;

/** One emphasised word of the sentence: click, Enter or its letter opens its picker; a value can be dragged, too. */
export function Word({ label, letter, text, problem, onNudge, children, wide }: Props) {
  const drag = useRef<{ x: number; steps: number; gesture: string } | null>(null);
  const suppress = useRef(false);

  function move(e: PointerEvent) {
    const from = drag.current;
    if (!from || !onNudge) return;
    const steps = Math.round((e.clientX - from.x) / PX_PER_STEP);
    if (steps === from.steps) return;
    suppress.current = true;
    onNudge(steps - from.steps, from.gesture);
    from.steps = steps;
  }

  return (
    <Popover className="inline">
      <PopoverButton
        data-word={letter}
        aria-keyshortcuts={letter}
        aria-invalid={problem ? true : undefined}
        title={
          onNudge
            ? `${label}: drag sideways, ← →, or press ${letter.toUpperCase()}`
            : `${label} (press ${letter.toUpperCase()})`
        }
        aria-label={`${label}: ${typeof text === 'string' ? text : ''}`}
        className={`rounded-sm border-b-2 border-dotted px-0.5 font-semibold hover:bg-amber-pale data-open:border-solid data-open:border-amber data-open:bg-amber-pale ${
          problem ? 'border-bad bg-bad-pale text-bad' : 'border-ink-soft'
        } ${onNudge ? 'cursor-ew-resize touch-none select-none' : ''}`}
        onPointerDown={(e: PointerEvent<HTMLButtonElement>) => {
          suppress.current = false;
          if (!onNudge || e.button !== 0) return;
          drag.current = { x: e.clientX, steps: 0, gesture: `drag-${++gestures}` };
          e.currentTarget.setPointerCapture(e.pointerId);
        }}
        onPointerMove={move}
        onPointerUp={() => {
          drag.current = null;
        }}
        onPointerCancel={() => {
          drag.current = null;
        }}
        onClickCapture={(e) => {
          if (!suppress.current) return;
          e.preventDefault();
          e.stopPropagation();
          suppress.current = false;
        }}
        onKeyDown={(e) => {
          if (!onNudge || (e.key !== 'ArrowLeft' && e.key !== 'ArrowRight')) return;
          e.preventDefault();
          onNudge((e.key === 'ArrowRight' ? 1 : -1) * (e.shiftKey ? 10 : 1), `keys-${label}`);
        }}
      >
        {text}
      </PopoverButton>
      <PopoverPanel
        focus
        anchor={{ to: 'bottom start', gap: 8, padding: 12 }}
        className={`z-30 rounded-lg border border-rule bg-card p-4 text-base shadow-xl ${wide ? 'w-[26rem]' : 'w-80'} max-w-[calc(100vw-24px)]`}
      >
        {({ close }) => <div className="flex flex-col gap-3">{children(close)}</div>}
      </PopoverPanel>
    </Popover>
  );
}

import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import { type ComponentType, type KeyboardEvent, memo, type PointerEvent, useRef } from 'react';

export interface PickerProps {
  readonly close: () => void;
}

interface Props {
  readonly label: string;
  /** The key that opens this word from anywhere on the Bench. */
  readonly letter: string;
  readonly text: string;
  readonly problem?: string | undefined;
  /** What opens: reads the design itself, so that a closed word need not be drawn again. */
  readonly picker: ComponentType<PickerProps>;
  /** A value that can be dragged: steps to move by, and the name of the gesture. Must be stable. */
  readonly onNudge?: (steps: number, gesture: string) => void;
  readonly width?: keyof typeof WIDTHS;
  /** Nothing is chosen yet: an invitation, not a statement. */
  readonly isQuiet?: boolean;
}

const WIDTHS = { usual: 'w-80', wide: 'w-[26rem]', widest: 'w-[50rem]' } as const;

const PX_PER_STEP = 3;
let gestures = 0;

/** One emphasised word of the sentence: click, Enter or its letter opens its picker; a value can be dragged, too. */
export const Word = memo(function Word({
  label,
  letter,
  text,
  problem,
  picker: Picker,
  onNudge,
  width = 'usual',
  isQuiet = false,
}: Props) {
  const drag = useDrag(onNudge);
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
        aria-label={`${label}: ${text}`}
        className={`rounded-sm px-0.5 hover:bg-amber-pale data-open:border-solid data-open:border-amber data-open:bg-amber-pale ${
          isQuiet ? 'text-ink-soft' : 'border-b-2 border-dotted font-semibold'
        } ${
          problem ? 'border-bad bg-bad-pale text-bad' : 'border-ink-soft'
        } ${onNudge ? 'cursor-ew-resize touch-none select-none' : ''}`}
        {...drag}
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
        role="dialog"
        aria-label={label}
        anchor={{ to: 'bottom start', gap: 8, padding: 12 }}
        className={`own-layer z-30 rounded-lg border border-rule bg-card p-4 text-base shadow-xl ${WIDTHS[width]} max-w-[calc(100vw-24px)]`}
      >
        {({ close }) => (
          // biome-ignore lint/a11y/noStaticElementInteractions: listens to the fields inside
          <div className="flex flex-col gap-3" onKeyDown={(e) => isDone(e) && close()}>
            <Picker close={close} />
          </div>
        )}
      </PopoverPanel>
    </Popover>
  );
});

/** Enter in a field that holds something right takes it and closes the picker; lists and buttons have their own Enter. */
function isDone(event: KeyboardEvent<HTMLElement>): boolean {
  if (event.key !== 'Enter' || event.defaultPrevented || !(event.target instanceof HTMLInputElement))
    return false;
  const { type } = event.target;
  if (!['text', 'number', 'search'].includes(type) || event.target.closest('[data-keeps-open]')) return false;
  if (event.target.getAttribute('aria-invalid') === 'true') return false;
  event.preventDefault();
  return true;
}

/** Turns sideways movement into steps; a press that moved does not open the picker. */
function useDrag(onNudge: Props['onNudge']) {
  const from = useRef<{ x: number; steps: number; gesture: string } | null>(null);
  const moved = useRef(false);
  const end = () => {
    from.current = null;
  };
  return {
    onPointerDown: (e: PointerEvent<HTMLButtonElement>) => {
      moved.current = false;
      if (!onNudge || e.button !== 0) return;
      from.current = { x: e.clientX, steps: 0, gesture: `drag-${++gestures}` };
      e.currentTarget.setPointerCapture(e.pointerId);
    },
    onPointerMove: (e: PointerEvent) => {
      const start = from.current;
      if (!start || !onNudge) return;
      const steps = Math.round((e.clientX - start.x) / PX_PER_STEP);
      if (steps === start.steps) return;
      moved.current = true;
      onNudge(steps - start.steps, start.gesture);
      start.steps = steps;
    },
    onPointerUp: end,
    onPointerCancel: end,
    onClickCapture: (e: React.MouseEvent) => {
      if (!moved.current) return;
      e.preventDefault();
      e.stopPropagation();
      moved.current = false;
    },
  };
}

import { ArrowLeft, CircleHelp, Eye, Ruler, Undo2 } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../../ui/Button.tsx';
import { NumberField } from '../../ui/NumberField.tsx';
import type { PanelName } from './panels.ts';
import { useHere } from './TieContext.tsx';
import type { TieKeys } from './useTieKeys.ts';

interface Props {
  readonly keys: TieKeys;
  readonly label: string;
  readonly onPanel: (panel: PanelName) => void;
}

/** The huge target that goes on, and what is needed when something went wrong. */
export function Controls({ keys, label, onPanel }: Props) {
  const { step, index, rowsDone } = useHere();
  const [rows, setRows] = useState(1);
  const isTying = step.at !== undefined;
  return (
    <section aria-label="Go on" className="sticky bottom-0 border-rule border-t bg-card px-5 pt-2 pb-3">
      <div className="mb-2 flex flex-wrap items-center gap-2">
        <Button onClick={keys.back} disabled={index === 0} aria-keyshortcuts="ArrowLeft">
          <ArrowLeft size={18} aria-hidden /> <span className="max-sm:sr-only">Back</span>
        </Button>
        {rowsDone > 0 && (
          <span className="flex items-center gap-1">
            <Button onClick={() => keys.undo(rows)} aria-keyshortcuts="u">
              <Undo2 size={18} aria-hidden /> <span className="max-sm:sr-only">Undo</span> {rows}{' '}
              {rows === 1 ? 'row' : 'rows'}
            </Button>
            <NumberField
              label="Rows to undo"
              least={1}
              most={rowsDone}
              value={rows}
              onChange={(next) => setRows(next ?? 1)}
              className="w-16 max-sm:hidden"
            />
          </span>
        )}
        {isTying && (
          <>
            <Button onClick={() => onPanel('count')} aria-keyshortcuts="l">
              <CircleHelp size={18} aria-hidden /> <span className="max-sm:sr-only">I lost count</span>
            </Button>
            <Button
              onClick={() => onPanel('reach')}
              aria-keyshortcuts="w"
              look={step.asksLeft ? 'next' : 'plain'}
            >
              <Ruler size={18} aria-hidden /> <span className="max-sm:sr-only">Will it reach?</span>
            </Button>
            <Button onClick={() => onPanel('slip')} aria-keyshortcuts="s">
              <Eye size={18} aria-hidden /> <span className="max-sm:sr-only">It looks wrong</span>
            </Button>
          </>
        )}
      </div>
      <button
        type="button"
        onClick={keys.next}
        data-testid="next"
        aria-keyshortcuts="Space ArrowRight"
        className="flex h-[min(5rem,13vh)] w-full items-center justify-center gap-4 rounded-xl bg-amber font-bold text-[min(2.25rem,9vw)] text-[#1b211f] hover:bg-[#f0b43a]"
      >
        {label}
        <span className="hidden font-normal text-xl sm:inline" aria-hidden>
          Space
        </span>
      </button>
    </section>
  );
}

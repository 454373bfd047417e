import { Redo2, Undo2 } from 'lucide-react';
import { useState } from 'react';
import { edited, type WeaveEdit } from '../../../../core/weave/edit.ts';
import { format } from '../../../../core/weave/format.ts';
import type { Role, WeaveSpec } from '../../../../core/weave/types.ts';
import { Button } from '../../../ui/Button.tsx';
import { NumberField } from '../../../ui/NumberField.tsx';
import { StrandList } from './StrandList.tsx';
import { WeaveGrid } from './WeaveGrid.tsx';

interface Props {
  readonly spec: WeaveSpec;
  readonly wrong: ReadonlySet<number>;
  readonly onText: (text: string, gesture?: string) => void;
  readonly onUndo: (() => void) | undefined;
  readonly onRedo: (() => void) | undefined;
}

const NEW: readonly { readonly role: Role; readonly name: string }[] = [
  { role: 'work', name: 'Draw an end' },
  { role: 'core', name: 'Draw a core' },
  { role: 'spine', name: 'Draw a spine' },
];

/** A weave as it is drawn: the grid, its strands, its size. What is drawn is written into the notation at once. */
export function DrawWeave({ spec, wrong, onText, onUndo, onRedo }: Props) {
  const [drawing, setDrawing] = useState<Role>();
  const [problem, setProblem] = useState<string>();
  const onEdit = (edit: WeaveEdit, gesture?: string) => {
    const next = edited(spec, edit);
    setProblem(next.ok ? undefined : next.issues[0]!.message);
    if (next.ok) onText(format(next.value), gesture);
  };
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: keys that were pressed on what is inside
    <div
      className="flex flex-wrap items-start gap-x-5 gap-y-3 lg:flex-nowrap"
      onKeyDown={(e) => {
        if (!(e.ctrlKey || e.metaKey) || e.key.toLowerCase() !== 'z') return;
        e.preventDefault();
        (e.shiftKey ? onRedo : onUndo)?.();
      }}
    >
      <div className="flex min-w-0 max-w-[29rem] flex-col gap-2 sm:shrink-0">
        {/* One line, whether drawing or not: the grid never moves under the pointer. */}
        <div className="flex min-h-10 items-center gap-2 max-sm:flex-wrap">
          {drawing ? (
            <>
              <span role="status" className="text-[15px]">
                Click each bend; click the last one again.
                <span id="drawing-keys" className="sr-only">
                  {' '}
                  By keyboard: arrows move, Space sets a bend, Backspace removes the last one, Enter ends the
                  strand, Escape gives up.
                </span>
              </span>
              <Button onClick={() => setDrawing(undefined)}>Give up</Button>
            </>
          ) : (
            <>
              {NEW.map(({ role, name }) => (
                <Button key={role} onClick={() => setDrawing(role)}>
                  {name}
                </Button>
              ))}
              <Button aria-label="Undo drawing" disabled={!onUndo} onClick={onUndo}>
                <Undo2 size={17} aria-hidden />
              </Button>
              <Button aria-label="Redo drawing" disabled={!onRedo} onClick={onRedo}>
                <Redo2 size={17} aria-hidden />
              </Button>
            </>
          )}
        </div>
        <div className="overflow-x-auto">
          <WeaveGrid
            spec={spec}
            wrong={wrong}
            onEdit={onEdit}
            drawing={drawing}
            onDrawn={() => setDrawing(undefined)}
          />
        </div>
        {problem && (
          <p role="alert" className="max-w-md text-bad">
            {problem}
          </p>
        )}
      </div>
      <div className="flex w-80 min-w-0 flex-1 flex-col gap-3">
        <p className="text-[15px] text-ink-soft">
          Drag a white dot to move a bend; pull a strand to put one in; click a crossing to bring the other
          strand on top. The work grows upwards; between the amber lines is one period, which repeats.
        </p>
        <StrandList spec={spec} onEdit={onEdit} />
        {spec.kind === 'weave' && (
          <p className="flex items-center gap-2 text-[15px]">
            One period has
            <NumberField
              label="Rows in a period"
              value={spec.rows}
              least={1}
              most={60}
              className="w-16"
              onChange={(rows) => rows !== undefined && onEdit({ kind: 'size', period: spec.period, rows })}
            />
            {spec.rows === 1 ? 'row' : 'rows'}
          </p>
        )}
        {spec.kind === 'weave' && (
          <label className="flex items-center gap-2 text-[15px]">
            It is drawn {spec.period} cord diameters long
            <input
              type="range"
              className="w-32 accent-amber-ink"
              min={2}
              max={Math.max(30, Math.ceil(spec.period))}
              step={0.5}
              value={spec.period}
              onChange={(e) =>
                onEdit({ kind: 'size', period: Number(e.target.value), rows: spec.rows }, 'period')
              }
            />
          </label>
        )}
      </div>
    </div>
  );
}

import {
  DndContext,
  type DragEndEvent,
  type DragOverEvent,
  type DragStartEvent,
  KeyboardSensor,
  PointerSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { findColour, PALETTE } from '../../../core/colour/palette.ts';
import type { Block, Task } from '../../../core/days/types.ts';
import { minutesOn } from '../../../core/days/work.ts';
import { inkOn } from '../../../core/drawing/tone.ts';
import { weekday } from '../../../core/stall/dates.ts';
import type { DaysMessage } from '../../../workers/protocol.ts';
import type { Book } from './useBook.ts';
import { dayName, dueOf, hours, whatOf } from './words.ts';

interface Props {
  readonly book: Book;
  readonly days: DaysMessage;
  /** A task was put on a day of someone by hand. */
  readonly onPin: (task: string, person: string, day: number) => void;
}

const DAY_PX = 148;
const ROW_PX = 66;
/** At least so many days are shown. */
const LEAST_DAYS = 7;
const MOST_DAYS = 60;
const DAYS_BEHIND = 3;

/** The days to come as a strip, people below each other, work to scale in their hours; a stretch is dragged to another day or person. */
export function DayStrip({ book, days, onPin }: Props) {
  const { day: today } = book;
  const { plan, people } = days;
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, {
      coordinateGetter: (event, { currentCoordinates: at }) => {
        const [dx, dy] = { ArrowRight: [1, 0], ArrowLeft: [-1, 0], ArrowDown: [0, 1], ArrowUp: [0, -1] }[
          event.code
        ] ?? [0, 0];
        if (dx === 0 && dy === 0) return undefined;
        event.preventDefault();
        return { x: at.x + dx! * DAY_PX, y: at.y + dy! * ROW_PX };
      },
    }),
  );
  // A few days behind the last work are shown, too, so that it can be put there.
  const last = Math.max(today + LEAST_DAYS - 1, ...plan.blocks.map((b) => b.day + DAYS_BEHIND));
  const shown = Array.from({ length: Math.min(MOST_DAYS, last - today + 1) }, (_, i) => today + i);
  const most = Math.max(60, ...people.flatMap((p) => p.minutes));
  const drop = ({ active, over }: DragEndEvent) => {
    const to = over?.data.current as { person: string; day: number } | undefined;
    const block = active.data.current as Block | undefined;
    if (!to || !block || (to.person === block.person && to.day === block.day)) return;
    onPin(block.task, to.person, to.day);
  };
  return (
    <DndContext sensors={sensors} onDragEnd={drop} accessibility={spoken(days)}>
      <section
        aria-label="Days"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a strip that scrolls must be reached by keyboard
        tabIndex={0}
        className="on-mat overflow-x-auto rounded-xl bg-mat text-white"
      >
        <div className="relative p-3" style={{ width: shown.length * DAY_PX + 100 }}>
          <div className="flex" style={{ paddingLeft: 76 }}>
            {shown.map((d) => (
              <div
                key={d}
                style={{ width: DAY_PX }}
                className="shrink-0 border-white/25 border-l px-1.5 leading-tight"
              >
                <span
                  className={`text-[14px] ${weekday(d) > 4 ? 'text-white/75' : ''} ${d === today ? 'font-bold' : ''}`}
                >
                  {d === today ? 'Today' : dayName(d)}
                </span>
                <span className="block h-8 overflow-hidden text-[12px] text-white/85">
                  {book.orders
                    .filter((o) => dueOf(o) === d && (o.state === 'planned' || o.state === 'cut'))
                    .map((o) => (
                      <span key={o.id} className="block truncate" title={`${o.name} is due`}>
                        ⚑ {o.name}
                      </span>
                    ))}
                </span>
              </div>
            ))}
          </div>
          {people.map((p) => (
            <div key={p.name} className="relative flex border-white/25 border-t" style={{ height: ROW_PX }}>
              <span className="sticky left-0 z-10 w-[76px] shrink-0 bg-mat pt-1 pr-2 pl-3 leading-tight">
                <span className="block truncate font-semibold text-[15px]">{p.name}</span>
              </span>
              {shown.map((d) => (
                <Cell key={d} person={p.name} day={d} freePx={(minutesOn(p, d) / most) * (DAY_PX - 6)} />
              ))}
              {plan.blocks
                .filter((b) => b.person === p.name && b.day - today < shown.length)
                .map((b) => ({ b, task: days.tasks.find((t) => t.id === b.task)! }))
                .map(({ b, task }) => (
                  <Piece
                    key={`${b.task}${b.day}`}
                    block={b}
                    task={task}
                    look={colourOf(book, task)}
                    x={76 + (b.day - today) * DAY_PX + 3 + (b.fromMin / most) * (DAY_PX - 6)}
                    width={(b.minutes / most) * (DAY_PX - 6)}
                    isLongest={plan.blocks.every(
                      (o) => o.task !== b.task || o.person !== b.person || o.minutes <= b.minutes,
                    )}
                    isLate={(plan.ends.get(b.task) ?? 0) > (task.due ?? Number.POSITIVE_INFINITY)}
                  />
                ))}
            </div>
          ))}
        </div>
      </section>
    </DndContext>
  );
}

/** What is said aloud while work is moved. */
function spoken(days: DaysMessage) {
  const name = (data: unknown) =>
    days.tasks.find((t) => t.id === (data as Block | undefined)?.task)?.name ?? 'It';
  const place = (data: unknown) => {
    const at = data as { person: string; day: number } | undefined;
    return at ? `${at.person}, ${dayName(at.day)}` : 'no day';
  };
  return {
    screenReaderInstructions: {
      draggable:
        'Press Space to take this work up, move it with the arrows, and press Space to put it down; Escape leaves it where it was.',
    },
    announcements: {
      onDragStart: ({ active }: DragStartEvent) => `${name(active.data.current)} is taken up.`,
      onDragOver: ({ active, over }: DragOverEvent) =>
        `${name(active.data.current)} is over ${place(over?.data.current)}.`,
      onDragEnd: ({ active, over }: DragEndEvent) =>
        `${name(active.data.current)} is put down on ${place(over?.data.current)}.`,
      onDragCancel: ({ active }: DragEndEvent) => `${name(active.data.current)} stays where it was.`,
    },
  };
}

/** The colour of the first cord of what a task ties. */
function colourOf(book: Book, task: Task) {
  const line = book.lines.find((l) => l.order.id === task.order && l.index === task.line);
  return findColour(line?.made?.cords[0]?.colour ?? '') ?? PALETTE[0]!;
}

function Cell({
  person,
  day,
  freePx,
}: {
  readonly person: string;
  readonly day: number;
  readonly freePx: number;
}) {
  const { setNodeRef, isOver } = useDroppable({ id: `${person}|${day}`, data: { person, day } });
  return (
    <span
      ref={setNodeRef}
      style={{ width: DAY_PX }}
      className={`relative h-full shrink-0 border-white/25 border-l ${isOver ? 'bg-white/20' : ''}`}
    >
      {/* The hours of that day. */}
      <span className="absolute bottom-1 left-[3px] h-1 rounded bg-white/35" style={{ width: freePx }} />
    </span>
  );
}

interface PieceProps {
  readonly block: Block;
  readonly task: Task;
  readonly look: { readonly base: string };
  readonly x: number;
  readonly width: number;
  readonly isLate: boolean;
  /** The longest stretch of its task: always large enough to be taken up. */
  readonly isLongest: boolean;
}

const TOUCH_PX = 24;

function Piece({ block, task, look, x, width, isLate, isLongest }: PieceProps) {
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({
    id: `${block.task}|${block.day}|${block.person}`,
    data: block,
  });
  const isTaken = width >= TOUCH_PX || isLongest;
  const what = whatOf(task, block.pieces);
  const words = `${task.name}: ${what}, ${hours(block.minutes)}${isLate ? ', late' : ''}`;
  if (!isTaken)
    return (
      <span
        title={words}
        style={{ left: x, width: Math.max(3, width), background: look.base }}
        className="absolute top-1.5 h-[50px] rounded border border-white/50"
      />
    );
  return (
    <button
      type="button"
      ref={setNodeRef}
      {...listeners}
      {...attributes}
      aria-label={words}
      title={words}
      style={{
        left: x,
        width: Math.max(TOUCH_PX, width),
        background: look.base,
        color: inkOn(look.base),
        ...(transform ? { transform: `translate(${transform.x}px, ${transform.y}px)` } : {}),
      }}
      className={`absolute top-1.5 h-[50px] touch-none overflow-hidden rounded border px-1 text-left text-[12px] leading-tight ${isDragging ? 'z-20 shadow-xl' : ''} ${isLate ? 'border-2 border-white border-dashed' : 'border-white/50'} ${task.notBefore !== undefined || task.person !== undefined ? 'underline' : ''}`}
    >
      {width > 44 && (
        <>
          <span className="block truncate font-semibold">{task.name}</span>
          <span className="line-clamp-2 block">{what}</span>
        </>
      )}
    </button>
  );
}

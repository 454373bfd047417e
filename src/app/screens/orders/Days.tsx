import { createEvents } from 'ics';
import { CalendarArrowDown } from 'lucide-react';
import { SAFE } from '../../../core/days/relief.ts';
import type { Order } from '../../../core/formats/orders.ts';
import { isoDay } from '../../../core/stall/dates.ts';
import { inHundred, plural } from '../../../core/words.ts';
import type { DaysMessage } from '../../../workers/protocol.ts';
import { download } from '../../export/download.ts';
import { Button } from '../../ui/Button.tsx';
import { useToast } from '../../ui/Toast.tsx';
import { DayStrip } from './DayStrip.tsx';
import type { Book } from './useBook.ts';
import { dayName, hours, whatOf } from './words.ts';

/** The plan of the days as soon as there is one, or why there is none. */
export function Days({ book }: { readonly book: Book }) {
  const { plan, problem } = book.days;
  if (problem) {
    return (
      <p role="alert" className="text-bad">
        The days could not be worked out: {problem}
      </p>
    );
  }
  if (!plan) return <p className="text-ink-soft">Working the days out…</p>;
  if (plan.tasks.length === 0) return <p className="text-ink-soft">Nothing is left to tie.</p>;
  return <PlannedDays book={book} days={plan} />;
}

interface Props {
  readonly book: Book;
  readonly days: DaysMessage;
}

/** Who ties what on which day, how sure each promised day is, and what helps where it is not. */
function PlannedDays({ book, days }: Props) {
  const toast = useToast();
  const { orders } = book;
  const { plan, boundDays, isProven, people } = days;
  const nameOf = (id: string) => orders.find((o) => o.id === id)?.name ?? id;
  const pinned = orders.filter((o) => (o.pins ?? []).length > 0 && o.state !== 'handed-over');

  async function pin(taskId: string, person: string, day: number) {
    const task = days.tasks.find((t) => t.id === taskId);
    const order = task && orders.find((o) => o.id === task.order);
    if (!order) return;
    const { line } = task;
    const isShared = plan.blocks.some((b) => b.task === taskId && b.pieces < task.pieces);
    const others = (order.pins ?? []).filter((p) => p.line !== line);
    const trouble = await book.save({ ...order, pins: [...others, { line, person, day: isoDay(day) }] });
    toast({
      text:
        trouble ??
        `${task.name}, ${task.what}: ${person}${isShared ? ' ties all of it' : ''}, not before ${dayName(day)}.`,
      ...(trouble ? { tone: 'bad' as const } : {}),
    });
  }

  async function letGo() {
    const free = pinned.map(({ pins: _pins, ...o }): Order => o);
    const trouble = await book.save(...free);
    if (trouble) toast({ text: trouble, tone: 'bad' });
  }

  function exportCalendar() {
    const events = plan.blocks.map((b) => {
      const task = days.tasks.find((t) => t.id === b.task)!;
      const [y, m, d] = isoDay(b.day).split('-').map(Number) as [number, number, number];
      const start = Math.round(17 * 60 + b.fromMin);
      return {
        uid: `${b.task}-${b.person}-${b.day}@warp-beam`.replaceAll(' ', '-'),
        title: `Tie ${whatOf(task, b.pieces)}`,
        description: `${b.person}, ${hours(b.minutes)}, for ${task.name}`,
        start: [y, m, d, Math.floor(start / 60) % 24, start % 60] as [number, number, number, number, number],
        duration: { minutes: Math.max(1, Math.round(b.minutes)) },
      };
    });
    const made = createEvents(events, { productId: 'warp-beam' });
    if (made.error || !made.value) return toast({ text: 'The calendar could not be written.', tone: 'bad' });
    download({ name: 'days.ics', type: 'text/calendar', text: made.value });
  }

  return (
    <div className="flex flex-col gap-4">
      <div className="flex flex-wrap items-start gap-x-6 gap-y-2">
        <p className="grow text-lg" data-testid="day-verdict">
          <strong>{verdict(plan.latestDays)}</strong> {proof(people.length, isProven, boundDays)} Cord or
          weave changes {plan.changes} {plural(plan.changes, 'time')}.
        </p>
        {pinned.length > 0 && (
          <Button look="quiet" onClick={() => letGo()}>
            Clear moves made by hand
          </Button>
        )}
        <Button onClick={exportCalendar}>
          <CalendarArrowDown size={16} aria-hidden /> Calendar
        </Button>
      </div>
      <NextDay days={days} today={book.day} />
      <DayStrip book={book} days={days} onPin={(task, person, day) => void pin(task, person, day)} />
      {plan.left.length > 0 && (
        <p role="alert" className="text-bad">
          Nobody ties {plan.left.map((id) => days.tasks.find((t) => t.id === id)?.what ?? id).join(', ')}: it
          is harder than what anyone here ties, or nobody has hours.
        </p>
      )}
      <section aria-label="How safe each day is" className="max-w-4xl">
        <h2 className="mb-2 font-bold font-title text-xl">How safe each promised day is</h2>
        <ul className="flex flex-col gap-1.5">
          {days.chances
            .toSorted((a, b) => a.due - b.due)
            .map((c) => {
              const relief = days.reliefs.find((r) => r.order === c.order);
              return (
                <li
                  key={c.order}
                  className="flex flex-wrap items-center gap-x-3 border-rule border-b py-1 lg:grid lg:grid-cols-[7rem_minmax(0,1fr)_8rem_7rem] lg:border-0 lg:py-0"
                >
                  <span className="figure">{dayName(c.due)}</span>
                  <span className="min-w-0">
                    <span className="block truncate">{nameOf(c.order)}</span>
                    {relief && (
                      <span className="block text-[15px] text-bad">
                        Promise {dayName(relief.moveTo)} instead, and it holds in nine of ten
                        {relief.drop &&
                          `; or leave out ${nameOf(relief.drop.order)}, ${hours(relief.drop.minutes)}`}
                        .
                      </span>
                    )}
                  </span>
                  <span className="h-2.5 min-w-16 grow rounded bg-rule" aria-hidden>
                    <span
                      className={`block h-full rounded ${c.chance < SAFE ? 'bg-bad' : 'bg-good'}`}
                      style={{ width: `${100 * c.chance}%` }}
                    />
                  </span>
                  <span className={c.chance < SAFE ? 'font-semibold text-bad' : ''}>
                    {inHundred(c.chance)}
                  </span>
                </li>
              );
            })}
        </ul>
        <p className="mt-2 text-[15px] text-ink-soft">
          The days are worked through a thousand times with hands that are a third faster or slower in
          nineteen of twenty pieces. Your own log will know better.
        </p>
      </section>
    </div>
  );
}

/** What is tied next, in words: the first day on which anyone has hours. */
function NextDay({ days, today }: { readonly days: DaysMessage; readonly today: number }) {
  const { plan, tasks } = days;
  const first = Math.min(...plan.blocks.map((b) => b.day));
  if (!Number.isFinite(first)) return null;
  const people = [...new Set(plan.blocks.filter((b) => b.day === first).map((b) => b.person))];
  return (
    <p data-testid="next-day">
      <strong>{first === today ? 'Today' : dayName(first)}:</strong>{' '}
      {people
        .map((person) => {
          const what = plan.blocks
            .filter((b) => b.day === first && b.person === person)
            .map((b) => ({ b, t: tasks.find((t) => t.id === b.task)! }))
            .map(({ b, t }) => `${whatOf(t, b.pieces)} for ${t.name}`);
          return `${person} ties ${what.join(', then ')}`;
        })
        .join('. ')}
      .
    </p>
  );
}

function verdict(latest: number | undefined): string {
  if (latest === undefined) return 'No day is promised.';
  if (latest > 0) return `The latest is ${latest} ${plural(latest, 'day')} late.`;
  return latest === 0
    ? 'The latest is done on its very day.'
    : `Everything is done at least ${-latest} ${plural(-latest, 'day')} early.`;
}

function proof(people: number, isProven: boolean, bound: number | undefined): string {
  if (bound === undefined) return '';
  if (isProven)
    return people === 1
      ? 'The earliest day first: no other order is better for the latest piece.'
      : 'No way to share the work out is better for the latest piece.';
  return bound > 0
    ? `Less than ${bound} ${plural(bound, 'day')} late is impossible; whether there is a plan between is not settled.`
    : `At best, the latest could be ${-bound} ${plural(-bound, 'day')} early; whether any plan does it is not settled.`;
}

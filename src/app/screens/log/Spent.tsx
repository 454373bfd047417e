import { format } from 'date-fns';
import {
  Bar,
  BarChart,
  CartesianGrid,
  ComposedChart,
  Legend,
  Line,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import { leftShare, spentByMonth } from '../../../core/log/cordSpent.ts';
import { DOTS, MOST_DOTS } from './dots.ts';
import type { LogView } from './useLog.ts';

const monthOf = (ms: number): string => format(ms, 'yyyy-MM');
const metres = (mm: number): number => Math.round(mm / 10) / 100;

/** Where the cord went month by month, and how long a row took. */
export default function Spent({ view }: { readonly view: LogView }) {
  const { log, makes } = view;
  if (!log) return null;
  const months = spentByMonth(makes, log.evidence, monthOf).map((m) => ({
    month: format(new Date(`${m.month}-01T12:00`), 'MMM yyyy'),
    woven: metres(m.wovenMm),
    other: metres(m.otherMm),
    left: metres(m.leftMm),
    share: leftShare(m),
    pieces: m.pieces,
  }));
  const rows = log.timed
    .toSorted((a, b) => a.at - b.at)
    .map((t, i) => ({
      n: i + 1,
      minutes: Math.round((100 * t.minutes) / t.rows) / 100,
      thought: Math.round(100 * t.priorARow) / 100,
      name: view.know.name(t.weave) ?? t.weave,
    }))
    .slice(-MOST_DOTS);
  const last = months.at(-1);
  return (
    <section aria-label="Where cord and time went" className="grid gap-5 lg:grid-cols-2">
      {last && (
        <figure className="rounded-xl border border-rule bg-card p-3">
          <figcaption className="mb-1">
            <span className="font-semibold">Where the cord went, in metres</span>
            <span className="block text-[15px] text-ink-soft" data-testid="left-share">
              {last.month}: {Math.round(100 * last.share)} % left over, from {last.pieces}{' '}
              {last.pieces === 1 ? 'piece' : 'pieces'} whose ends were all measured.
            </span>
          </figcaption>
          <ResponsiveContainer width="100%" height={240}>
            <BarChart data={months} margin={{ top: 8, right: 12, bottom: 4, left: 0 }}>
              <CartesianGrid stroke="#d5dbd7" vertical={false} />
              <XAxis dataKey="month" tick={{ fontSize: 13 }} />
              <YAxis tick={{ fontSize: 13 }} />
              <Tooltip formatter={(v) => `${Number(v).toFixed(2)} m`} />
              <Legend />
              <Bar
                dataKey="woven"
                name="in the rows"
                stackId="cord"
                fill="#1f4d45"
                isAnimationActive={false}
                maxBarSize={64}
              />
              <Bar
                dataKey="other"
                name="cores, closure, hands"
                stackId="cord"
                fill="#8fb3a8"
                isAnimationActive={false}
                maxBarSize={64}
              />
              <Bar
                dataKey="left"
                name="left over"
                stackId="cord"
                fill="#e3a31a"
                isAnimationActive={false}
                maxBarSize={64}
              />
            </BarChart>
          </ResponsiveContainer>
        </figure>
      )}
      {rows.length > 1 && (
        <figure className="rounded-xl border border-rule bg-card p-3">
          <figcaption className="mb-1">
            <span className="font-semibold">Minutes a row, piece by piece</span>
            <span className="block text-[15px] text-ink-soft">
              The dashed line is for practised hands; your plans use your own times.
            </span>
          </figcaption>
          <ResponsiveContainer width="100%" height={240}>
            <ComposedChart data={rows} margin={{ top: 8, right: 12, bottom: 4, left: 0 }}>
              <CartesianGrid stroke="#d5dbd7" />
              <XAxis dataKey="n" tick={{ fontSize: 13 }} />
              <YAxis tick={{ fontSize: 13 }} />
              <Tooltip
                formatter={(v) => `${v} min`}
                labelFormatter={(n) => `piece ${n}: ${rows[Number(n) - 1]?.name ?? ''}`}
              />
              <Line
                dataKey="thought"
                name="practised hands"
                stroke="#4d5955"
                strokeDasharray="4 3"
                dot={false}
                isAnimationActive={false}
              />
              <Line dataKey="minutes" name="a row took" {...DOTS} />
            </ComposedChart>
          </ResponsiveContainer>
        </figure>
      )}
    </section>
  );
}

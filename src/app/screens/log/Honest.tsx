import {
  CartesianGrid,
  ComposedChart,
  Line,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import { keptWithin } from '../../../core/log/kept.ts';
import { DOTS, MOST_DOTS } from './dots.ts';
import type { LogView } from './useLog.ts';

const PROMISES = [0.5, 0.75, 0.9, 0.95, 0.98] as const;
/** Before so many ends a share says little. */
const LEAST_ENDS = 8;

/** Is it honest? Every end against what was foretold before it was tied, and promised chances against kept ones. */
export default function Honest({ view }: { readonly view: LogView }) {
  const list = view.log?.foretold ?? [];
  if (list.length < 2) return null;
  const first = Math.max(0, list.length - MOST_DOTS);
  const points = list.slice(first).map((f, i) => ({
    n: first + i + 1,
    used: 100 * f.used,
    foretold: 100 * f.foretold,
    most: 100 * f.most,
  }));
  const within = list.filter((f) => f.used <= f.most).length;
  return (
    <section aria-label="Is it honest?" className="flex flex-col gap-3">
      <h2 className="font-bold font-title text-2xl">Is it honest?</h2>
      <p className="text-lg" data-testid="honest">
        <strong>
          {within} of {list.length}
        </strong>{' '}
        ends stayed within the 98 % line that was drawn before their piece was tied
        {list.length < LEAST_ENDS ? '; a few more pieces will tell more.' : '.'}
      </p>
      <div className="grid gap-5 lg:grid-cols-2">
        <figure className="rounded-xl border border-rule bg-card p-3">
          <figcaption className="mb-1 font-semibold">
            Cord used, in % of what was calculated
            {first > 0 && `: the last ${MOST_DOTS} ends`}
          </figcaption>
          <ResponsiveContainer width="100%" height={260}>
            <ComposedChart data={points} margin={{ top: 8, right: 12, bottom: 4, left: 0 }}>
              <CartesianGrid stroke="#d5dbd7" />
              <XAxis dataKey="n" tick={{ fontSize: 13 }} />
              <YAxis
                domain={['dataMin - 3', 'dataMax + 3']}
                tickFormatter={(v: number) => `${Math.round(v)}`}
                tick={{ fontSize: 13 }}
              />
              <Tooltip formatter={(v) => `${Number(v).toFixed(1)} %`} labelFormatter={(n) => `end ${n}`} />
              <ReferenceLine y={100} stroke="#4d5955" strokeDasharray="4 3" />
              <Line
                dataKey="most"
                name="98 of 100 below"
                stroke="#a3260f"
                dot={false}
                isAnimationActive={false}
              />
              <Line
                dataKey="foretold"
                name="predicted"
                stroke="#17653f"
                dot={false}
                isAnimationActive={false}
              />
              <Line dataKey="used" name="used" {...DOTS} />
            </ComposedChart>
          </ResponsiveContainer>
        </figure>
        <figure className="rounded-xl border border-rule bg-card p-3">
          <figcaption className="mb-1 font-semibold">Promised against kept</figcaption>
          <table className="text-[15px]">
            <thead className="text-ink-soft">
              <tr>
                <th scope="col" className="pr-6 text-left font-medium">
                  promised
                </th>
                <th scope="col" className="pr-6 text-left font-medium">
                  kept
                </th>
                <td />
              </tr>
            </thead>
            <tbody>
              {PROMISES.map((p) => {
                const kept = keptWithin(list, p);
                return (
                  <tr key={p}>
                    <td className="figure pr-6">{Math.round(100 * p)} of 100</td>
                    <td className="figure pr-6">{Math.round(100 * kept)} of 100</td>
                    <td className="w-48">
                      <span className="relative block h-3 rounded bg-rule">
                        <span className="block h-full rounded bg-mat" style={{ width: `${100 * kept}%` }} />
                        <span
                          className="absolute inset-y-[-3px] w-0.5 bg-ink"
                          style={{ left: `${100 * p}%` }}
                        />
                      </span>
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
          <p className="mt-2 text-[15px] text-ink-soft">
            Bar: kept. Line: promised. Each piece is predicted from the pieces before it alone; with{' '}
            {list.length} ends a bar may be off by {Math.round(100 * Math.sqrt(0.25 / list.length) * 2)} of
            100 and mean nothing.
          </p>
        </figure>
      </div>
    </section>
  );
}

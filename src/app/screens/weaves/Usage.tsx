import { CORDS } from '../../../core/cord/cords.ts';
import { findPattern } from '../../../core/patterns/index.ts';
import type { SolvedWeave } from '../../../core/patterns/types.ts';
import { knotCordD } from '../../../core/usage/knotCord.ts';
import { weaveMetrics } from '../../../core/usage/metrics.ts';
import { withSwatch, workPerLength } from '../../../core/usage/swatch.ts';
import { len, num, percent, why } from '../../../core/why/why.ts';
import { useWorkshop } from '../../state/knowledge.tsx';
import { Select } from '../../ui/Select.tsx';
import { useLength } from '../../ui/units.tsx';
import { WhyNumber } from '../../ui/WhyNumber.tsx';
import { ROLE_NAMES } from './roles.ts';

interface Props {
  readonly solved: SolvedWeave;
  readonly cordId: string;
  readonly onCord: (id: string) => void;
}

/** What the weave measures and how much cord it uses, each as a range until a swatch narrows it. */
export function Usage({ solved, cordId, onCord }: Props) {
  const show = useLength();
  const { know } = useWorkshop();
  const cord = CORDS.find((c) => c.id === cordId)!;
  const engine = weaveMetrics(solved, cord);
  const swatch = know.swatch(solved.id, cordId);
  const m = swatch ? withSwatch(engine, swatch) : engine;
  const { convergence: c } = solved;
  const proof = why`${m.source}. Solved with a residual of ${num(c.residual, 3)} of a strand’s tension, cords overlapping by ${percent(Math.round(c.overlap * 1e4) / 1e4)} at most; never nearer than ${percent(Math.round(c.leastEver * 100) / 100)} of touching on the way, and proven to be the knot that was drawn`;
  const range = (value: number) =>
    `${(value * (1 - m.spread)).toFixed(1)}–${(value * (1 + m.spread)).toFixed(1)}`;
  return (
    <section aria-label="What it uses">
      <div className="flex items-center gap-2">
        <h2 className="font-bold font-title text-xl">What it uses in</h2>
        <Select
          label="Cord"
          value={cordId}
          onChange={onCord}
          choices={CORDS.map((k) => ({ value: k.id, name: k.name }))}
        />
      </div>
      {solved.kind === 'weave' ? (
        <>
          <dl className="mt-2 flex flex-wrap gap-x-8 gap-y-1">
            <Item name="width" value={show(m.widthMm, { kind: 'small' })} proof={proof} />
            <Item name="thickness" value={show(m.thicknessMm, { kind: 'small' })} proof={proof} />
            <Item name="row height" value={show(m.rowHeightMm, { kind: 'small' })} proof={proof} />
            {solved.turn !== undefined && (
              <Item
                name="rows for a full turn"
                value={((solved.rowsPerPeriod * 2 * Math.PI) / Math.abs(solved.turn)).toFixed(1)}
                proof={why`${num((Math.abs(solved.turn) * 180) / Math.PI, 1)}° of turn in each row. ${proof}`}
              />
            )}
            {findPattern(solved.id)?.pullsOut && (
              <Item
                name={`${show(100)} pull out to`}
                value={show(100 * workPerLength(m))}
                proof={why`${len(100)} × ${num(workPerLength(m))} × the band’s length in cord, once the lock is drawn`}
              />
            )}
            <Item name={`rows in ${show(100)}`} value={(100 / m.rowHeightMm).toFixed(1)} proof={proof} />
          </dl>
          <table className="mt-3 w-full max-w-2xl text-left">
            <thead>
              <tr className="border-rule border-b">
                <th className="py-1 font-semibold">strand</th>
                <th className="text-right font-semibold">passes</th>
                <th className="text-right font-semibold">cord, × the band’s length</th>
                <th className="text-right font-semibold">likely range</th>
              </tr>
            </thead>
            <tbody>
              {m.strands.map((s) => (
                <tr key={s.name} className="border-rule border-b">
                  <th scope="row" className="py-1 font-normal">
                    {s.name} <span className="text-ink-soft text-sm">{ROLE_NAMES[s.role]}</span>
                  </th>
                  <td className="figure text-right">{s.lanes}</td>
                  <td className="text-right">
                    <WhyNumber
                      label={`Cord of ${s.name}, × the band’s length`}
                      value={s.perLength.toFixed(2)}
                      why={proof}
                      testId={`usage-${s.name}`}
                    />
                  </td>
                  <td className="figure text-right text-ink-soft">
                    {s.role === 'core' ? '' : range(s.perLength)}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      ) : (
        <dl className="mt-2 flex flex-wrap gap-x-8 gap-y-1">
          <Item
            name="cord taken up"
            value={show(knotCordD(solved) * m.diameterMm, { kind: 'small' })}
            proof={why`${num(knotCordD(solved))} × cord ${len(m.diameterMm)}: the strand’s way through the knot less the straight way between its ends. ${proof}`}
          />
          <Item name="body" value={show(solved.bodyD * m.diameterMm, { kind: 'small' })} proof={proof} />
          <Item name="across" value={show(m.widthMm, { kind: 'small' })} proof={proof} />
        </dl>
      )}
    </section>
  );
}

function Item({ name, value, proof }: { name: string; value: string; proof: ReturnType<typeof why> }) {
  return (
    <div>
      <dt className="text-ink-soft text-sm">{name}</dt>
      <dd>
        <WhyNumber label={name} value={value} why={proof} className="font-semibold text-xl" />
      </dd>
    </div>
  );
}

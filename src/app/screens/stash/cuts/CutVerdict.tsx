import { cordName } from '../../../../core/colour/cordName.ts';
import { plural } from '../../../../core/words.ts';
import { useLength } from '../../../ui/units.tsx';
import type { Job } from '../job.ts';
import { listed, money, plansOf } from './words.ts';

/** The plan in one line: what to buy, whether any plan can do with less, what becomes waste. */
export function CutVerdict({ job }: { readonly job: Job }) {
  const show = useLength();
  const plans = plansOf(job);
  const cost = plans.reduce((sum, p) => sum + p.plan.costCents, 0);
  const bound = plans.reduce((sum, p) => sum + p.plan.stages.find((s) => s.stage === 'cost')!.bound, 0);
  const isProven = plans.every((p) => p.plan.stages.find((s) => s.stage === 'cost')!.isProven);
  const waste = plans.reduce((sum, p) => sum + p.plan.wasteMm, 0);
  const kept = plans.reduce((sum, p) => sum + p.plan.keptMm, 0);
  const buys = plans.flatMap(({ group, plan }) =>
    plan.bars.flatMap((b) => {
      const pack = b.bought > 0 ? group.problem.packs.find((p) => p.id === b.id) : undefined;
      return pack ? [`${pack.label} of ${cordName(group)}`] : [];
    }),
  );
  const joins = plans.reduce(
    (sum, p) => sum + p.group.problem.pieces.filter((x) => x.partOf?.number === 1).length,
    0,
  );
  const short = job.groups.filter((g) => job.results[g.key] && !job.results[g.key]!.ok).length;
  return (
    <p className="font-semibold text-lg" data-testid="cut-verdict">
      {buys.length === 0
        ? 'Nothing to buy: everything comes out of what is there. '
        : `Buy ${listed(buys)} (${money(cost)}). `}
      {buys.length > 0 &&
        (isProven
          ? 'No plan can do with less. '
          : `No plan can do with less than ${money(bound)}; whether one is cheaper than this is not settled. `)}
      {waste < 1 ? 'Nothing' : show(waste, { kind: 'cut' })} becomes waste,{' '}
      {kept < 1 ? 'nothing' : show(kept, { kind: 'cut' })} is kept as offcuts.
      {joins > 0 && ` ${joins} ${plural(joins, 'join')}, where it is hidden.`}
      {short > 0 && ` ${short} ${plural(short, 'colour')} can’t be cut at all: see below.`}
    </p>
  );
}

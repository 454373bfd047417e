import { cordName } from '../../../../core/colour/cordName.ts';
import { type Sure, sureOf } from '../../../../core/cutting/sure.ts';
import type { Stash } from '../../../../core/stash/ledger.ts';
import { inHundred } from '../../../../core/words.ts';
import { type Job, restOfPlan, SURE } from '../job.ts';

/** Are the hanks that nobody measured long enough for their cuts, and what if one isn’t? */
export function HowSure({ job, stash }: { readonly job: Job; readonly stash: Stash }) {
  const groups = job.groups.flatMap((group) => {
    const rest = restOfPlan(job, group, stash);
    return rest ? [{ group, sure: sureOf(rest.problem, rest.cuts) }] : [];
  });
  const product = (pick: (s: Sure) => number) => groups.reduce((all, g) => all * pick(g.sure), 1);
  const all = product((s) => s.all);
  const withSpares = product((s) => s.withSpares);
  const unsure = groups.flatMap(({ group, sure }) =>
    sure.bars.flatMap((b) => (b.chance < SURE ? [{ ...b, group }] : [])),
  );
  const count = groups.reduce((sum, g) => sum + g.sure.bars.length, 0);
  if (count === 0) return null;
  return (
    <section
      aria-label="Are the hanks long enough"
      className="flex flex-col gap-1.5 border-rule border-t pt-3 text-[15px]"
    >
      <h3 className="font-bold font-title text-lg">Are the hanks long enough?</h3>
      <p data-testid="how-sure">
        Nobody has measured {count} of them. The chance that{' '}
        {count === 1 ? 'it is long enough' : 'all are long enough'} is {inHundred(all)}
        {withSpares > all + 0.005
          ? `; with what is left over elsewhere for a last piece, ${inHundred(withSpares)}.`
          : '.'}
      </p>
      {unsure.length > 0 && (
        <ul className="flex flex-col gap-1">
          {unsure.map((b) => (
            <li key={`${b.id}#${b.bought}`}>
              <span className="figure font-semibold">{inHundred(b.chance)}</span>{' '}
              {cordName({ cord: b.group.cord, colour: b.group.colour })}, cut last: {b.last.label}
              {b.isMovable ? ', which also fits elsewhere' : ', which fits nowhere else'}
            </li>
          ))}
        </ul>
      )}
      {unsure.length > 0 && (
        <p className="text-ink-soft">A tape settles it; where a hank is short, plan the rest again.</p>
      )}
    </section>
  );
}

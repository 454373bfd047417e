import { cordName } from '../../../../core/colour/cordName.ts';
import { byLength, checkCertificate } from '../../../../core/cutting/certificate.ts';
import { merged } from '../../../../core/cutting/model.ts';
import { useLength } from '../../../ui/units.tsx';
import type { Job } from '../job.ts';
import { money, plansOf } from './words.ts';

/** Why no plan buys less: what the pieces need and what is surely there, for the colours that something is bought of. */
export function WhyNoLess({ job }: { readonly job: Job }) {
  const show = useLength();
  const bought = plansOf(job).filter((p) => p.plan.costCents > 0);
  if (bought.length === 0) return null;
  return (
    <section
      aria-label="Why no plan buys less"
      className="flex flex-col gap-2 border-rule border-t pt-3 text-[15px]"
    >
      <h3 className="font-bold font-title text-lg">Why no plan buys less</h3>
      {bought.map(({ group, plan }) => {
        const m = merged(group.problem);
        const lengths = checkCertificate(m, byLength(m));
        const name = cordName(group);
        // Cord that is joined is longer by its overlaps: its sums say nothing of plans without.
        const isJoined = group.problem.pieces.some((p) => p.partOf);
        const isPlain = !isJoined && lengths.leastCents === plan.costCents;
        const most = Math.max(lengths.wanted, lengths.inHand);
        return (
          <div key={group.key}>
            {[
              { words: `${name}: needed`, mm: lengths.wanted },
              { words: 'from what is there at most', mm: lengths.inHand },
            ].map((line) => (
              <p key={line.words} className="grid grid-cols-[1fr_5rem_auto] items-center gap-2">
                {line.words}
                <span className="h-2.5 rounded bg-rule">
                  <span
                    className="block h-full rounded bg-mat"
                    style={{ width: `${(100 * line.mm) / most}%` }}
                  />
                </span>
                <span className="figure">{show(line.mm, { kind: 'cut' })}</span>
              </p>
            ))}
            <p>
              {isPlain
                ? `${show(lengths.wanted - lengths.inHand, { kind: 'cut' })} are missing: that alone costs ${money(plan.costCents)}.`
                : !isJoined && plan.proof.leastCents === plan.costCents
                  ? `Whichever way they are cut, the hanks in hand can’t hold enough of them: ${money(plan.costCents)} is the least.`
                  : `At least ${money(plan.stages.find((s) => s.stage === 'cost')!.bound)}; this plan spends ${money(plan.costCents)}.`}
            </p>
            {!isJoined && plan.proof.leastCents === plan.costCents && (
              <p className="font-semibold text-good">✓ checked without the solver</p>
            )}
          </div>
        );
      })}
    </section>
  );
}

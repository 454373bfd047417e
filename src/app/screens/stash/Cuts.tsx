import { useEffect, useState } from 'react';
import { createPortal } from 'react-dom';
import { findColour, PALETTE } from '../../../core/colour/palette.ts';
import { byLength, checkCertificate } from '../../../core/cutting/certificate.ts';
import type { CutGroup } from '../../../core/cutting/demands.ts';
import { merged } from '../../../core/cutting/model.ts';
import type { CutBar, CuttingPlan, CuttingResult } from '../../../core/cutting/plan.ts';
import type { Stash } from '../../../core/stash/ledger.ts';
import { plural } from '../../../core/words.ts';
import type { StashView } from '../../state/stash.ts';
import { Button } from '../../ui/Button.tsx';
import { LengthField } from '../../ui/LengthField.tsx';
import { NumberField } from '../../ui/NumberField.tsx';
import { Problem } from '../../ui/Problem.tsx';
import { Swatch } from '../../ui/Swatch.tsx';
import { useLength } from '../../ui/units.tsx';
import { BarRow, type Stretch } from './BarRow.tsx';
import { groupName, lotName } from './names.ts';
import { Ruler } from './Ruler.tsx';
import { NAMES_PX } from './Shelf.tsx';
import { cutsOf, type Job, type NextCut, toBuy, useCutting } from './useCutting.ts';

interface Props {
  readonly view: StashView;
  readonly stash: Stash;
  /** Room for the bars, in px. */
  readonly widthPx: number;
}

/** Which piece is cut from which hank: planned as a whole, then made one cut at a time. */
export function Cuts({ view, stash, widthPx }: Props) {
  const cutting = useCutting(view, stash);
  const { job } = cutting;
  const longest = Math.max(
    1000,
    ...(job ? plansOf(job) : []).flatMap(({ group, plan }) =>
      plan.bars.map(
        (b) => [...group.problem.bars, ...group.problem.packs].find((x) => x.id === b.id)!.lengthMm,
      ),
    ),
  );
  const pxPerMm = Math.max(0.02, widthPx / longest);
  if (cutting.progress !== undefined)
    return (
      <div className="flex items-center gap-3 py-6">
        <p role="status">Looking for the plan that buys and wastes least…</p>
        <progress value={cutting.progress} max={1} aria-label="How far it is" className="w-48 accent-amber" />
        <Button onClick={cutting.stop} className="text-ink">
          Stop
        </Button>
      </div>
    );
  if (!job) return <Choose cutting={cutting} />;
  const cuts = cutsOf(job);
  // What is on the shelf is cut first; what is to be bought waits.
  const open = cuts.filter((c) => !job.done.includes(c.id));
  const next = open.find((c) => stash.has(c.lotId)) ?? open[0];
  return (
    <div className="flex flex-col gap-3">
      <Verdict job={job} />
      <Ruler widthPx={widthPx} pxPerMm={pxPerMm} />
      {job.groups.map((g) => {
        const result = job.results[g.key];
        const look = findColour(g.colour) ?? PALETTE[0]!;
        return (
          <section key={g.key} aria-label={groupName(g.cord, g.colour)}>
            <p className="mb-0.5 flex items-center gap-2 text-[14px]">
              <Swatch colour={look} letter="" />
              <span className="font-semibold">{groupName(g.cord, g.colour)}</span>
            </p>
            {result?.ok ? (
              result.plan.bars.map((bar) => (
                <Bar
                  key={`${bar.id}${bar.bought}`}
                  bar={bar}
                  group={g}
                  job={job}
                  stash={stash}
                  pxPerMm={pxPerMm}
                  next={next}
                />
              ))
            ) : (
              <Short result={result} />
            )}
          </section>
        );
      })}
      <Portal>
        <TableCard cutting={cutting} job={job} next={next} left={open.length} stash={stash} view={view} />
      </Portal>
    </div>
  );
}

function Portal({ children }: { readonly children: React.ReactNode }) {
  const [target, setTarget] = useState<HTMLElement | null>(null);
  useEffect(() => setTarget(document.getElementById('stash-card')), []);
  return target ? createPortal(children, target) : null;
}

/** What to make, how many of each. */
function Choose({ cutting }: { readonly cutting: ReturnType<typeof useCutting> }) {
  const { designs, counts, setCounts, problem } = cutting;
  const total = Object.values(counts).reduce((a, b) => a + b, 0);
  return (
    <div className="flex flex-col gap-2 py-2">
      <h2 className="font-bold font-title text-xl">What is to be made?</h2>
      <ul className="grid gap-2 sm:grid-cols-2">
        {designs.map((d) => (
          <li key={d.id} className="flex items-center gap-3 rounded-lg bg-white/5 px-3 py-1.5">
            <NumberField
              label={`How many: ${d.name}`}
              value={counts[d.id] ?? 0}
              least={0}
              most={60}
              className="w-16"
              onChange={(n) => setCounts({ ...counts, [d.id]: n ?? 0 })}
            />
            <span className="grow">{d.name}</span>
            <span className="flex gap-1">
              {d.plan.cords.map((c) => (
                <Swatch key={c.letter} colour={c.look} letter={c.letter} size={18} />
              ))}
            </span>
          </li>
        ))}
      </ul>
      {problem && <p className="text-[#ffd9cf]">{problem}</p>}
      <Button look="next" className="self-start" disabled={total === 0} onClick={() => cutting.start(counts)}>
        Plan the cuts of {total} {plural(total, 'piece')}
      </Button>
    </div>
  );
}

const money = (cents: number): string => (cents / 100).toFixed(2);

/** `Dusk, 4 mm nylon`. */
const cordWords = ({ cord, colour }: { readonly cord: string; readonly colour: string }): string =>
  groupName(cord, colour).replace(' · ', ', ');

const plansOf = (job: Job): { group: CutGroup; plan: CuttingPlan }[] =>
  job.groups.flatMap((group) => {
    const result = job.results[group.key];
    return result?.ok ? [{ group, plan: result.plan }] : [];
  });

/** The plan in one line: what to buy, whether any plan can do with less, what becomes waste. */
function Verdict({ job }: { readonly job: Job }) {
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
      return pack ? [`${pack.label} of ${cordWords(group)}`] : [];
    }),
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
      {show(waste, { kind: 'cut' })} becomes waste, {show(kept, { kind: 'cut' })} is kept as offcuts.
      {short > 0 && ` ${short} ${plural(short, 'colour')} can’t be cut at all: see below.`}
    </p>
  );
}

/** `two 15 m of Dusk and one 30 m of Ember`. */
function listed(names: readonly string[]): string {
  const counts = new Map<string, number>();
  for (const n of names) counts.set(n, (counts.get(n) ?? 0) + 1);
  const parts = [...counts].map(([name, n]) => `${n} × ${name}`);
  return parts.length > 1 ? `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}` : parts[0]!;
}

function Short({ result }: { readonly result: CuttingResult | undefined }) {
  const show = useLength();
  if (!result || result.ok) return null;
  const { pieces, missingMm } = result.short;
  return (
    <p className="rounded-lg bg-bad-pale px-3 py-2 text-bad" role="alert">
      {pieces.length > 0
        ? `No hank in hand or to buy is long enough for ${pieces[0]!.label}, ${show(pieces[0]!.lengthMm, { kind: 'cut' })}.`
        : `${show(missingMm, { kind: 'cut' })} are missing.`}
    </p>
  );
}

interface BarProps {
  readonly bar: CutBar;
  readonly group: CutGroup;
  readonly job: Job;
  readonly stash: Stash;
  readonly pxPerMm: number;
  readonly next: NextCut | undefined;
}

function Bar({ bar, group, job, stash, pxPerMm, next }: BarProps) {
  const show = useLength();
  const look = findColour(group.colour) ?? PALETTE[0]!;
  const source =
    group.problem.bars.find((b) => b.id === bar.id) ?? group.problem.packs.find((p) => p.id === bar.id)!;
  const holding = stash.get(bar.id);
  const stretches: Stretch[] = [];
  let at = 0;
  for (const p of bar.pieces) {
    const isDone = job.done.includes(p.id);
    stretches.push({
      fromMm: at,
      toMm: at + p.lengthMm,
      kind: isDone ? 'done' : 'cut',
      label: isDone ? '✓' : p.label,
      figure: show(p.lengthMm, { kind: 'cut' }),
      isNext: p.id === next?.id,
    });
    at += p.lengthMm + group.problem.kerfMm;
  }
  if (bar.restMm > 0)
    stretches.push({
      fromMm: at,
      toMm: at + bar.restMm,
      kind: bar.isKept ? 'keep' : 'waste',
      label: bar.isKept ? `keep ${show(bar.restMm, { kind: 'cut' })}` : '',
      ...(bar.isKept ? {} : { figure: `${show(bar.restMm, { kind: 'cut' })} waste` }),
    });
  if (source.reserveMm > 0)
    stretches.push({
      fromMm: at + bar.restMm,
      toMm: at + bar.restMm + source.reserveMm,
      kind: 'unsure',
      label: '',
      figure: `± ${show(source.reserveMm, { kind: 'cut' })}`,
    });
  return (
    <div className="flex items-center">
      <span className="shrink-0 pl-8 text-[13px] leading-tight" style={{ width: NAMES_PX }}>
        <span className="block">
          {holding ? lotName(holding) : `${source.label} hank`}
          {bar.bought > 0 && (
            <span className="ml-1 rounded-full bg-white px-1.5 font-semibold text-mat-deep">buy</span>
          )}
        </span>
        <span className="figure text-white/75">{show(source.lengthMm, { kind: 'cut' })}</span>
      </span>
      <BarRow
        look={look}
        stretches={stretches}
        pxPerMm={pxPerMm}
        label={`${bar.pieces.length} ${plural(bar.pieces.length, 'cut')}: ${bar.pieces.map((p) => `${p.label} ${show(p.lengthMm, { kind: 'cut' })}`).join(', ')}; ${show(bar.restMm, { kind: 'cut' })} ${bar.isKept ? 'kept' : 'waste'}`}
      />
    </div>
  );
}

interface CardProps {
  readonly cutting: ReturnType<typeof useCutting>;
  readonly job: Job;
  readonly next: NextCut | undefined;
  /** Cuts that are not made yet. */
  readonly left: number;
  readonly stash: Stash;
  readonly view: StashView;
}

/** At the table: the next cut in large type, what must be bought first, and why no plan buys less. */
function TableCard({ cutting, job, next, left, stash, view }: CardProps) {
  const show = useLength();
  const buying = toBuy(job);
  const [isOther, setOther] = useState(false);
  const holding = next && stash.get(next.lotId);
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const target = e.target as HTMLElement;
      if (e.key !== ' ' || e.defaultPrevented || target.closest?.('button,a,input,textarea,select')) return;
      if (!next || !holding) return;
      e.preventDefault();
      void cutting.cut(next);
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, [cutting, next, holding]);
  return (
    <aside
      aria-label="At the table"
      className="flex flex-col gap-3 rounded-xl border border-rule bg-card p-4"
    >
      <h2 className="flex items-baseline justify-between font-bold font-title text-xl">
        At the table now
        {next && (
          <span className="font-normal font-sans text-[15px] text-ink-soft">
            cut {job.done.length + 1} of {job.done.length + left}
          </span>
        )}
      </h2>
      {buying.length > 0 && (
        <div className="rounded-lg bg-amber-pale px-3 py-2 text-amber-ink">
          <p>To buy: {listed(buying.map((b) => `${b.lengthMm / 1000} m of ${cordWords(b)}`))}.</p>
          <Button className="mt-1 text-ink" onClick={() => void cutting.buy()}>
            It is here: put it on the shelf
          </Button>
        </div>
      )}
      {next ? (
        <>
          <p className="flex items-center gap-2">
            <Swatch colour={findColour(next.group.colour) ?? PALETTE[0]!} letter="" />
            {holding ? (
              <span>
                {holding.lot.place && `${holding.lot.place} · `}
                <strong>{lotName(holding)}</strong>, {show(holding.amount, { kind: 'cut' })}
              </span>
            ) : (
              <span>a hank that is to be bought first</span>
            )}
          </p>
          <p className="flex items-baseline gap-3">
            <span className="figure whitespace-nowrap font-bold text-4xl" data-testid="next-cut">
              {show(next.lengthMm, { kind: 'cut', rounding: 'up' })}
            </span>
            <span className="text-lg">for {next.label}</span>
          </p>
          <Problem>{cutting.problem}</Problem>
          <Button
            look="next"
            className="py-3"
            disabled={!holding}
            onClick={() => void cutting.cut(next)}
            aria-keyshortcuts="Space"
          >
            <span className="text-2xl">Cut it</span> Space
          </Button>
          {holding &&
            (isOther ? (
              <Other
                amount={holding.amount}
                onMeasured={async (mm) => {
                  await view.write([{ what: 'measure', lotId: holding.lot.id, amount: mm, known: 'tape' }]);
                  setOther(false);
                }}
              />
            ) : (
              <Button onClick={() => setOther(true)}>It measured differently…</Button>
            ))}
          <Button look="quiet" onClick={cutting.again}>
            Plan the rest again
          </Button>
        </>
      ) : (
        <p className="font-semibold text-good">Everything is cut.</p>
      )}
      <Why job={job} />
      <Button look="quiet" onClick={() => void cutting.close()}>
        Put this plan away
      </Button>
      <p className="rounded bg-amber-pale px-2.5 py-1 text-[14px] text-amber-ink leading-snug">
        Cut away from your hand; seal each end before the next cut, the flame away from you.
      </p>
    </aside>
  );
}

function Other({
  amount,
  onMeasured,
}: {
  readonly amount: number;
  readonly onMeasured: (mm: number) => void;
}) {
  const [mm, setMm] = useState(amount);
  return (
    <div className="flex flex-col gap-2">
      <LengthField
        label="What is left of this hank, by tape"
        valueMm={mm}
        leastMm={0}
        mostMm={1_000_000}
        onChange={setMm}
      />
      <Button className="self-start" onClick={() => onMeasured(mm)}>
        Keep that; then plan the rest again
      </Button>
    </div>
  );
}

/** Why no plan buys less: what the pieces need and what is surely there, for the colours that something is bought of. */
function Why({ job }: { readonly job: Job }) {
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
        const name = cordWords(group);
        const isPlain = lengths.leastCents === plan.costCents;
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
                : plan.proof.leastCents === plan.costCents
                  ? `Whichever way they are cut, the hanks in hand can’t hold enough of them: ${money(plan.costCents)} is the least.`
                  : `At least ${money(plan.stages.find((s) => s.stage === 'cost')!.bound)}; this plan spends ${money(plan.costCents)}.`}
            </p>
            {plan.proof.leastCents === plan.costCents && (
              <p className="font-semibold text-good">✓ checked without the solver</p>
            )}
          </div>
        );
      })}
    </section>
  );
}

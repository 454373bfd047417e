import { type ReactNode, useEffect, useMemo, useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { useStore } from 'zustand';
import { planRing } from '../../../core/rings/plan.ts';
import type { RingPlan } from '../../../core/rings/planned.ts';
import { download, fileStem } from '../../export/download.ts';
import { ringPath } from '../../paths.ts';
import type { OpenedRing, RingBench } from '../../state/ring.ts';
import { Boundary } from '../../ui/Boundary.tsx';
import { Button } from '../../ui/Button.tsx';
import { Problem } from '../../ui/Problem.tsx';
import { usePrinting } from '../../ui/usePrinting.ts';
import { WhyProvider } from '../../ui/WhyNumber.tsx';
import { Explorer } from './Explorer.tsx';
import { HandRecipe } from './HandRecipe.tsx';
import { PrintStrip } from './PrintStrip.tsx';
import { RingCard } from './RingCard.tsx';
import { RingContext, type RingView, useRing } from './RingContext.tsx';
import { RingMap } from './RingMap.tsx';
import { RingSentence } from './RingSentence.tsx';
import { RoundPicture } from './RoundPicture.tsx';
import { RunPanel } from './RunPanel.tsx';
import { WhichFit } from './WhichFit.tsx';

/** A ring on its own: planned, or tied half cycle by half cycle. */
export default function RingPage({
  opened,
  isTying = false,
}: {
  readonly opened: OpenedRing | undefined;
  readonly isTying?: boolean;
}) {
  const { id = '' } = useParams();
  if (!opened) return <main className="p-8 text-ink-soft">Opening…</main>;
  if (opened.ok) return <Ring key={id} id={id} bench={opened.bench} isTying={isTying} />;
  const { stored } = opened;
  return (
    <main className="mx-auto max-w-2xl p-8">
      <h1 className="font-bold font-title text-2xl">This ring can’t be opened</h1>
      {opened.issues.map((i) => (
        <p key={i.path + i.message} className="mt-2">
          {i.path && <code className="figure">{i.path}</code>} {i.message}
        </p>
      ))}
      <div className="mt-4 flex gap-2">
        {stored && (
          <Button
            onClick={() =>
              download({
                name: `${fileStem(stored.name)}-as-stored.json`,
                type: 'application/json',
                text: `${JSON.stringify(stored.ring, null, 2)}\n`,
              })
            }
          >
            Save it to a file
          </Button>
        )}
        <Link to="/rings" className="rounded-md bg-amber px-4 py-1.5 font-semibold text-[#1b211f]">
          All rings
        </Link>
      </div>
    </main>
  );
}

function Ring({
  id,
  bench,
  isTying,
}: {
  readonly id: string;
  readonly bench: RingBench;
  readonly isTying: boolean;
}) {
  const ring = useStore(bench.store, (s) => s.history.present);
  // What is done changes at every step, and nothing of the plan with it.
  const { laid: laidNow = 0 } = ring;
  const planned = JSON.stringify({ ...ring, laid: 0 });
  // biome-ignore lint/correctness/useExhaustiveDependencies: everything but what is done is in `planned`
  const result = useMemo(() => planRing(ring), [planned]);
  const last = useRef<RingPlan | undefined>(undefined);
  if (result.ok) last.current = result.value;
  const plan = last.current;
  const isPrinting = usePrinting();
  const view = useMemo((): RingView | undefined => {
    if (!plan) return undefined;
    const laid = Math.min(laidNow, plan.lays.length);
    return { id, ring, bench, plan, issues: result.ok ? [] : result.issues, laid, next: plan.lays[laid] };
  }, [id, ring, bench, plan, result, laidNow]);
  if (!view)
    return (
      <main className="p-8">
        <h1 className="font-bold font-title text-2xl">{ring.name}</h1>
        {!result.ok && result.issues.map((i) => <Problem key={i.message}>{i.message}</Problem>)}
      </main>
    );
  return (
    <RingContext value={view}>
      <WhyProvider>
        {isTying ? <Tying /> : <Planning />}
        {isPrinting && <PrintStrip />}
      </WhyProvider>
    </RingContext>
  );
}

function Planning() {
  const { id, ring, issues } = useRing();
  const navigate = useNavigate();
  const [fitting, setFitting] = useState(false);
  return (
    <main className="grid grid-cols-1 gap-x-7 gap-y-5 pb-5 md:grid-cols-2 xl:grid-cols-[minmax(0,29rem)_minmax(0,1fr)_22rem] print:hidden">
      <h1 className="sr-only">{ring.name}, a ring</h1>
      <div className="order-1 col-span-full">
        <Part name="The sentence">
          <RingSentence />
        </Part>
        {issues.length > 0 && (
          <ul
            aria-label="What can’t be"
            className="mx-5 mb-2 rounded-lg border border-bad bg-bad-pale px-3 py-2 text-bad"
          >
            {issues.map((i) => (
              <li key={i.path + i.message} role="alert">
                {i.message} The picture shows the ring as it was before.
              </li>
            ))}
          </ul>
        )}
      </div>
      {/* On a phone words and button come first, then the map, the card, and other rings. */}
      <div className="order-3 col-span-full md:order-2 md:-mt-5">
        <Part name="The map">
          <MapNow />
        </Part>
      </div>
      <div className="order-2 min-w-0 px-5 md:order-3 md:pr-0">
        <Part name="The run list">
          <RunPanel />
          <HandRecipe />
        </Part>
      </div>
      <div className="order-5 min-w-0 px-5 md:order-4 xl:px-0">
        <Part name="Other rings">
          <Explorer onFit={() => setFitting(true)} />
        </Part>
      </div>
      <div className="order-4 min-w-0 px-5 md:order-5 md:pr-0 xl:pr-5 xl:pl-0">
        <Part name="The card">
          <RingCard onTie={() => void navigate(`${ringPath(id)}/tie`)} />
        </Part>
      </div>
      {fitting && <WhichFit onClose={() => setFitting(false)} />}
    </main>
  );
}

/** The map with what is done up to now, and what growing added. */
function MapNow() {
  const { ring, plan, laid, next } = useRing();
  const { grownFrom } = ring;
  return <RingMap plan={plan} laid={laid} next={next} addedFrom={grownFrom && 2 * grownFrom.bights + 1} />;
}

/** One half cycle at a time, large enough for a phone beside the mandrel. */
function Tying() {
  const { id, ring, plan, laid } = useRing();
  useEffect(() => {
    document.title = `${ring.name} · Warp Beam`;
    return () => {
      document.title = 'Warp Beam';
    };
  }, [ring.name]);
  return (
    <main className="flex min-h-screen flex-col print:hidden">
      <header className="flex items-center gap-4 border-rule border-b bg-card px-5 py-2">
        <h1 className="grow font-bold font-title text-xl">{ring.name}</h1>
        <span className="figure">
          {laid} of {plan.lays.length}
        </span>
        <Link to={ringPath(id)} className="rounded-md border border-ink-soft/60 px-3 py-1.5">
          Close
        </Link>
      </header>
      <div className="order-2 md:order-1">
        <Part name="The map">
          <MapNow />
        </Part>
      </div>
      <div className="order-1 mx-auto grid w-full max-w-5xl grid-cols-1 gap-6 px-5 py-4 md:order-2 md:grid-cols-[minmax(0,1fr)_18rem]">
        <div className="min-w-0">
          <Part name="The run list">
            <RunPanel isLarge />
          </Part>
          <HandRecipe />
        </div>
        <Part name="The ring in the round">
          <RoundPicture className="max-h-72" />
        </Part>
      </div>
    </main>
  );
}

function Part({ name, children }: { readonly name: string; readonly children: ReactNode }) {
  const { ring } = useRing();
  return (
    <Boundary name={name} keys={[ring]}>
      <div className="min-w-0">{children}</div>
    </Boundary>
  );
}

import { ArrowLeft, ArrowRight, Check } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';
import { coloursOf, cordOfLay } from '../../../core/rings/drawing/look.ts';
import { chains, phasesOf } from '../../../core/rings/grow.ts';
import {
  crossingsAfter,
  type Lay,
  layOrder,
  layWords,
  pairsToSplit,
  tucksTogether,
} from '../../../core/rings/lays.ts';
import { bightName } from '../../../core/rings/types.ts';
import { layText, passText, stopAfter } from '../../../core/rings/words.ts';
import { plural } from '../../../core/words.ts';
import { LinkedWhy } from '../../help/Linked.tsx';
import { Button } from '../../ui/Button.tsx';
import { LostSheet } from './LostSheet.tsx';
import { useRing } from './RingContext.tsx';
import { TuckTile } from './TuckTile.tsx';

/** The run list, one half cycle at a time: where it goes, over and under what, and how far the ring is. */
export function RunPanel({ isLarge = false }: { readonly isLarge?: boolean }) {
  const { plan, bench, laid, next } = useRing();
  const [isLost, setLost] = useState(false);
  const total = plan.lays.length;
  const goTo = (n: number) =>
    bench.dispatch({ type: 'lay', laid: Math.max(0, Math.min(total, n)) }, `lay-${n}`);
  useRingKeys({
    forward: () => goTo(laid + 1),
    back: () => goTo(laid - 1),
    lost: () => setLost(true),
  });
  const forward = useRef<HTMLButtonElement>(null);
  // Closed, the sheet gives the keys back to laying, not to the button that opened it.
  const found = () => {
    setLost(false);
    setTimeout(() => forward.current?.focus(), 50);
  };
  const done = plan.lays[laid - 1];
  const stop = done ? stopAfter(plan, done) : [];
  const perPass = 2 * plan.shape.bights;
  return (
    <section aria-label="The run list" className="flex min-w-0 flex-col gap-3">
      <h2 className="font-bold font-title text-xl">
        Run list{' '}
        {next && (
          <span className="font-normal font-sans text-[15px] text-ink-soft">{passText(plan, next.pass)}</span>
        )}
      </h2>
      <Strip onGo={goTo} />
      <Passes perPass={perPass} />
      <Look />
      {next ? <NextStep lay={next} isLarge={isLarge} /> : <p className="font-bold text-3xl">All done</p>}
      {stop.length > 0 && (
        <ul
          className="flex flex-col gap-1 rounded-lg bg-amber-pale px-3 py-2 text-amber-ink"
          data-testid="ring-stop"
        >
          {stop.map((line, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: lines of one stop
            <li key={i}>
              <LinkedWhy why={line} />
            </li>
          ))}
        </ul>
      )}
      <div className="grid grid-cols-[auto_1fr_auto] gap-2">
        <Button disabled={laid === 0} onClick={() => goTo(laid - 1)} className="min-h-14 px-4">
          <ArrowLeft size={18} aria-hidden /> Back
        </Button>
        <Button
          ref={forward}
          look="next"
          disabled={!next}
          onClick={() => goTo(laid + 1)}
          className="min-h-14"
          aria-keyshortcuts="Space"
        >
          <span className="text-2xl">Laid, next</span>{' '}
          <span className="hidden font-normal sm:inline">Space</span>
        </Button>
        <Button onClick={() => setLost(true)} className="min-h-14 px-4" aria-keyshortcuts="l">
          Lost?
        </Button>
      </div>
      {isLost && (
        <LostSheet
          onClose={found}
          onPlace={(n) => {
            goTo(n);
            found();
          }}
        />
      )}
    </section>
  );
}

/** What the work should look like now: crossings that are made, and pairs that a later half cycle will split. */
function Look() {
  const { plan, ring, laid } = useRing();
  const pass = plan.lays[Math.max(0, laid - 1)]?.pass ?? 1;
  const crossings = useMemo(() => crossingsAfter(plan.lays, laid), [plan, laid]);
  const pairs = useMemo(() => {
    // What is to be split only matters where a ring in hand is grown.
    if (!ring.grownFrom) return 0;
    const here = plan.lays.filter((l) => l.pass === pass && l.n <= laid);
    return here.length === 2 * plan.shape.bights ? 0 : pairsToSplit(plan.shape, here).length;
  }, [plan, ring.grownFrom, laid, pass]);
  if (laid === 0) return null;
  return (
    <p className="text-[15px] text-ink-soft" data-testid="ring-look">
      Now {crossings} {plural(crossings, 'crossing')}
      {pairs > 0 && `; ${pairs} ${plural(pairs, 'pair')} side by side, with nothing between yet`}.
    </p>
  );
}

function NextStep({ lay, isLarge }: { readonly lay: Lay; readonly isLarge: boolean }) {
  const { plan } = useRing();
  const looks = coloursOf(plan);
  const own = looks[cordOfLay(plan)(lay)]!;
  const runs = tucksTogether(lay.tucks);
  const perPass = 2 * plan.shape.bights;
  const met = metLooks(lay, plan.design.lanes, looks);
  const phases = usePhases();
  const phase = lay.pass === 1 ? phases?.get(lay.k) : undefined;
  return (
    <div className="flex flex-col gap-2" data-testid="ring-next">
      <p className="flex flex-wrap items-baseline gap-x-4">
        <span className={`font-bold ${isLarge ? 'text-5xl' : 'text-4xl'}`}>
          {bightName(lay.from)}{' '}
          <ArrowRight className="inline align-baseline text-ink-soft" size={30} aria-label="to" />{' '}
          {bightName(lay.to)}
        </span>
        <span className="figure text-ink-soft text-xl">{layWords(lay)}</span>
        <span className="ml-auto">
          <span className={`figure font-bold ${isLarge ? 'text-4xl' : 'text-3xl'}`}>{lay.k}</span>{' '}
          <span className="text-ink-soft">of {perPass}</span>
        </span>
      </p>
      {phase && (
        <p className="text-[15px]" data-testid="ring-phase">
          <strong>{GROWS[phase.phase]}</strong>
          {phase.phase === 'follow' && `: beside half cycle ${phase.beside[0]}, doing the same`}
          {phase.phase === 'split' &&
            `: midway between half cycles ${phase.beside.join(' and ')}, doing the opposite of both`}
          {phase.phase === 'last' && ': the last crossing brings the working end to its other side'}
        </p>
      )}
      <p className="sr-only" role="status">
        Half cycle {lay.k}, {layText(lay)}
      </p>
      <div className="flex gap-1.5">
        {runs.length === 0 ? (
          <span className="flex-1 rounded-lg border border-ink-soft/50 bg-card px-3 py-4 text-center font-semibold text-lg">
            free: nothing is in the way
          </span>
        ) : (
          runs.map((run, i) => (
            <TuckTile
              // biome-ignore lint/suspicious/noArrayIndexKey: tucks are in their order
              key={i}
              {...run}
              own={own}
              met={met[i] ?? []}
              isNarrow={runs.length > 4}
            />
          ))
        )}
      </div>
    </div>
  );
}

/** What every half cycle is that is added to a ring in hand; nothing where the ring is tied from the start. */
function usePhases() {
  const { ring, plan } = useRing();
  const { grownFrom } = ring;
  const { shape } = plan;
  return useMemo(() => {
    if (!grownFrom) return undefined;
    const [chain] = chains(grownFrom, { leads: shape.leads, bights: shape.bights, n: shape.coding.n });
    return chain && phasesOf(chain, shape.first);
  }, [grownFrom, shape]);
}

const GROWS = {
  last: 'Over the standing end',
  follow: 'Follow',
  split: 'Split',
  interweave: 'Interweave',
} as const;

/** The looks of the cords that each group of tucks meets, in lane order as they come. */
function metLooks(lay: Lay, lanes: readonly number[], looks: ReturnType<typeof coloursOf>): (typeof looks)[] {
  const order = layOrder(lanes);
  const laidLanes = order.slice(0, lay.pass - 1);
  const groups: (typeof looks)[] = [];
  let last: boolean | undefined;
  for (const tuck of lay.tucks) {
    const here = [...laidLanes, ...(tuck.isOwn ? [lay.lane] : [])].sort((a, b) => a - b);
    const cords = here.map((lane) => looks[lanes[lane]!]!);
    if (tuck.isOver === last) groups.at(-1)!.push(...cords);
    else groups.push([...cords]);
    last = tuck.isOver;
  }
  return groups;
}

/** Two half cycles before, this one, and three after. */
function Strip({ onGo }: { readonly onGo: (n: number) => void }) {
  const { plan, laid } = useRing();
  const from = Math.max(0, Math.min(laid - 2, plan.lays.length - 6));
  return (
    <ol className="grid grid-cols-3 gap-1.5 sm:grid-cols-6">
      {plan.lays.slice(from, from + 6).map((lay) => {
        const isNow = lay.n === laid + 1;
        const isDone = lay.n <= laid;
        return (
          <li key={lay.n}>
            <button
              type="button"
              aria-current={isNow ? 'step' : undefined}
              aria-label={`Half cycle ${lay.k} of pass ${lay.pass}, ${layText(lay)}${isDone ? ', done' : ''}`}
              onClick={() => onGo(lay.n - 1)}
              className={`figure flex w-full flex-col items-center rounded-md border px-1 py-1.5 text-[13px] ${isNow ? 'border-amber bg-amber-pale font-bold' : isDone ? 'border-transparent bg-mat/10 text-ink-soft' : 'border-rule bg-card'}`}
            >
              <span className="flex items-center gap-1">
                {isDone && <Check size={13} aria-hidden />}
                {lay.k}
              </span>
              <span className="whitespace-nowrap">
                {bightName(lay.from)}→{bightName(lay.to)}
              </span>
            </button>
          </li>
        );
      })}
    </ol>
  );
}

/** How much of each pass is done, in the colour of its cord. */
function Passes({ perPass }: { readonly perPass: number }) {
  const { plan, laid } = useRing();
  const looks = coloursOf(plan);
  const order = layOrder(plan.design.lanes);
  return (
    <ol className="flex gap-2">
      {order.map((lane, i) => {
        const done = Math.max(0, Math.min(perPass, laid - i * perPass));
        const look = looks[plan.design.lanes[lane]!]!;
        return (
          <li key={lane} className="min-w-0 flex-1">
            <span className="block h-1.5 overflow-hidden rounded bg-rule">
              <span
                className="block h-full"
                style={{ width: `${(100 * done) / perPass}%`, background: look.base }}
              />
            </span>
            <span
              className={`text-[13px] ${laid >= i * perPass && done < perPass ? 'font-semibold' : 'text-ink-soft'}`}
            >
              {i + 1} {look.name}, {done === perPass ? `all ${perPass}` : `${done} done`}
            </span>
          </li>
        );
      })}
    </ol>
  );
}

interface Keys {
  readonly forward: () => void;
  readonly back: () => void;
  readonly lost: () => void;
}

/** Space and → lay the next half cycle, ← takes one back, L asks where you are. */
function useRingKeys(keys: Keys): void {
  const { forward, back, lost } = keys;
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const target = e.target as HTMLElement;
      if (e.defaultPrevented || e.ctrlKey || e.metaKey || e.altKey) return;
      if (
        document.querySelector('[role="dialog"]') ||
        target.closest?.('input,textarea,select,[role="radio"]')
      )
        return;
      const isButton = target.closest?.('button, a') !== null && target.closest?.('button, a') !== undefined;
      if ((e.key === ' ' && !isButton) || e.key === 'ArrowRight') {
        // A key held down lays one half cycle: hands don’t follow faster.
        if (!e.repeat) forward();
      } else if (e.key === 'ArrowLeft') back();
      else if (e.key === 'l' || e.key === 'L') lost();
      else return;
      e.preventDefault();
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, [forward, back, lost]);
}

import { useEffect, useMemo, useRef, useState } from 'react';
import type { Issue } from '../../../core/result.ts';
import { coloursOf } from '../../../core/rings/drawing/look.ts';
import { tightScene } from '../../../core/rings/drawing/round.ts';
import { insideGirth } from '../../../core/rings/rope.ts';
import { passLength } from '../../../core/rings/sizes.ts';
import { tightenRing } from '../../../workers/outside/ring.ts';
import type { TightRing as Tight } from '../../../workers/protocol.ts';
import { Button } from '../../ui/Button.tsx';
import { Problem } from '../../ui/Problem.tsx';
import { SceneView } from '../../ui/SceneView.tsx';
import { useLength } from '../../ui/units.tsx';
import { useRing } from './RingContext.tsx';

/** Edge length of the engine's finest stage: a quarter of a cord is within half a per cent of a tenth. */
const H = 0.3;

/** The rope engine ties the ring on its mandrel: its length and width against the formula's, and how it looks. */
export function TightRing() {
  const { plan } = useRing();
  const show = useLength();
  const [done, setDone] = useState<number>();
  const [tight, setTight] = useState<{
    readonly key: string;
    readonly value: Tight;
    readonly isFree: boolean;
  }>();
  const [issues, setIssues] = useState<readonly Issue[]>([]);
  const stop = useRef<() => void>(() => undefined);
  const { ring } = plan;
  const isPinned = plan.widthMm > 1.02 * plan.narrowMm;
  const key = JSON.stringify([ring, isPinned && plan.widthMm]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another ring ends what is under way
  useEffect(() => () => stop.current(), [key]);
  function start(isFree: boolean) {
    setIssues([]);
    setDone(0);
    const tightening = tightenRing(
      { ring, h: H, ...(isPinned ? { pinnedWidth: plan.widthMm } : {}), ...(isFree ? { isFree } : {}) },
      setDone,
    );
    stop.current = tightening.cancel;
    void tightening.result.then((result) => {
      setDone(undefined);
      if (result.ok) setTight({ key, value: result.value, isFree });
      else if (result.issues[0]?.code !== 'tighten.cancelled') setIssues(result.issues);
    });
  }
  const found = tight?.key === key ? tight.value : undefined;
  const scene = useMemo(
    () =>
      found &&
      tightScene(
        {
          ring,
          widthMm: plan.widthMm,
          colours: coloursOf(plan),
          turn: 0.3,
          tilt: 0.42,
          cordOfStrand: (index) => {
            const pass = Math.floor(index / plan.strands);
            const own = plan.strands > 1 ? plan.design.strandCords : undefined;
            return own ? own[index % plan.strands]! : plan.design.lanes[pass]!;
          },
        },
        found.strands,
      ),
    [found, plan, ring],
  );
  if (done !== undefined)
    return (
      <div className="flex items-center gap-3">
        <p role="status" className="text-[15px]">
          Pulling it tight…
        </p>
        <progress value={done} max={1} aria-label="How far it is" className="w-28 accent-amber-ink" />
        <Button onClick={() => stop.current()}>Stop</Button>
      </div>
    );
  const formula = ring.passes * passLength(ring, plan.widthMm);
  const cord = found && found.lengths.reduce((a, b) => a + b, 0) * ring.d;
  return (
    <div className="flex flex-col gap-2">
      {found && cord !== undefined && scene && (
        <>
          <SceneView
            scene={scene}
            label="The ring as the rope engine pulls it tight"
            className="on-mat max-h-40 w-full rounded-lg bg-mat p-2"
          />
          <p className="text-[15px]" data-testid="ring-tight">
            {tight?.isFree
              ? `With nothing inside and all slack drawn out it would close to ${show(insideGirth(found.strands) * ring.d)} round, from ${show(ring.girth)}; until then friction alone keeps its shape.`
              : `Formula ${show(formula, { kind: 'cut' })}, pulled tight ${show(cord, { kind: 'cut' })}; ${show(widthOf(found) * ring.d)} wide.`}
          </p>
          {!tight?.isFree && <Button onClick={() => start(true)}>Let it go free</Button>}
        </>
      )}
      {issues.map((i) => (
        <Problem key={i.message}>{i.message}</Problem>
      ))}
      {!found && (
        <Button onClick={() => start(false)}>
          {isPinned ? 'Pull it tight on its pins' : 'Pull it tight on its mandrel'}
        </Button>
      )}
    </div>
  );
}

/** Width over the cords, in cord diameters. */
function widthOf({ strands }: Tight): number {
  let [least, most] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY];
  for (const points of strands)
    for (let i = 1; i < points.length; i += 3) {
      least = Math.min(least, points[i]!);
      most = Math.max(most, points[i]!);
    }
  return most - least + 1;
}

import { useMemo } from 'react';
import { lookOf } from '../../../core/rings/drawing/look.ts';
import { roundScene, turnTo } from '../../../core/rings/drawing/round.ts';
import { SceneView } from '../../ui/SceneView.tsx';
import { useRing } from './RingContext.tsx';

/** How a ring that is not being tied is turned, and how every ring is tilted to the eye. */
export const TURN = 0.3;
export const TILT = 0.42;

/** The ring in the round: finished while it is planned; once begun, what is done, turned so that the next half cycle faces the eye. */
export function RoundPicture({ className = 'max-h-44' }: { readonly className?: string }) {
  const { plan, laid, next } = useRing();
  const isBegun = laid > 0 && next !== undefined;
  const shown = isBegun ? laid : plan.lays.length;
  const scene = useMemo(
    () =>
      roundScene(
        {
          ...lookOf(plan),
          turn: isBegun ? turnTo(next, plan.ring) : TURN,
          tilt: TILT,
          next: isBegun ? next : undefined,
        },
        plan.lays.slice(0, shown),
      ),
    [plan, shown, isBegun, next],
  );
  return (
    <SceneView
      scene={scene}
      label={
        isBegun
          ? 'The ring in the round: what is done, and the next half cycle'
          : 'The finished ring, in the round'
      }
      data-testid="ring-round"
      className={`on-mat w-full self-start rounded-lg bg-mat p-2 ${plan.design.hand === 'left' ? '-scale-x-100' : ''} ${className}`}
    />
  );
}

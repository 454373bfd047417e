import type { Plan } from '../../core/plan/types.ts';
import { useMixed } from '../state/useMixed.ts';
import { Button } from './Button.tsx';

/** Says that the weave is being pulled tight for cords of different thickness, and lets the maker stop it. Covers, never pushes. */
export function MixedProgress({ plan }: { readonly plan: Pick<Plan, 'mixed'> | undefined }) {
  const mixing = useMixed(plan);
  if (mixing.state === 'none') return null;
  return (
    <div className="relative z-10 h-0">
      <div className="absolute top-1 left-4 flex max-w-3xl items-center gap-3 rounded-lg border border-rule bg-card px-4 py-2 shadow-lg">
        {mixing.state === 'working' ? (
          <>
            <p role="status">Pulling the weave tight for cords of different thickness…</p>
            <progress
              value={mixing.done}
              max={1}
              aria-label="How far it is"
              className="w-40 accent-amber-ink"
            />
            <Button onClick={mixing.stop}>Stop</Button>
          </>
        ) : (
          <>
            <p role="alert">
              {mixing.issues.map((i) => i.message).join(' ')} Until it is tight, the numbers are for cords of
              one thickness.
            </p>
            <Button onClick={mixing.again}>Pull tight</Button>
          </>
        )}
      </div>
    </div>
  );
}

import { readDesign } from '../../../core/formats/design.ts';
import { AT } from '../../../core/log/state.ts';
import type { LearnedTiring } from '../../../core/log/tiring.ts';
import { plan } from '../../../core/plan/plan.ts';
import { plural } from '../../../core/words.ts';
import { useLength } from '../../ui/units.tsx';
import type { LogView } from './useLog.ts';

/** What the log says of the hand, then what that is worth in cord for the piece that was made last. */
export function LogSentence({ view }: { readonly view: LogView }) {
  const show = useLength();
  const { log, isOn } = view;
  if (!isOn)
    return (
      <p className="text-lg" data-testid="log-sentence">
        The log is kept, but plans use the rope calculation alone.
      </p>
    );
  const count = log?.evidence.length ?? 0;
  if (!log || count === 0)
    return (
      <p className="text-lg" data-testid="log-sentence">
        No piece says anything about your hand yet: enter what was left over when you finish one.
      </p>
    );
  const share = Math.exp(log.learned.state.x[AT.makerS]!) - 1;
  const percent = Math.round(100 * Math.abs(share));
  const tired = tiredPercent(log.tiring);
  const worth = worthOf(view);
  return (
    <>
      <p className="text-xl" data-testid="log-sentence">
        {percent === 0 ? (
          <>
            You use <strong>as much cord as calculated</strong>
          </>
        ) : (
          <>
            You use about <strong>{percent} %</strong> {share > 0 ? 'more' : 'less'} cord than calculated
          </>
        )}
        , from {count} {plural(count, 'piece')}.
        {tired !== undefined && (
          <>
            {' '}
            Towards the end of a piece you use about <strong>{Math.abs(tired)} %</strong>{' '}
            {tired > 0 ? 'more' : 'less'} than at its start.
          </>
        )}
      </p>
      {worth !== undefined && Math.abs(worth) >= 5 && (
        <p className="text-ink-soft" data-testid="log-worth">
          For the piece that you made last that is {show(Math.abs(worth), { kind: 'cut' })}{' '}
          {worth > 0 ? 'less' : 'more'} to cut: your hand, and spare that is no longer needed.
        </p>
      )}
    </>
  );
}

/** How much more is used at the end than at the start, in whole per cent, once that is beyond doubt. */
function tiredPercent({ mean, sd, pieces }: LearnedTiring): number | undefined {
  const percent = Math.round(100 * Math.expm1(mean));
  return pieces > 0 && percent !== 0 && Math.abs(mean) > sd ? percent : undefined;
}

/** Cord that the log saves on the piece that was made last, in mm; less than nothing where it asks for more. */
function worthOf({ makes, know }: LogView): number | undefined {
  const design = makes[0] && readDesign(makes[0].design);
  if (!design?.ok) return undefined;
  const { learned: _gone, ...plain } = know;
  const [before, after] = [plan(design.value, plain), plan(design.value, know)];
  if (!before.ok || !after.ok) return undefined;
  const sum = (cords: readonly { readonly cutLengthMm: number }[]) =>
    cords.reduce((t, c) => t + c.cutLengthMm, 0);
  return sum(before.value.cords) - sum(after.value.cords);
}

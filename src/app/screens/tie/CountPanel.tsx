import { useState } from 'react';
import { alternates, type CountEvidence, findCount } from '../../../core/steps/reach/lostCount.ts';
import { willItReach } from '../../../core/steps/reach/reach.ts';
import { SIDE_NAMES, type Side } from '../../../core/steps/rows/moves.ts';
import { PhotoButton } from '../../photo/PhotoButton.tsx';
import { useBandPiece } from '../../photo/useBandPiece.ts';
import { Button } from '../../ui/Button.tsx';
import { LengthField } from '../../ui/LengthField.tsx';
import { NumberField } from '../../ui/NumberField.tsx';
import { WhyText } from '../../ui/WhyNumber.tsx';
import { measuredHere } from './measured.ts';
import { Panel } from './Panel.tsx';
import { useHere, usePiece } from './TieContext.tsx';

const SIDES: readonly Side[] = ['left', 'right'];

/** Lost count: what can be seen on the work gives the row back. */
export default function CountPanel({ onClose }: { readonly onClose: () => void }) {
  const here = useHere();
  const { dispatch } = usePiece();
  const { guide, pass, band, plan, rowsDone, rowsOf } = here;
  const piece = useBandPiece(plan, here.tying.design.pattern.id, band);
  const [seen, setSeen] = useState<CountEvidence>({});
  const tying = guide.tying[pass]!;
  const { rowMm } = willItReach({ plan, band, rowsDone, ...measuredHere(here) });
  const ask = { tying, tells: guide.tells, rowsOf, rowMm, counter: rowsDone };
  const found = findCount(ask, seen);
  const hasSides = alternates(ask);
  const isSaid = Object.keys(seen).length > 0;
  const isBump = guide.tells?.kind === 'bump';
  const target =
    found &&
    guide.steps.find(
      (s) =>
        s.picture?.kind === 'row' &&
        s.at!.band === band &&
        s.at!.pass === pass &&
        s.at!.row === found.rows + 1,
    );
  return (
    <Panel title="I lost count" onClose={onClose}>
      <p className="mt-1 text-ink-soft">Enter whatever you can see. One clue helps; two usually settle it.</p>
      <div className="mt-4 flex flex-col gap-5">
        {hasSides && (
          <fieldset>
            <legend className="font-semibold">The {guide.tells!.sign} is on the</legend>
            <div className="mt-1 flex gap-2">
              {SIDES.map((side) => (
                <Button
                  key={side}
                  aria-pressed={seen.lastSide === side}
                  look={seen.lastSide === side ? 'next' : 'plain'}
                  className="min-w-28 py-2 text-xl"
                  onClick={() => setSeen({ ...seen, lastSide: side })}
                >
                  {SIDE_NAMES[side]}
                </Button>
              ))}
            </div>
          </fieldset>
        )}
        {hasSides && isBump && (
          <fieldset>
            <legend className="font-semibold">
              Bumps counted along one edge, with the one at the very beginning
            </legend>
            <div className="mt-1 flex flex-wrap items-center gap-2">
              {SIDES.map((side) => (
                <span key={side} className="flex items-center gap-2">
                  {SIDE_NAMES[side]}
                  <NumberField
                    label={`Bumps on the ${SIDE_NAMES[side]} edge`}
                    least={0}
                    value={seen.bumps?.side === side ? seen.bumps.count : undefined}
                    onChange={(count) => {
                      const { bumps: _old, ...rest } = seen;
                      setSeen(count === undefined ? rest : { ...rest, bumps: { side, count } });
                    }}
                    className="w-24 text-xl"
                  />
                </span>
              ))}
            </div>
          </fieldset>
        )}
        <LengthField
          label="Woven so far"
          valueMm={seen.wovenMm}
          leastMm={1}
          mostMm={5000}
          hint="From the first row to the last, the work lying straight."
          onChange={(wovenMm) => setSeen({ ...seen, wovenMm })}
        />
        <PhotoButton
          name="Woven so far"
          piece={piece}
          onUse={({ lengthMm, rows }) =>
            setSeen({
              ...seen,
              wovenMm: lengthMm,
              ...(rows === undefined ? {} : { counted: rows }),
            })
          }
        />
        {seen.counted !== undefined && (
          <p className="text-base">
            Counted in the photo: <strong className="figure">{seen.counted}</strong> rows.
          </p>
        )}
      </div>
      {found && isSaid && (
        <section
          aria-label="What comes out"
          className="mt-5 rounded-lg bg-amber-pale p-4 text-amber-ink"
          role="status"
        >
          <p className="text-2xl" data-testid="found-count">
            <strong className="figure text-4xl">{found.rows}</strong> rows are done
            {found.range[0] !== found.range[1] && ` (${found.range[0]} to ${found.range[1]})`}
            {hasSides && (
              <>
                ; the next starts from the <strong>{found.next}</strong>
                {found.nextChance < 0.9 && `, ${Math.round(found.nextChance * 100)} % sure`}
              </>
            )}
            .
          </p>
          <p className="mt-2 text-base">
            <WhyText why={found.why} />
          </p>
        </section>
      )}
      <div className="mt-5 flex flex-wrap justify-end gap-3">
        <Button
          look="next"
          className="px-5 py-3 text-xl"
          disabled={!isSaid || !target}
          onClick={() => {
            if (target) dispatch({ type: 'go', to: target.id, now: Date.now() });
            onClose();
          }}
        >
          Go on with row {found ? Math.min(rowsOf, found.rows + 1) : ''}
        </Button>
      </div>
    </Panel>
  );
}

import { CircleAlert, CircleCheck } from 'lucide-react';
import { useState } from 'react';
import { findProduct } from '../../../core/fit/products.ts';
import { cordMmOf } from '../../../core/photo/expected.ts';
import { type Reach, type Verdict, willItReach } from '../../../core/steps/reach/reach.ts';
import { PhotoButton } from '../../photo/PhotoButton.tsx';
import { useBandPiece } from '../../photo/useBandPiece.ts';
import { chanceText } from '../../ui/chance.ts';
import { LengthField } from '../../ui/LengthField.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { Swatch } from '../../ui/Swatch.tsx';
import { useLength } from '../../ui/units.tsx';
import { WhyText } from '../../ui/WhyNumber.tsx';
import { measuredHere } from './measured.ts';
import { Panel } from './Panel.tsx';
import { RowsChoice } from './RowsChoice.tsx';
import { useHere, usePiece } from './TieContext.tsx';

const VERDICTS: Readonly<Record<Verdict, string>> = {
  reaches: 'It reaches',
  doubtful: 'It may not reach',
  short: 'It will not reach',
};

/** Will it reach? From what is left of each end, at once and with what can be done. */
export default function ReachPanel({ onClose }: { readonly onClose: () => void }) {
  const here = useHere();
  const show = useLength();
  const { plan, band, rowsDone, rowsOf, tying } = here;
  const { plannedMm, toolMm } = plan.hands;
  const [withTool, setWithTool] = useState(false);
  const measured = measuredHere(here);
  const reach = willItReach({
    plan,
    band,
    rowsDone,
    ...measured,
    ...(withTool ? { mostHandMm: toolMm } : {}),
    carriesLoad: findProduct(tying.design.product)?.carriesLoad ?? false,
  });
  const hand = (name: string, mm: number) => `${name}, ${show(mm, { kind: 'small' })}`;
  return (
    <Panel title="Will it reach?" onClose={onClose}>
      <p className="mt-1 text-ink-soft">
        {rowsDone} of {rowsOf} rows done. Measure each working end from the last row to its tip.
      </p>
      <div className="mt-4 grid gap-4 sm:grid-cols-2">
        <MeasuredFields reach={reach} />
        <Segments
          label="The last row is tied"
          value={withTool}
          onChange={setWithTool}
          choices={[
            { value: false, name: hand('as planned', plannedMm) },
            { value: true, name: hand('with a fid or needle', toolMm) },
          ]}
        />
      </div>
      <Answer reach={reach} />
      <RowsChoice
        wanted={Math.round(reach.rowsTotal.mean)}
        hasMeasured={reach.rowsTotal.sd > 0}
        onClose={onClose}
      />
      {reach.remedies.length > 0 && <Remedies remedies={reach.remedies} />}
    </Panel>
  );
}

/** What is left of every end that still works, and how long the weave is by now. */
function MeasuredFields({ reach }: { readonly reach: Reach }) {
  const here = useHere();
  const { dispatch } = usePiece();
  const show = useLength();
  const { plan, band, pass, rowsDone, rowsOf, tying } = here;
  const piece = useBandPiece(plan, tying.design.pattern.id, band);
  const measured = measuredHere(here);
  const leftOf = (end: number) => measured.left.find((l) => l.end === end && l.rows === rowsDone)?.leftMm;
  return (
    <>
      {reach.ends.map(
        (e, i) =>
          e.end.usedMm(rowsOf) > e.end.usedMm(rowsDone) && (
            <div key={`${e.end.cord} ${e.end.strand} ${e.end.lane}`} className="flex items-start gap-3">
              <Swatch colour={plan.cords[e.end.cord]!.look} letter={e.end.letter} size={34} />
              <div className="grow">
                <LengthField
                  label={`Left of ${e.end.letter}, ${e.end.colour}${reach.ends.length > 1 ? `, end ${i + 1}` : ''}`}
                  valueMm={leftOf(i)}
                  leastMm={0}
                  mostMm={50_000}
                  hint={`about ${show(Math.max(0, e.leftMm), { kind: 'cut' })} by what is known so far`}
                  onChange={(leftMm) =>
                    dispatch({ type: 'left', band, pass, measured: [{ rows: rowsDone, end: i, leftMm }] })
                  }
                />
                <PhotoButton
                  name={`Left of ${e.end.letter}, end ${i + 1}`}
                  piece={{ cordMm: cordMmOf(plan, e.end.letter) }}
                  onUse={({ lengthMm }) =>
                    dispatch({
                      type: 'left',
                      band,
                      pass,
                      measured: [{ rows: rowsDone, end: i, leftMm: lengthMm }],
                    })
                  }
                />
              </div>
            </div>
          ),
      )}
      <div>
        <LengthField
          label="Woven so far, if you like"
          valueMm={measured.woven.find((w) => w.rows === rowsDone)?.wovenMm}
          leastMm={1}
          mostMm={5000}
          hint={`planned: ${show(reach.rowMm.mean * rowsDone, { kind: 'small' })}`}
          onChange={(wovenMm) =>
            rowsDone > 0 && dispatch({ type: 'woven', band, pass, measured: { rows: rowsDone, wovenMm } })
          }
        />
        {rowsDone > 0 && (
          <PhotoButton
            name="Woven so far"
            piece={piece}
            onUse={({ lengthMm }) =>
              dispatch({
                type: 'woven',
                band,
                pass,
                measured: { rows: rowsDone, wovenMm: lengthMm },
              })
            }
          />
        )}
      </div>
    </>
  );
}

/** The verdict, its numbers with their working, and what was learned on the way. */
function Answer({ reach }: { readonly reach: Reach }) {
  const here = useHere();
  const { rowsDone, tying } = here;
  const measured = measuredHere(here);
  const isGood = reach.verdict === 'reaches';
  const minutesARow = rowsDone > 0 ? tying.progress.spent.tie / 60_000 / rowsDone : 0;
  const Sign = isGood ? CircleCheck : CircleAlert;
  return (
    <section
      aria-label="Answer"
      role="status"
      className={`mt-5 rounded-lg p-4 ${isGood ? 'bg-paper text-good' : 'bg-bad-pale text-bad'}`}
    >
      <p className="flex items-center gap-3 font-bold text-3xl" data-testid="verdict">
        <Sign size={34} aria-hidden />
        {VERDICTS[reach.verdict]}
      </p>
      {reach.worst && (
        <>
          <p className="mt-1 text-ink text-xl" data-testid="reach-rows">
            {reach.worst.end.letter} has cord for about <strong className="figure">{reach.worst.rows}</strong>{' '}
            more rows (at least <strong className="figure">{reach.worst.surelyRows}</strong>);{' '}
            <strong className="figure">{reach.rowsNeeded}</strong> are needed: a {chanceText(reach.chance)}{' '}
            chance
            {reach.ends.length > 1 && ' that all ends reach'}.
          </p>
          <p className="mt-2 text-base text-ink-soft">
            <WhyText why={reach.worst.why} />.
          </p>
        </>
      )}
      <p className="mt-2 text-base text-ink-soft" data-testid="learned">
        You are using {Math.round(reach.tension.mean * 100)} % of the planned cord (±
        {(reach.tension.sd * 100).toFixed(0)} %)
        {reach.rowsTotal.sd > 0 && (
          <>; at your row height the length fills with {Math.round(reach.rowsTotal.mean)} rows</>
        )}
        {minutesARow > 0.05 && (
          <>; about {Math.max(1, Math.round(minutesARow * reach.rowsNeeded))} min of rows to go</>
        )}
        .
      </p>
      {measured.left.some((l) => l.rows > 0) && !measured.woven.some((w) => w.rows > 0) && (
        <p className="mt-2 text-base text-ink" data-testid="measure-length">
          Measure the woven length, too: it tells whether your hand uses more cord or your rows are longer.
        </p>
      )}
    </section>
  );
}

function Remedies({ remedies }: { readonly remedies: Reach['remedies'] }) {
  return (
    <section aria-label="What can be done" className="mt-4">
      <h3 className="font-bold font-title text-2xl">What can be done</h3>
      <ul className="mt-1 flex flex-col gap-2" data-testid="remedies">
        {remedies.map((r) => (
          <li key={r.id} className={`flex gap-3 ${r.ok ? '' : 'text-ink-soft'}`} data-ok={r.ok}>
            {r.ok ? (
              <CircleCheck className="mt-1 shrink-0 text-good" size={20} aria-label="works" />
            ) : (
              <CircleAlert className="mt-1 shrink-0" size={20} aria-label="does not help" />
            )}
            <span>
              <WhyText why={r.what} />
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

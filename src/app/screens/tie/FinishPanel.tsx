import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useSWRConfig } from 'swr';
import { type Finished, makeRecord } from '../../../core/formats/make.ts';
import { triedOn } from '../../../core/plan/triedOn.ts';
import { workingEnds } from '../../../core/steps/list/ends.ts';
import { newId } from '../../../storage/ids.ts';
import { finishPiece } from '../../../storage/pieces.ts';
import { MAKES_KEY, PIECES_KEY, useDatabase } from '../../state/services.tsx';
import { Button } from '../../ui/Button.tsx';
import { LengthField } from '../../ui/LengthField.tsx';
import { useToast } from '../../ui/Toast.tsx';
import { useLength } from '../../ui/units.tsx';
import { WhyText } from '../../ui/WhyNumber.tsx';
import { Panel } from './Panel.tsx';
import { useHere } from './TieContext.tsx';

const FITS: readonly (readonly [Finished['fit'], string])[] = [
  ['right', 'sits right'],
  ['tight', 'too tight'],
  ['loose', 'too loose'],
  ['not tried', 'not tried on'],
];

/** Fit, ends, leftovers: the piece goes into the log. Everything may be skipped. */
export default function FinishPanel({ onClose }: { readonly onClose: () => void }) {
  const { id, tying, plan } = useHere();
  const db = useDatabase();
  const navigate = useNavigate();
  const toast = useToast();
  const show = useLength();
  const { mutate } = useSWRConfig();
  const { design } = tying;
  const [closedMm, setClosed] = useState<number>();
  const [wovenMm, setWoven] = useState<number>();
  const [fit, setFit] = useState<Finished['fit']>('not tried');
  const [checks, setChecks] = useState<Readonly<Record<string, boolean>>>({});
  const [left, setLeft] = useState<Readonly<Record<string, number>>>({});
  const [notes, setNotes] = useState('');
  const [problem, setProblem] = useState<string>();
  const items = [
    ['ends', 'Ends cannot be pulled out'],
    ['smooth', 'Nothing scratches on the inside'],
    ['rows', 'No row is loose, it lies flat'],
    ...(plan.bands.some((b) =>
      [b.start, b.end].some((e) => e.shape.shape === 'loop' || e.shape.shape === 'run'),
    )
      ? [['closure', 'Loop and knot hold, and what slides stays where you leave it']]
      : [['closure', 'It closes and opens, and the hardware sits fast']]),
  ] as const;
  const ends = plan.bands.flatMap((_, band) =>
    workingEnds(plan, band).map((e, end) => ({ ...e, band, end })),
  );
  const off = closedMm === undefined ? undefined : closedMm - plan.closed.closedMm;
  const remedy = off === undefined ? undefined : triedOn(design, plan, off)[0];

  async function finish() {
    const make = makeRecord(
      newId(),
      design,
      plan,
      tying.progress,
      { startedAt: tying.startedAt, finishedAt: Date.now() },
      {
        fit,
        checks: items.map(([key]) => ({ id: key, ok: checks[key] ?? false })),
        left: ends.flatMap((e) => {
          const leftMm = left[`${e.band}/${e.end}`];
          return leftMm === undefined ? [] : [{ band: e.band, end: e.end, leftMm }];
        }),
        ...(closedMm === undefined ? {} : { closedMm }),
        ...(wovenMm === undefined ? {} : { wovenMm }),
        ...(notes.trim() ? { notes: notes.trim() } : {}),
      },
    );
    try {
      await finishPiece(db, id, make);
    } catch (error) {
      setProblem(
        `It could not be kept (${(error as Error).message}). The piece stays on the table; make room and try again.`,
      );
      return;
    }
    await Promise.all([mutate(PIECES_KEY), mutate(MAKES_KEY)]);
    toast({ text: `“${design.name}” is done and in the log.` });
    await navigate('/tie');
  }

  return (
    <Panel title="Finished" onClose={onClose} wide>
      <div className="mt-4 grid gap-x-8 gap-y-5 md:grid-cols-2">
        <div>
          <LengthField
            label="Closed, its inside measures"
            valueMm={closedMm}
            leastMm={20}
            mostMm={3000}
            hint={`planned ${show(plan.closed.closedMm)}`}
            onChange={setClosed}
          />
          {off !== undefined && remedy && (
            <p
              className="mt-2 rounded bg-amber-pale px-3 py-2 text-amber-ink"
              data-testid="off-by"
              role="status"
            >
              {Math.abs(off) < 0.5
                ? 'As planned'
                : `${show(Math.abs(off), { kind: 'small' })} ${off > 0 ? 'looser' : 'tighter'} than planned`}
              : <WhyText why={remedy.what} />.
            </p>
          )}
        </div>
        <fieldset>
          <legend className="font-medium text-sm">On the wearer it</legend>
          <div className="mt-1 flex flex-wrap gap-2">
            {FITS.map(([value, name]) => (
              <Button
                key={value}
                aria-pressed={fit === value}
                look={fit === value ? 'next' : 'plain'}
                onClick={() => setFit(value)}
              >
                {name}
              </Button>
            ))}
          </div>
        </fieldset>
        <fieldset className="flex flex-col gap-2">
          <legend className="font-medium text-sm">Looked at</legend>
          {items.map(([key, name]) => (
            <label key={key} className="flex items-center gap-3">
              <input
                type="checkbox"
                className="size-6 accent-amber-ink"
                checked={checks[key] ?? false}
                onChange={(e) => setChecks({ ...checks, [key]: e.target.checked })}
              />
              {name}
            </label>
          ))}
        </fieldset>
        <LengthField
          label="Woven length, measured"
          valueMm={wovenMm}
          leastMm={5}
          mostMm={5000}
          hint={`planned ${show(plan.wovenLengthMm)}; optional`}
          onChange={setWoven}
        />
        {ends.map((e) => (
          <LengthField
            key={`${e.band}/${e.end}`}
            label={`Left over of ${e.letter}, ${e.colour}, end ${e.end + 1}`}
            valueMm={left[`${e.band}/${e.end}`]}
            leastMm={0}
            mostMm={50_000}
            hint="Before it is snipped; optional."
            onChange={(mm) => setLeft({ ...left, [`${e.band}/${e.end}`]: mm })}
          />
        ))}
        <label className="flex flex-col gap-1 md:col-span-2">
          <span className="font-medium text-sm">Notes</span>
          <textarea
            className="rounded border border-ink-soft bg-card px-2 py-1.5"
            rows={2}
            maxLength={4000}
            value={notes}
            onChange={(e) => setNotes(e.target.value)}
          />
        </label>
      </div>
      {problem && (
        <p role="alert" className="mt-4 rounded bg-bad-pale px-3 py-2 text-bad">
          {problem}
        </p>
      )}
      <div className="mt-5 flex justify-end">
        <Button look="next" className="px-6 py-3 text-xl" onClick={() => void finish()}>
          Into the log
        </Button>
      </div>
    </Panel>
  );
}

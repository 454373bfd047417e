import { useMemo, useState } from 'react';
import { type Control, Controller, useController, useForm } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { useSWRConfig } from 'swr';
import { type Finished, type Make, makeRecord, readMake } from '../../../core/formats/make.ts';
import { cordMmOf, expectedOfPlan } from '../../../core/photo/expected.ts';
import { triedOn } from '../../../core/plan/triedOn.ts';
import type { Plan } from '../../../core/plan/types.ts';
import { type Leftover, leftoversBack } from '../../../core/stash/leftovers.ts';
import { allEnds, type NumberedEnd } from '../../../core/steps/list/ends.ts';
import { expectedLeft } from '../../../core/steps/reach/expectedLeft.ts';
import { newId } from '../../../storage/ids.ts';
import { finishPiece } from '../../../storage/pieces.ts';
import { PhotoButton } from '../../photo/PhotoButton.tsx';
import { Thumbnail } from '../../photo/Thumbnail.tsx';
import { useWorkshop, WORKSHOP_KEY } from '../../state/knowledge.tsx';
import { MAKES_KEY, PIECES_KEY, useDatabase } from '../../state/services.tsx';
import { useStall } from '../../state/stall.ts';
import { useStash } from '../../state/stash.ts';
import { Button } from '../../ui/Button.tsx';
import { FITS } from '../../ui/fits.ts';
import { readBy } from '../../ui/form.ts';
import { LengthField } from '../../ui/LengthField.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { useToast } from '../../ui/Toast.tsx';
import { useLength } from '../../ui/units.tsx';
import { WhyText } from '../../ui/WhyNumber.tsx';
import { Panel } from './Panel.tsx';
import { type Here, useHere } from './TieContext.tsx';

interface Values {
  closedMm?: number;
  wovenMm?: number;
  fit: Finished['fit'];
  checks: Record<string, boolean>;
  /** In mm, by band and end. */
  left: Record<string, number>;
  notes: string;
  /** A small picture, as a data URL; empty for none. */
  photo: string;
}

/** What is looked at; the last line is about what closes it. */
const looksAt = (plan: Plan): readonly (readonly [string, string])[] => [
  ['ends', 'Ends cannot be pulled out'],
  ['smooth', 'Nothing scratches on the inside'],
  ['rows', 'No row is loose, it lies flat'],
  [
    'closure',
    plan.bands.some((b) => [b.start, b.end].some((e) => e.shape.shape === 'loop' || e.shape.shape === 'run'))
      ? 'Loop and knot hold, and what slides stays where you leave it'
      : 'It closes and opens, and the hardware sits fast',
  ],
];

/** What is left over of each end, by cord. */
const leftoversOf = ({ left }: Values, plan: Plan): Leftover[] =>
  allEnds(plan).flatMap(({ key, letter }) => {
    const lengthMm = left[key];
    const cord = plan.cords.find((c) => c.letter === letter);
    return lengthMm === undefined || !cord ? [] : [{ cord: cord.cordType, colour: cord.look.id, lengthMm }];
  });

/** The record that the form describes. */
function makeOf(values: Values, { tying, plan }: Pick<Here, 'tying' | 'plan'>, id: string): Make {
  const { closedMm, wovenMm, fit, checks, left, notes, photo } = values;
  return makeRecord(
    id,
    tying.design,
    plan,
    tying.progress,
    { startedAt: tying.startedAt, finishedAt: Date.now() },
    {
      fit,
      checks: looksAt(plan).map(([key]) => ({ id: key, ok: checks[key] ?? false })),
      left: allEnds(plan).flatMap(({ key, band, end }) => {
        const leftMm = left[key];
        return leftMm === undefined ? [] : [{ band, end, leftMm }];
      }),
      ...(closedMm === undefined ? {} : { closedMm }),
      ...(wovenMm === undefined ? {} : { wovenMm }),
      ...(notes.trim() ? { notes: notes.trim() } : {}),
      ...(photo ? { photo } : {}),
    },
  );
}

/** Fit, ends, leftovers: the piece goes into the log. Everything may be skipped. */
export default function FinishPanel({ onClose }: { readonly onClose: () => void }) {
  const here = useHere();
  const { id, tying, plan } = here;
  const db = useDatabase();
  const navigate = useNavigate();
  const toast = useToast();
  const show = useLength();
  const { mutate } = useSWRConfig();
  const stash = useStash();
  const { figures } = useStall();
  const { know } = useWorkshop();
  const [fromPhoto, setFromPhoto] = useState(0);
  const piece = useMemo(
    () => ({ band: expectedOfPlan(plan, know.facts(tying.design.pattern.id)) }),
    [plan, know, tying.design],
  );
  const { control, register, handleSubmit, setError, setValue, formState } = useForm<Values>({
    defaultValues: { fit: 'not tried', checks: {}, left: {}, notes: '', photo: '' },
    resolver: readBy<Values, Make>(
      (values) => readMake(makeOf(values, here, newId())),
      (path) => (path === '/notes' ? 'notes' : undefined),
    ),
  });

  async function putBack(kept: readonly Leftover[]) {
    if (!stash.folded?.ok) return;
    const trouble = await stash.write(leftoversBack(stash.folded.value, kept, figures.keepMm, newId));
    toast(trouble ? { text: trouble, tone: 'bad' } : { text: 'On the shelf, as offcuts.' });
  }

  async function finish(values: Values) {
    try {
      await finishPiece(db, id, makeOf(values, here, newId()));
    } catch (error) {
      const why = (error as Error).message;
      const message = `It could not be kept (${why}). The piece stays on the table; make room and try again.`;
      return setError('root', { message });
    }
    // What it teaches counts from the next plan on.
    await Promise.all([mutate(PIECES_KEY), mutate(MAKES_KEY), mutate(WORKSHOP_KEY)]);
    const kept = leftoversOf(values, plan).filter((l) => l.lengthMm >= figures.keepMm);
    toast({
      text: `“${tying.design.name}” is done and in the log.`,
      ...(kept.length > 0
        ? {
            action: {
              text: `Put ${kept.length} ${kept.length === 1 ? 'offcut' : 'offcuts'} on the shelf`,
              run: () => putBack(kept),
            },
          }
        : {}),
    });
    return navigate('/tie');
  }

  const problem = formState.errors.root?.message ?? formState.errors.notes?.message;
  return (
    <Panel title="Finished" onClose={onClose} wide>
      <form onSubmit={(event) => void handleSubmit(finish)(event)}>
        <div className="mt-4 grid gap-x-8 gap-y-5 md:grid-cols-2">
          <ClosedField control={control} />
          <Controller
            name="fit"
            control={control}
            render={({ field }) => (
              <Segments
                label="On the wearer it"
                value={field.value}
                onChange={field.onChange}
                choices={FITS}
              />
            )}
          />
          <fieldset className="flex flex-col gap-2">
            <legend className="font-medium text-sm">Looked at</legend>
            {looksAt(plan).map(([key, name]) => (
              <label key={key} className="flex items-center gap-3">
                <input type="checkbox" className="size-6 accent-amber-ink" {...register(`checks.${key}`)} />
                {name}
              </label>
            ))}
          </fieldset>
          <Controller
            name="wovenMm"
            control={control}
            render={({ field }) => (
              <div>
                <LengthField
                  key={fromPhoto}
                  label="Woven length, measured"
                  valueMm={field.value}
                  leastMm={5}
                  mostMm={5000}
                  hint={`planned ${show(plan.wovenLengthMm)}; optional`}
                  onChange={field.onChange}
                />
                <PhotoButton
                  name="Woven length"
                  piece={piece}
                  onUse={(found) => {
                    field.onChange(Math.round(found.lengthMm * 10) / 10);
                    setValue('photo', found.small);
                    setFromPhoto((n) => n + 1);
                  }}
                />
                <Controller
                  name="photo"
                  control={control}
                  render={({ field: kept }) => (
                    <Thumbnail url={kept.value} onRemove={() => kept.onChange('')} />
                  )}
                />
              </div>
            )}
          />
          {allEnds(plan).map((e) => (
            <Controller
              key={e.key}
              name={`left.${e.key}`}
              control={control}
              render={({ field }) => <LeftField end={e} value={field.value} onChange={field.onChange} />}
            />
          ))}
          <label className="flex flex-col gap-1 md:col-span-2">
            <span className="font-medium text-sm">Notes</span>
            <textarea
              className="rounded border border-ink-soft bg-card px-2 py-1.5"
              rows={2}
              maxLength={4000}
              {...register('notes')}
            />
          </label>
        </div>
        {problem && (
          <p role="alert" className="mt-4 rounded bg-bad-pale px-3 py-2 text-bad">
            {problem}
          </p>
        )}
        <div className="mt-5 flex justify-end">
          <Button look="next" type="submit" className="px-6 py-3 text-xl">
            Into the log
          </Button>
        </div>
      </form>
    </Panel>
  );
}

interface LeftProps {
  readonly end: NumberedEnd;
  readonly value: number | undefined;
  readonly onChange: (mm: number) => void;
}

/** What an end has left over, beside what it should have; one that cannot be is asked about at once. */
function LeftField({ end, value, onChange }: LeftProps) {
  const { plan, tying } = useHere();
  const show = useLength();
  const rows = tying.progress.rowsOf?.[end.band] ?? plan.bands[end.band]!.rows;
  const expected = expectedLeft(plan, end, rows);
  const between = `${show(expected.fromMm, { kind: 'cut' })} to ${show(expected.toMm, { kind: 'cut' })}`;
  const cordMm = cordMmOf(plan, end.letter);
  const piece = useMemo(() => ({ cordMm }), [cordMm]);
  const isOdd = value !== undefined && (value < expected.leastMm || value > expected.mostMm);
  return (
    <div>
      <LengthField
        label={`Left over of ${end.letter}, ${end.colour}, end ${end.end + 1}`}
        valueMm={value}
        leastMm={0}
        mostMm={50_000}
        hint={`Before it is snipped; expected ${between}.`}
        onChange={onChange}
      />
      <PhotoButton
        name={`Left over of ${end.letter}, end ${end.end + 1}`}
        piece={piece}
        onUse={(found) => onChange(Math.round(found.lengthMm))}
      />
      {isOdd && (
        <p role="status" className="mt-1 rounded bg-amber-pale px-3 py-1.5 text-[15px] text-amber-ink">
          {show(value, { kind: 'cut' })}? Expected were {between}. If it is right, leave it: the log will ask
          once more.
        </p>
      )}
    </div>
  );
}

/** What it measures when closed, and what the next one should do about it. */
function ClosedField({ control }: { readonly control: Control<Values> }) {
  const { plan, tying } = useHere();
  const show = useLength();
  const { field } = useController({ control, name: 'closedMm' });
  const off = field.value === undefined ? undefined : field.value - plan.closed.closedMm;
  const remedy = off === undefined ? undefined : triedOn(tying.design, plan, off)[0];
  return (
    <div>
      <LengthField
        label="Closed, its inside measures"
        valueMm={field.value}
        leastMm={20}
        mostMm={3000}
        hint={`planned ${show(plan.closed.closedMm)}`}
        onChange={field.onChange}
      />
      {off !== undefined && remedy && (
        <p className="mt-2 rounded bg-amber-pale px-3 py-2 text-amber-ink" data-testid="off-by" role="status">
          {Math.abs(off) < 0.5
            ? 'As planned'
            : `${show(Math.abs(off), { kind: 'small' })} ${off > 0 ? 'looser' : 'tighter'} than planned`}
          : <WhyText why={remedy.what} />.
        </p>
      )}
    </div>
  );
}

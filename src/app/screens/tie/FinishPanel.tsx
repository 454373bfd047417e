import { useState } from 'react';
import { Controller, useForm } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { useSWRConfig } from 'swr';
import { type Make, makeRecord, readMake } from '../../../core/formats/make.ts';
import type { Plan } from '../../../core/plan/types.ts';
import { type Leftover, leftoversBack } from '../../../core/stash/leftovers.ts';
import { allEnds } from '../../../core/steps/list/ends.ts';
import { newId } from '../../../storage/ids.ts';
import { finishPiece } from '../../../storage/pieces.ts';
import { PhotoButton } from '../../photo/PhotoButton.tsx';
import { Thumbnail } from '../../photo/Thumbnail.tsx';
import { useBandPiece } from '../../photo/useBandPiece.ts';
import { WORKSHOP_KEY } from '../../state/knowledge.tsx';
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
import { ClosedField, type FinishValues, LeftField } from './FinishFields.tsx';
import { Panel } from './Panel.tsx';
import { type Here, useHere } from './TieContext.tsx';

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
const leftoversOf = ({ left }: FinishValues, plan: Plan): Leftover[] =>
  allEnds(plan).flatMap(({ key, letter }) => {
    const lengthMm = left[key];
    const cord = plan.cords.find((c) => c.letter === letter);
    return lengthMm === undefined || !cord ? [] : [{ cord: cord.cordType, colour: cord.look.id, lengthMm }];
  });

/** The record that the form describes. It has the piece’s own id: finished twice, in haste or in two tabs, it is one make. */
function makeOf(values: FinishValues, { id, tying, plan }: Pick<Here, 'id' | 'tying' | 'plan'>): Make {
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
  const [fromPhoto, setFromPhoto] = useState(0);
  const piece = useBandPiece(plan, tying.design.pattern.id);
  const { control, register, handleSubmit, setError, setValue, formState } = useForm<FinishValues>({
    defaultValues: { fit: 'not tried', checks: {}, left: {}, notes: '', photo: '' },
    resolver: readBy<FinishValues, Make>(
      (values) => readMake(makeOf(values, here)),
      (path) => (path === '/notes' ? 'notes' : undefined),
    ),
  });

  async function putBack(kept: readonly Leftover[]) {
    if (!stash.folded?.ok) return;
    const trouble = await stash.write(leftoversBack(stash.folded.value, kept, figures.keepMm, newId));
    toast(trouble ? { text: trouble, tone: 'bad' } : { text: 'On the shelf, as offcuts.' });
  }

  async function finish(values: FinishValues) {
    try {
      await finishPiece(db, id, makeOf(values, here));
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
                    field.onChange(found.lengthMm);
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

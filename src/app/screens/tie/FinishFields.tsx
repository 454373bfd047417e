import { useMemo } from 'react';
import { type Control, useController } from 'react-hook-form';
import type { Finished } from '../../../core/formats/make.ts';
import { cordMmOf } from '../../../core/photo/expected.ts';
import { triedOn } from '../../../core/plan/triedOn.ts';
import type { NumberedEnd } from '../../../core/steps/list/ends.ts';
import { expectedLeft } from '../../../core/steps/reach/expectedLeft.ts';
import { PhotoButton } from '../../photo/PhotoButton.tsx';
import { LengthField } from '../../ui/LengthField.tsx';
import { useLength } from '../../ui/units.tsx';
import { WhyText } from '../../ui/WhyNumber.tsx';
import { useHere } from './TieContext.tsx';

/** What is entered of a finished piece. */
export interface FinishValues {
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

interface LeftProps {
  readonly end: NumberedEnd;
  readonly value: number | undefined;
  readonly onChange: (mm: number) => void;
}

/** What an end has left over, beside what it should have; one that cannot be is asked about at once. */
export function LeftField({ end, value, onChange }: LeftProps) {
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
        onUse={(found) => onChange(found.lengthMm)}
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
export function ClosedField({ control }: { readonly control: Control<FinishValues> }) {
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

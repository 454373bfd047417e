import { addMonths } from 'date-fns';
import { useMemo, useState } from 'react';
import { findProduct } from '../../../../core/fit/products.ts';
import { readDesign } from '../../../../core/formats/design.ts';
import type { Make } from '../../../../core/formats/make.ts';
import { sensibleMake } from '../../../../core/log/sense.ts';
import type { Plan } from '../../../../core/plan/types.ts';
import { allEnds } from '../../../../core/steps/list/ends.ts';
import { PhotoButton } from '../../../photo/PhotoButton.tsx';
import { Thumbnail } from '../../../photo/Thumbnail.tsx';
import { useBandPiece } from '../../../photo/useBandPiece.ts';
import { Button } from '../../../ui/Button.tsx';
import { FITS } from '../../../ui/fits.ts';
import { LengthField } from '../../../ui/LengthField.tsx';
import { NumberField } from '../../../ui/NumberField.tsx';
import { Problem } from '../../../ui/Problem.tsx';
import { Segments } from '../../../ui/Segments.tsx';
import { TextField } from '../../../ui/TextField.tsx';
import { useLength } from '../../../ui/units.tsx';
import { changedMake, localDay, type PieceValues, valuesOf } from './values.ts';

interface Props {
  readonly make: Make;
  readonly plan: Plan;
  readonly isNew: boolean;
  /** Why it could not be kept, or nothing. */
  readonly onKeep: (make: Make) => Promise<string | undefined>;
}

/** Collars and straps are looked at again after so long: a rule of thumb. */
const CARE_MONTHS = 3;

/** What carries a load or a watch is worn hard. */
function wearsOut(make: Make): boolean {
  const design = readDesign(make.design);
  const product = design.ok ? findProduct(design.value.product) : undefined;
  return product?.carriesLoad === true || product?.case !== undefined;
}

const inMonths = (months: number): string => localDay(addMonths(Date.now(), months).getTime());

/** What a piece was cut from, what was left over, how it fits: to be completed and corrected at any time. */
export function PieceForm({ make, plan, isNew, onKeep }: Props) {
  const show = useLength();
  const [v, setV] = useState(() => valuesOf(make, plan));
  const design = useMemo(() => readDesign(make.design), [make]);
  const piece = useBandPiece(plan, design.ok ? design.value.pattern.id : '');
  const [problem, setProblem] = useState<string>();
  const set = (patch: Partial<PieceValues>) => setV((before) => ({ ...before, ...patch }));
  const without = (list: Readonly<Record<string, number>>, key: string) =>
    Object.fromEntries(Object.entries(list).filter(([k]) => k !== key));
  async function keep() {
    const read = sensibleMake(changedMake(make, plan, v));
    setProblem(read.ok ? await onKeep(read.value) : read.issues.map((i) => i.message).join(' '));
  }
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        void keep();
      }}
    >
      <Segments label="On the wearer it" value={v.fit} choices={FITS} onChange={(fit) => set({ fit })} />
      <div className="grid grid-cols-2 gap-x-3 gap-y-2">
        <label className="flex flex-col gap-1">
          <span className="font-medium text-sm">Finished on</span>
          <input
            type="date"
            required
            value={v.finished}
            onChange={(e) => set({ finished: e.target.value })}
            className="figure rounded border border-ink-soft bg-white px-2 py-1.5"
          />
        </label>
        <Counted label="Minutes of tying">
          <NumberField
            label="Minutes of tying"
            value={v.tieMinutes}
            least={1}
            most={10_000}
            onChange={(tieMinutes) => set({ tieMinutes })}
          />
        </Counted>
        {make.rows.length === 1 && (
          <Counted label="Rows">
            <NumberField
              label="Rows"
              value={v.rows}
              least={1}
              most={20_000}
              onChange={(rows) => set({ rows: rows ?? make.planned.rows })}
            />
          </Counted>
        )}
        <LengthField
          label="Woven length"
          valueMm={v.wovenMm}
          leastMm={5}
          mostMm={5000}
          hint={`planned ${show(make.planned.wovenMm)}`}
          onChange={(wovenMm) => set({ wovenMm })}
          onClear={() => set({ wovenMm: undefined })}
        />
        <PhotoButton
          name="Woven length"
          piece={piece}
          onUse={({ lengthMm, small }) => set({ wovenMm: lengthMm, photo: small })}
        />
        <LengthField
          label="Closed, its inside"
          valueMm={v.closedMm}
          leastMm={20}
          mostMm={3000}
          hint={`planned ${show(make.planned.closedMm)}`}
          onChange={(closedMm) => set({ closedMm })}
          onClear={() => set({ closedMm: undefined })}
        />
        {make.cuts.map((c) => (
          <LengthField
            key={c.letter}
            label={`Cut of ${c.letter}`}
            valueMm={v.cuts[c.letter]}
            leastMm={10}
            mostMm={1_000_000}
            hint="as it was really cut"
            onChange={(mm) => set({ cuts: { ...v.cuts, [c.letter]: mm } })}
          />
        ))}
        {allEnds(plan).map((e) => (
          <LengthField
            key={e.key}
            label={`Left over of ${e.letter}, end ${e.end + 1}`}
            valueMm={v.left[e.key]}
            leastMm={0}
            mostMm={1_000_000}
            hint="before it was snipped"
            onChange={(mm) => set({ left: { ...v.left, [e.key]: mm } })}
            onClear={() => set({ left: without(v.left, e.key) })}
          />
        ))}
        <TextField
          label="Lot of cord"
          value={v.lot}
          maxLength={60}
          placeholder="spring delivery"
          onChange={(e) => set({ lot: e.target.value })}
        />
        <label className="flex flex-col gap-1">
          <span className="font-medium text-sm">Look at it again on</span>
          <input
            type="date"
            value={v.careOn}
            onChange={(e) => set({ careOn: e.target.value })}
            className="figure rounded border border-ink-soft bg-white px-2 py-1.5"
          />
          {wearsOut(make) && (
            <Button
              look="quiet"
              className="self-start"
              onClick={() => set({ careOn: inMonths(CARE_MONTHS) })}
            >
              in {CARE_MONTHS} months
            </Button>
          )}
        </label>
      </div>
      <label className="flex flex-col gap-1">
        <span className="font-medium text-sm">Notes</span>
        <textarea
          rows={2}
          maxLength={4000}
          value={v.notes}
          onChange={(e) => set({ notes: e.target.value })}
          className="rounded border border-ink-soft bg-white px-2 py-1.5"
        />
      </label>
      <Thumbnail url={v.photo} onRemove={() => set({ photo: '' })} />
      <Problem>{problem}</Problem>
      <Button type="submit" look="next" className="self-start">
        {isNew ? 'Into the log' : 'Keep the changes'}
      </Button>
    </form>
  );
}

function Counted({ label, children }: { readonly label: string; readonly children: React.ReactNode }) {
  return (
    <span className="flex flex-col gap-1">
      <span className="font-medium text-sm">{label}</span>
      {children}
    </span>
  );
}

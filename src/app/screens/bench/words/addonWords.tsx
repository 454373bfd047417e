import { LIMITS } from '../../../../core/formats/limits.gen.ts';
import { findPattern } from '../../../../core/patterns/index.ts';
import { ADDON_KINDS, type Addon } from '../../../../core/plan/addons.ts';
import { focalKnotsFor } from '../../../../core/plan/focalKnots.ts';
import { useWorkshop } from '../../../state/knowledge.tsx';
import { Button } from '../../../ui/Button.tsx';
import { LengthField } from '../../../ui/LengthField.tsx';
import { NumberField } from '../../../ui/NumberField.tsx';
import { Select } from '../../../ui/Select.tsx';
import { Word } from '../../../ui/Word.tsx';
import { useBench, usePlan } from '../BenchContext.tsx';
import { useProblem } from './problems.tsx';

const MOST = LIMITS.design['/addons'];

type Kind = Addon['kind'];
const KINDS = Object.keys(ADDON_KINDS) as Kind[];

/** What is put on along the band. */
export function AddonsWord() {
  const { addons = [] } = useBench().design;
  const counts = KINDS.flatMap((kind) => {
    const n = addons.filter((a) => a.kind === kind).length;
    const { name } = ADDON_KINDS[kind];
    return n === 0 ? [] : [n === 1 ? `a ${name}` : `${n} ${name}s`];
  });
  return (
    <Word
      label="Add-ons"
      letter="a"
      text={counts.length > 0 ? `with ${counts.join(' and ')}` : '+ add-ons'}
      isQuiet={counts.length === 0}
      problem={useProblem('/addons')}
      picker={AddonsPicker}
      width="wide"
    />
  );
}

function AddonsPicker() {
  const { design, dispatch } = useBench();
  const addons = design.addons ?? [];
  const facts = useWorkshop().know.facts(design.pattern.id);
  const knots = facts ? focalKnotsFor(facts).toSorted((a, b) => rank(a) - rank(b)) : [];
  const isFull = addons.length >= MOST;
  const set = (next: Addon[], gesture?: string) => dispatch({ type: 'addons', addons: next }, gesture);
  return (
    <div className="flex max-h-[min(36rem,70vh)] flex-col gap-3 overflow-y-auto pr-1">
      <fieldset className="flex flex-wrap gap-2">
        <legend className="mb-1 text-ink-soft text-sm">
          {isFull
            ? `A design can hold ${MOST} add-ons, and this one is full. Remove one to add another.`
            : 'Added in the middle; drag it along the Beam, or type its place.'}
        </legend>
        {KINDS.filter((kind) => kind !== 'knot' || knots.length > 0).map((kind) => (
          <Button
            key={kind}
            disabled={isFull}
            onClick={() =>
              set([
                ...addons,
                { kind, at: { centre: true }, ...(kind === 'knot' ? { knot: knots[0]! } : {}) },
              ])
            }
          >
            + {ADDON_KINDS[kind].name}
          </Button>
        ))}
      </fieldset>
      {addons.map((addon, i) => (
        <AddonFields
          // biome-ignore lint/suspicious/noArrayIndexKey: add-ons have no identity but their place in the list
          key={i}
          addon={addon}
          knots={knots}
          index={i}
          onChange={(next) =>
            set(
              addons.map((a, k) => (k === i ? next : a)),
              `addon-${i}`,
            )
          }
          onRemove={() => set(addons.filter((_, k) => k !== i))}
        />
      ))}
    </div>
  );
}

/** What is tied most in the middle of a plain band comes first. */
const rank = (id: string): number => (findPattern(id)?.isFocal ? 0 : 1);

interface FieldsProps {
  readonly addon: Addon;
  /** Knots that this band can have. */
  readonly knots: readonly string[];
  readonly index: number;
  readonly onChange: (addon: Addon) => void;
  readonly onRemove: () => void;
}

function AddonFields({ addon, knots, index, onChange, onRemove }: FieldsProps) {
  const place = usePlan()?.plan.bands[0]?.addons.find((a) => a.index === index);
  const usual = ADDON_KINDS[addon.kind];
  return (
    <section className="border-rule border-t pt-2">
      <h3 className="flex items-center justify-between font-semibold">
        {usual.name} <span className="font-normal text-ink-soft text-sm">{usual.words}</span>
      </h3>
      <div className="mt-1 grid grid-cols-3 gap-2">
        {addon.kind !== 'knot' && (
          <div className="flex flex-col gap-1">
            <span className="font-medium text-sm" aria-hidden>
              At row
            </span>
            <NumberField
              label="At row"
              least={1}
              value={'row' in addon.at ? addon.at.row : place?.fromRow}
              onChange={(row) => row && onChange({ ...addon, at: { row } })}
              className="w-full text-lg"
            />
          </div>
        )}
        <LengthField
          label="or from the first end"
          kind="small"
          valueMm={'mm' in addon.at ? addon.at.mm : place?.atMm}
          leastMm={0}
          mostMm={2000}
          hint=""
          onChange={(mm) => onChange({ ...addon, at: { mm } })}
        />
        {addon.kind === 'knot' ? (
          <div className="col-span-2 flex flex-col gap-1">
            <span className="font-medium text-sm" aria-hidden>
              Which knot
            </span>
            <Select
              label="Which knot"
              value={addon.knot ?? ''}
              onChange={(knot) => onChange({ ...addon, knot })}
              choices={knots.map((id) => ({ value: id, name: findPattern(id)!.name }))}
            />
          </div>
        ) : (
          <LengthField
            label="Size along"
            kind="small"
            valueMm={addon.sizeMm ?? usual.sizeMm}
            leastMm={2}
            mostMm={120}
            hint=""
            onChange={(sizeMm) => onChange({ ...addon, sizeMm })}
          />
        )}
        {addon.kind === 'bead' && (
          <LengthField
            label="Its hole"
            kind="small"
            valueMm={addon.holeMm ?? usual.holeMm}
            leastMm={0.5}
            mostMm={40}
            hint=""
            onChange={(holeMm) => onChange({ ...addon, holeMm })}
          />
        )}
      </div>
      <div className="mt-2 flex gap-2">
        <Button
          aria-pressed={'centre' in addon.at}
          onClick={() => onChange({ ...addon, at: { centre: true } })}
        >
          Centre it
        </Button>
        <Button onClick={onRemove}>Remove</Button>
      </div>
    </section>
  );
}

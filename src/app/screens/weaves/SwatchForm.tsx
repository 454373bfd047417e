import { useMemo } from 'react';
import { useForm } from 'react-hook-form';
import type { CordType } from '../../../core/cord/cords.ts';
import type { SolvedFacts } from '../../../core/patterns/types.ts';
import { expectedOf } from '../../../core/photo/expected.ts';
import type { Issue } from '../../../core/result.ts';
import { parseLength } from '../../../core/units/index.ts';
import { weaveMetrics } from '../../../core/usage/metrics.ts';
import { checkSwatch, type Swatch, workPerLength } from '../../../core/usage/swatch.ts';
import { removeSwatch, saveSwatch } from '../../../storage/weaves.ts';
import { PhotoButton } from '../../photo/PhotoButton.tsx';
import { useWorkshop } from '../../state/knowledge.tsx';
import { useDatabase } from '../../state/services.tsx';
import { Button } from '../../ui/Button.tsx';
import { readBy } from '../../ui/form.ts';
import { useLength, useUnits } from '../../ui/units.tsx';

const FIELDS = [
  { id: 'rows', label: 'Rows tied', hint: 'Twenty are enough.' },
  { id: 'wovenMm', label: 'Woven length', hint: '' },
  { id: 'workUsedMm', label: 'Cord used by all working ends', hint: 'Before and after, the difference.' },
  { id: 'widthMm', label: 'Width (if you like)', hint: '' },
] as const;

type Values = Record<(typeof FIELDS)[number]['id'], string>;

/** A gauge swatch: what this maker's hands make of this weave in this cord. It replaces the engine's defaults. */
export function SwatchForm({ facts, cord }: { readonly facts: SolvedFacts; readonly cord: CordType }) {
  const units = useUnits();
  const { know } = useWorkshop();
  const kept = know.swatch(facts.id, cord.id);
  return <Fields key={`${cord.id}${units}${kept ? 1 : 0}`} facts={facts} cord={cord} kept={kept} />;
}

interface FieldsProps {
  readonly facts: SolvedFacts;
  readonly cord: CordType;
  readonly kept: Swatch | undefined;
}

function Fields({ facts, cord, kept }: FieldsProps) {
  const db = useDatabase();
  const units = useUnits();
  const show = useLength();
  const { refresh } = useWorkshop();
  const engine = weaveMetrics(facts, cord);
  const piece = useMemo(() => ({ band: expectedOf(weaveMetrics(facts, cord), facts) }), [facts, cord]);
  const swatchOf = (values: Values) => {
    const read = readForm(values, facts.id, cord.id, units === 'imperial' ? 'in' : 'mm');
    return read.ok ? checkSwatch(read.value, engine) : read;
  };
  const { register, handleSubmit, setValue, formState } = useForm<Values>({
    defaultValues: {
      rows: kept ? String(kept.rows) : '',
      wovenMm: kept ? show(kept.wovenMm) : '',
      workUsedMm: kept ? show(kept.workUsedMm) : '',
      widthMm: kept?.widthMm ? show(kept.widthMm, { kind: 'small' }) : '',
    },
    resolver: readBy<Values, Swatch>(swatchOf, (path) => FIELDS.find((f) => path === `/${f.id}`)?.id),
  });

  async function save(values: Values) {
    const swatch = swatchOf(values);
    if (!swatch.ok) return;
    await saveSwatch(db, swatch.value);
    await refresh();
  }

  const expected: Values = {
    rows: '20',
    wovenMm: show(20 * engine.rowHeightMm),
    workUsedMm: show(20 * engine.rowHeightMm * workPerLength(engine)),
    widthMm: show(engine.widthMm, { kind: 'small' }),
  };
  return (
    <form
      onSubmit={(event) => void handleSubmit(save)(event)}
      className="flex flex-col gap-3 rounded-xl border border-rule bg-card p-4"
      noValidate
    >
      <h2 className="font-bold font-title text-xl">Your swatch</h2>
      <p className="text-ink-soft text-sm">
        Tie 20 rows in {cord.name}, tied as you usually do, then enter what you measured. Grey values are the
        engine’s estimates. Plans in this weave and cord then use your numbers.
      </p>
      {FIELDS.map((f) => {
        const issue = formState.errors[f.id];
        return (
          <div key={f.id} className="flex flex-col gap-1">
            <label htmlFor={`swatch-${f.id}`} className="font-medium text-sm">
              {f.label}
            </label>
            <input
              id={`swatch-${f.id}`}
              {...register(f.id)}
              placeholder={expected[f.id]}
              autoComplete="off"
              aria-invalid={issue ? true : undefined}
              aria-describedby={`swatch-${f.id}-note`}
              className="figure rounded border border-ink-soft bg-white px-2 py-1 placeholder:text-ink-soft/80 aria-invalid:border-bad aria-invalid:bg-bad-pale"
            />
            <p
              id={`swatch-${f.id}-note`}
              className={`text-sm ${issue ? 'text-bad' : 'text-ink-soft'}`}
              role={issue ? 'alert' : undefined}
            >
              {issue ? issue.message : f.hint}
            </p>
          </div>
        );
      })}
      <PhotoButton
        name="Rows, length and width of the swatch"
        piece={piece}
        onUse={({ lengthMm, rows, widthMm }) => {
          setValue('wovenMm', show(lengthMm, { kind: 'small' }));
          if (rows !== undefined) setValue('rows', String(rows));
          if (widthMm !== undefined) setValue('widthMm', show(widthMm, { kind: 'small' }));
        }}
      />
      <div className="flex gap-2">
        <Button type="submit" look="next">
          {kept ? 'Change swatch' : 'Keep swatch'}
        </Button>
        {kept && (
          <Button
            onClick={async () => {
              await removeSwatch(db, facts.id, cord.id);
              await refresh();
            }}
          >
            Forget it
          </Button>
        )}
      </div>
    </form>
  );
}

function readForm(
  values: Values,
  patternId: string,
  cordId: string,
  bare: 'in' | 'mm',
): { ok: true; value: Swatch } | { ok: false; issues: Issue[] } {
  const issues: Issue[] = [];
  const length = (name: keyof Values) => {
    const read = parseLength(values[name], bare);
    if (read.ok) return read.value;
    issues.push({ ...read.issues[0]!, path: `/${name}` });
    return 0;
  };
  const rows = Number(values.rows);
  if (!Number.isInteger(rows))
    issues.push({ code: 'swatch.rows', path: '/rows', message: 'Rows are counted in whole numbers.' });
  const swatch: Swatch = {
    patternId,
    cordId,
    rows,
    wovenMm: length('wovenMm'),
    workUsedMm: length('workUsedMm'),
    ...(values.widthMm.trim() ? { widthMm: length('widthMm') } : {}),
  };
  return issues.length > 0 ? { ok: false, issues } : { ok: true, value: swatch };
}

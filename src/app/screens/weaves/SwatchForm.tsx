import { type FormEvent, useState } from 'react';
import type { CordType } from '../../../core/cord/cords.ts';
import type { SolvedFacts } from '../../../core/patterns/types.ts';
import type { Issue } from '../../../core/result.ts';
import { parseLength } from '../../../core/units/index.ts';
import { weaveMetrics } from '../../../core/usage/metrics.ts';
import { checkSwatch, type Swatch, workPerLength } from '../../../core/usage/swatch.ts';
import { removeSwatch, saveSwatch } from '../../../storage/weaves.ts';
import { useWorkshop } from '../../state/knowledge.tsx';
import { useDatabase } from '../../state/services.tsx';
import { Button } from '../../ui/Button.tsx';
import { useLength, useUnits } from '../../ui/units.tsx';

const FIELDS = [
  { id: 'rows', label: 'Rows tied', hint: 'Twenty are enough.' },
  { id: 'wovenMm', label: 'Woven length', hint: '' },
  { id: 'workUsedMm', label: 'Cord used by all working ends', hint: 'Before and after, the difference.' },
  { id: 'widthMm', label: 'Width (if you like)', hint: '' },
] as const;

/** A gauge swatch: what this maker's hands make of this weave in this cord. It replaces the engine's defaults. */
export function SwatchForm({ facts, cord }: { readonly facts: SolvedFacts; readonly cord: CordType }) {
  const db = useDatabase();
  const units = useUnits();
  const show = useLength();
  const { know, refresh } = useWorkshop();
  const kept = know.swatch(facts.id, cord.id);
  const engine = weaveMetrics(facts, cord);
  const [issues, setIssues] = useState<readonly Issue[]>([]);

  async function save(event: FormEvent<HTMLFormElement>) {
    event.preventDefault();
    const read = readForm(
      new FormData(event.currentTarget),
      facts.id,
      cord.id,
      units === 'imperial' ? 'in' : 'mm',
    );
    const checked = read.ok ? checkSwatch(read.value, engine) : read;
    if (!checked.ok) return setIssues(checked.issues);
    setIssues([]);
    await saveSwatch(db, checked.value);
    await refresh();
  }

  const expected: Record<string, string> = {
    rows: '20',
    wovenMm: show(20 * engine.rowHeightMm),
    workUsedMm: show(20 * engine.rowHeightMm * workPerLength(engine)),
    widthMm: show(engine.widthMm, { kind: 'small' }),
  };
  const value: Record<string, string> = kept
    ? {
        rows: String(kept.rows),
        wovenMm: show(kept.wovenMm),
        workUsedMm: show(kept.workUsedMm),
        widthMm: kept.widthMm ? show(kept.widthMm, { kind: 'small' }) : '',
      }
    : {};
  return (
    <form
      key={`${cord.id}${units}${kept ? 1 : 0}`}
      onSubmit={save}
      className="flex flex-col gap-3 rounded-xl border border-rule bg-card p-4"
      noValidate
    >
      <h2 className="font-bold font-title text-xl">Your swatch</h2>
      <p className="text-ink-soft text-sm">
        Tie 20 rows in {cord.name}, tied as you usually do, then enter what you measured. Grey values are the
        engine’s estimates. Plans in this weave and cord then go by your hand.
      </p>
      {FIELDS.map((f) => {
        const issue = issues.find((i) => i.path === `/${f.id}`);
        return (
          <div key={f.id} className="flex flex-col gap-1">
            <label htmlFor={`swatch-${f.id}`} className="font-medium text-sm">
              {f.label}
            </label>
            <input
              id={`swatch-${f.id}`}
              name={f.id}
              defaultValue={value[f.id]}
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
  form: FormData,
  patternId: string,
  cordId: string,
  bare: 'in' | 'mm',
): { ok: true; value: Swatch } | { ok: false; issues: Issue[] } {
  const issues: Issue[] = [];
  const length = (name: string) => {
    const read = parseLength(String(form.get(name) ?? ''), bare);
    if (read.ok) return read.value;
    issues.push({ ...read.issues[0]!, path: `/${name}` });
    return 0;
  };
  const rows = Number(form.get('rows'));
  if (!Number.isInteger(rows))
    issues.push({ code: 'swatch.rows', path: '/rows', message: 'Rows are counted in whole numbers.' });
  const width = String(form.get('widthMm') ?? '').trim();
  const swatch: Swatch = {
    patternId,
    cordId,
    rows,
    wovenMm: length('wovenMm'),
    workUsedMm: length('workUsedMm'),
    ...(width ? { widthMm: length('widthMm') } : {}),
  };
  return issues.length > 0 ? { ok: false, issues } : { ok: true, value: swatch };
}

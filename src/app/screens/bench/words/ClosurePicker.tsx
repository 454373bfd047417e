import { useMemo } from 'react';
import { findClosure } from '../../../../core/closures/index.ts';
import { isList } from '../../../../core/closures/options.ts';
import type { Closure, Option } from '../../../../core/closures/types.ts';
import { adapt } from '../../../../core/plan/adapt.ts';
import { compareClosures } from '../../../../core/plan/compare.ts';
import { whyText } from '../../../../core/why/why.ts';
import { useWorkshop } from '../../../state/knowledge.tsx';
import { useRecent } from '../../../state/recent.ts';
import { Button } from '../../../ui/Button.tsx';
import { Choices } from '../../../ui/Choices.tsx';
import { ClosurePicture } from '../../../ui/ClosurePicture.tsx';
import { LengthField } from '../../../ui/LengthField.tsx';
import { PicturePicker } from '../../../ui/PicturePicker.tsx';
import { useUnits } from '../../../ui/units.tsx';
import { WhyText } from '../../../ui/WhyNumber.tsx';
import type { PickerProps } from '../../../ui/Word.tsx';
import { useBench, usePlan } from '../BenchContext.tsx';
import { Problem } from './problems.tsx';

/** How a piece is closed: every closure by its picture, and what can be set about the one in hand. */
export default function ClosurePicker({ close }: PickerProps) {
  const { design, dispatch } = useBench();
  const { know } = useWorkshop();
  const recent = useRecent('closure');
  const rows = useMemo(() => compareClosures(design, know), [design, know]);
  const closure = findClosure(design.closure.kind);
  return (
    <>
      <Problem path="/closure" />
      <div className="grid gap-x-6 gap-y-4 md:grid-cols-[1.3fr_1fr]">
        <PicturePicker
          label="How is it closed?"
          value={design.closure.kind}
          recent={recent}
          onLeave={close}
          onChange={(kind) =>
            dispatch({ type: 'become', design: adapt(design, { closure: { kind } }, know) }, 'closure')
          }
          choices={rows.map((row) => ({
            value: row.id,
            name: row.name,
            note: row.ok ? undefined : row.reason,
            isOff: !row.ok && row.id !== design.closure.kind,
            also: findClosure(row.id)?.family ?? '',
            picture: row.ok ? (
              <ClosurePicture
                plan={row.plan}
                patternId={row.design.pattern.id}
                className="h-12 justify-between"
              />
            ) : undefined,
          }))}
        />
        {closure && (
          <div className="flex max-h-[min(26rem,55vh)] flex-col gap-4 overflow-y-auto pr-1">
            <p className="text-ink-soft text-sm">{closure.words}</p>
            {closure.options.map((option) => (
              <OptionField key={`${closure.id} ${option.key}`} closure={closure} option={option} />
            ))}
          </div>
        )}
      </div>
    </>
  );
}

function OptionField({ closure, option }: { readonly closure: Closure; readonly option: Option }) {
  const { design, dispatch } = useBench();
  const units = useUnits();
  const closed = usePlan()?.plan.closed;
  const spec = design.closure;
  const set = (value: number | string | undefined) =>
    dispatch({ type: 'closure', options: { [option.key]: value } }, `closure-${option.key}`);
  if (isList(option)) {
    return (
      <Choices<number | string>
        label={option.label}
        value={spec[option.key] ?? option.usual}
        onChange={set}
        choices={option.choices.map((c) => ({
          value: c.value,
          name: whyText(c.name, units),
          note: c.note && c.note.length > 0 ? <WhyText why={c.note} /> : undefined,
        }))}
      />
    );
  }
  const typed = spec[option.key];
  const worked =
    option.key === 'openMm' ? closed?.openMm : option.key === 'gapMm' ? closed?.gapMm : undefined;
  return (
    <div className="flex flex-col gap-2">
      <LengthField
        label={option.label}
        kind="small"
        valueMm={typed ?? worked ?? option.usualMm?.(spec)}
        leastMm={option.leastMm}
        mostMm={option.mostMm}
        hint={
          option.key !== 'lengthMm' || !closure.isBuckle
            ? option.hint
            : typed === undefined
              ? `Typical. ${option.hint}`
              : `As you measured it. ${option.hint}`
        }
        onChange={set}
      />
      {typed !== undefined && (
        <Button onClick={() => set(undefined)}>
          {option.key === 'lengthMm' ? 'Use the typical length' : 'Calculate it'}
        </Button>
      )}
    </div>
  );
}

import { Suspense, useMemo } from 'react';
import { CORDS, FIBRE_MELTS, findCord } from '../../../../core/cord/cords.ts';
import { styleProblem, withStyle } from '../../../../core/plan/adapt.ts';
import { ORDER, STYLES, type Style } from '../../../../core/plan/setups/index.ts';
import { useWorkshop } from '../../../state/knowledge.tsx';
import { Choices } from '../../../ui/Choices.tsx';
import { lazily } from '../../../ui/lazily.ts';
import { type PickerProps, Word } from '../../../ui/Word.tsx';
import { useBench } from '../BenchContext.tsx';
import { Problem, useProblem } from './problems.tsx';

const Pictures = lazily(() => import('./PatternPicker.tsx'));

export function PatternWord() {
  const { id } = useBench().design.pattern;
  const { know } = useWorkshop();
  return (
    <Word
      label="Weave"
      letter="k"
      text={know.name(id) ?? id}
      problem={useProblem('/pattern')}
      picker={PatternPicker}
      width="widest"
    />
  );
}

function PatternPicker({ close }: PickerProps) {
  return (
    <Suspense fallback={<p className="text-ink-soft">Fetching the weaves…</p>}>
      <Pictures close={close} />
    </Suspense>
  );
}

export function CordWord() {
  const { design } = useBench();
  const text = findCord(design.cord)?.name ?? design.cord;
  return <Word label="Cord" letter="c" text={text} problem={useProblem('/cord')} picker={CordPicker} />;
}

function CordPicker() {
  const { design, dispatch } = useBench();
  return (
    <>
      <Problem path="/cord" />
      <Choices
        label="Which cord?"
        value={design.cord}
        onChange={(id) => dispatch({ type: 'cord', id }, 'cord')}
        choices={CORDS.map((c) => ({
          value: c.id,
          name: c.name,
          note: `${c.gramsPerMetre} g/m, ${FIBRE_MELTS[c.fibre] ? 'ends melt' : 'ends do not melt: whip, stitch or glue'}`,
        }))}
      />
    </>
  );
}

const SET_UPS = Object.keys(STYLES) as Style[];

const HOLDS = [
  { value: 'jig' as const, name: 'on a jig', note: 'Pegs hold both ends at their distance.' },
  {
    value: 'tape' as const,
    name: 'along a ruler or tape',
    note: 'Two marks on the table say where it starts and ends.',
  },
  { value: 'hand' as const, name: 'in the hand', note: 'Tied free and tried on before it is closed.' },
];

/** Whether the cords are set up as this weave and closure usually are: then the sentence need not say so. */
export function useUsualSetup(): boolean {
  const { design } = useBench();
  const { know } = useWorkshop();
  const { setup } = design;
  const usual = useMemo(
    () => ORDER.find((style) => styleProblem(design, style, know) === undefined),
    [design, know],
  );
  return setup.style === usual && (setup.hold ?? 'jig') === 'jig' && !setup.spacing;
}

export function SetupWord({ isQuiet }: { readonly isQuiet: boolean }) {
  const { design, asPlanned } = useBench();
  const [asked, planned] = [design.setup.style, asPlanned.setup.style];
  const text = asked === planned ? STYLES[asked].name : `${STYLES[planned].name}, not ${STYLES[asked].name}`;
  return (
    <Word
      label="Set-up"
      letter="s"
      text={isQuiet ? `+ set-up` : text}
      isQuiet={isQuiet}
      problem={useProblem('/setup')}
      picker={SetupPicker}
      width="wide"
    />
  );
}

function SetupPicker() {
  const { design, dispatch, inStep } = useBench();
  const { know } = useWorkshop();
  const facts = know.facts(design.pattern.id);
  if (!facts) return null;
  return (
    <>
      <Choices
        label="How is it set up?"
        value={design.setup.style}
        onChange={(style) => dispatch({ type: 'become', design: withStyle(design, style, facts) })}
        choices={SET_UPS.map((style) => {
          const reason = styleProblem(design, style, know);
          const { name, note } = STYLES[style];
          return { value: style, name, note: reason ?? note, isOff: reason !== undefined };
        })}
      />
      <Choices
        label="How do you hold the length while tying?"
        value={design.setup.hold ?? 'jig'}
        onChange={(hold) => dispatch({ type: 'hold', hold })}
        choices={HOLDS}
      />
      <label className="flex flex-col gap-1">
        <span className="text-ink-soft text-sm">
          Rows apart: {(design.setup.spacing ?? 0).toFixed(1)} of a cord
          {design.setup.spacing ? ', the cores show' : ', packed'}
        </span>
        <input
          type="range"
          min="0"
          max="1"
          step="0.1"
          value={design.setup.spacing ?? 0}
          onChange={(e) => {
            const spacing = Number(e.target.value);
            inStep(() => dispatch({ type: 'spacing', spacing }, 'spacing'));
          }}
        />
      </label>
    </>
  );
}

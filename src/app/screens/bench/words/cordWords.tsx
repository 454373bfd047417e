import { Link } from 'react-router';
import { CORDS, FIBRE_MELTS, findCord } from '../../../../core/cord/cords.ts';
import { WEAVES } from '../../../../core/patterns/index.ts';
import { adapt, styleProblem, withStyle } from '../../../../core/plan/adapt.ts';
import { weaveMetrics } from '../../../../core/usage/metrics.ts';
import { weavePath } from '../../../paths.ts';
import { useWorkshop } from '../../../state/knowledge.tsx';
import { Choices } from '../../../ui/Choices.tsx';
import { useLength } from '../../../ui/units.tsx';
import { useBench } from '../BenchContext.tsx';
import { Problem, useProblem } from './problems.tsx';
import { Word } from './Word.tsx';

export function PatternWord() {
  const { id } = useBench().design.pattern;
  const { know } = useWorkshop();
  return (
    <Word
      label="Pattern"
      letter="k"
      text={know.name(id) ?? id}
      problem={useProblem('/pattern')}
      picker={PatternPicker}
      width="wide"
    />
  );
}

/** Every weave that makes a band, with what it would measure in the cord in hand. */
function PatternPicker() {
  const { design, dispatch } = useBench();
  const { know, own } = useWorkshop();
  const show = useLength();
  const cord = findCord(design.cord) ?? CORDS[0]!;
  const choices = [...own.map((w) => w.id), ...WEAVES.map((p) => p.id)].map((id) => {
    const m = weaveMetrics(know.facts(id)!, cord);
    const per = m.strands.reduce((sum, s) => sum + s.perLength * s.lanes, 0);
    const size = `${show(m.widthMm, { kind: 'small' })} wide, ${show(m.thicknessMm, { kind: 'small' })} thick`;
    return {
      value: id,
      name: know.name(id) ?? id,
      note: `${size}, ${per.toFixed(1)} of cord for each of band`,
    };
  });
  return (
    <>
      <Problem path="/pattern" />
      <Choices
        label="Which weave?"
        value={design.pattern.id}
        onChange={(id) =>
          dispatch({ type: 'become', design: adapt(design, { pattern: { id } }, know) }, 'pattern')
        }
        choices={choices}
      />
      <Link className="underline" to={weavePath(design.pattern.id)}>
        Look at this weave
      </Link>
    </>
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

const SETUPS = [
  {
    value: 'folded' as const,
    name: 'one folded cord',
    note: 'Hitched at its middle; cores and working ends are the same cord. No ends at the first half; both halves must be there from the start.',
  },
  {
    value: 'fused' as const,
    name: 'two colours fused',
    note: 'Two cords joined into one: one makes the front, the other the edges. The join lies inside, away from the closure.',
  },
  {
    value: 'separate' as const,
    name: 'separate cords',
    note: 'Core cords and working cords, each started from its middle. Cores may run on into a knot or loop; the second half may come late.',
  },
  {
    value: 'side-by-side' as const,
    name: 'cords side by side',
    note: 'Every cord folded and hitched beside the next, in order from left to right; each gives two neighbouring ends.',
  },
];

const HOLDS = [
  { value: 'jig' as const, name: 'on a jig', note: 'Pegs hold both ends at their distance.' },
  {
    value: 'tape' as const,
    name: 'along a ruler or tape',
    note: 'Two marks on the table say where it starts and ends.',
  },
  { value: 'hand' as const, name: 'in the hand', note: 'Tied free and tried on before it is closed.' },
];

export function SetupWord() {
  const { style } = useBench().design.setup;
  const text = SETUPS.find((s) => s.value === style)!.name;
  return (
    <Word
      label="Set-up"
      letter="s"
      text={text}
      problem={useProblem('/setup')}
      picker={SetupPicker}
      width="wide"
    />
  );
}

function SetupPicker() {
  const { design, dispatch } = useBench();
  const { know } = useWorkshop();
  const facts = know.facts(design.pattern.id);
  if (!facts) return null;
  return (
    <>
      <Choices
        label="How is it set up? What this weave or closure does not allow says why."
        value={design.setup.style}
        onChange={(style) => dispatch({ type: 'become', design: withStyle(design, style, facts) })}
        choices={SETUPS.map((s) => {
          const reason = styleProblem(design, s.value, know);
          return { ...s, note: reason ?? s.note, isOff: reason !== undefined };
        })}
      />
      <Choices
        label="How is its length kept while tying?"
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
          onChange={(e) => dispatch({ type: 'spacing', spacing: Number(e.target.value) }, 'spacing')}
        />
      </label>
    </>
  );
}

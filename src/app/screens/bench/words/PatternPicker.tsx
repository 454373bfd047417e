import { useMemo } from 'react';
import { Link } from 'react-router';
import { findColour } from '../../../../core/colour/palette.ts';
import { CORDS, findCord } from '../../../../core/cord/cords.ts';
import { findPattern, WEAVES } from '../../../../core/patterns/index.ts';
import { LOOKS_LIKE } from '../../../../core/patterns/types.ts';
import { adapt } from '../../../../core/plan/adapt.ts';
import { usualStrands } from '../../../../core/plan/strands.ts';
import { weaveMetrics } from '../../../../core/usage/metrics.ts';
import { weavePath } from '../../../paths.ts';
import { useWorkshop } from '../../../state/knowledge.tsx';
import { useRecent } from '../../../state/recent.ts';
import { PicturePicker } from '../../../ui/PicturePicker.tsx';
import { useLength } from '../../../ui/units.tsx';
import { WeaveFaces } from '../../../ui/WeaveFaces.tsx';
import type { PickerProps } from '../../../ui/Word.tsx';
import { useBench } from '../BenchContext.tsx';
import { Problem } from './problems.tsx';

/** What a weave is found by beside its name: its kind, other names, and what one sees. */
function alsoOf(id: string): string {
  const pattern = findPattern(id);
  if (!pattern) return 'own';
  const seen = (pattern.shows ?? []).map((look) => LOOKS_LIKE[look]);
  return [pattern.family, pattern.also ?? '', ...seen].join(' ');
}

/** Every weave that makes a band: its two faces in the cords in hand, how wide it would be, and how much cord it uses. */
export default function PatternPicker({ close }: PickerProps) {
  const { design, dispatch } = useBench();
  const { know, own } = useWorkshop();
  const show = useLength();
  const recent = useRecent('pattern');
  const cord = findCord(design.cord) ?? CORDS[0]!;
  const colours = useMemo(
    () => design.cords.flatMap((c) => findColour(c.colour, design.looks) ?? []),
    [design.cords, design.looks],
  );
  const ids = useMemo(() => [...own.map((w) => w.id), ...WEAVES.map((p) => p.id)], [own]);
  const cords = design.cords.length;
  const strands = useMemo(
    () => new Map(ids.map((id) => [id, usualStrands(know.facts(id)!, cords)])),
    [ids, cords, know],
  );
  const choices = ids.map((id) => {
    const m = weaveMetrics(know.facts(id)!, cord);
    const uses = m.strands.reduce((sum, s) => sum + s.perLength * s.lanes, 0);
    return {
      value: id,
      name: know.name(id) ?? id,
      note: `${show(m.widthMm, { kind: 'small' })} wide, ${show(m.thicknessMm, { kind: 'small' })} thick; uses ${uses.toFixed(1)} × its length`,
      picture: <WeaveFaces id={id} colours={colours} strands={strands.get(id)!} />,
      also: alsoOf(id),
    };
  });
  return (
    <>
      <Problem path="/pattern" />
      <PicturePicker
        label="Which weave? Front and back, in your colours"
        value={design.pattern.id}
        recent={recent}
        onLeave={close}
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

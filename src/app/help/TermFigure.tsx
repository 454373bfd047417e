import { useMemo } from 'react';
import { lanesOfWeave, type WeaveLane } from '../../core/colour/lanes.ts';
import { findColour } from '../../core/colour/palette.ts';
import { arrangedScene } from '../../core/drawing/arranged.ts';
import { sampleLooks, sampleScene } from '../../core/drawing/sample.ts';
import type { Scene } from '../../core/drawing/shape.ts';
import type { Term, TermPicture } from '../../core/glossary/terms.ts';
import { findPattern, solvedFacts } from '../../core/patterns/index.ts';
import type { SolvedFacts } from '../../core/patterns/types.ts';
import { plan } from '../../core/plan/plan.ts';
import { stagePicture } from '../../core/steps/knots/stagePicture.ts';
import { tyingOf } from '../../core/steps/knots/tyingOf.ts';
import { movesOf } from '../../core/steps/rows/moves.ts';
import { coresAndEnds } from '../../core/steps/rows/rowCords.ts';
import { rowPicture } from '../../core/steps/rows/rowPicture.ts';
import { useWeave, useWorkshop } from '../state/knowledge.tsx';
import { newDesign } from '../state/newDesign.ts';
import { ClosurePicture } from '../ui/ClosurePicture.tsx';
import { SceneView } from '../ui/SceneView.tsx';

type Strands = Extract<TermPicture, { kind: 'strands' }>;
type Drawn = Exclude<TermPicture, { kind: 'closure' }>;

const DIAMETER_MM = 4;
/** Diameters of a weave in one picture. */
const LENGTH_D = 14;
const QUIET = findColour('pole-white')!;
const LIT = findColour('ember')!;

/** What a word looks like, on the mat. */
export function TermFigure({
  term,
  className = 'h-32',
}: {
  readonly term: Term;
  readonly className?: string;
}) {
  const { picture } = term;
  return (
    <div className={`on-mat flex items-center justify-center gap-3 overflow-hidden bg-mat p-3 ${className}`}>
      {picture.kind === 'closure' ? (
        <Closed picture={picture} />
      ) : (
        <Drawing picture={picture} label={term.shows} />
      )}
    </div>
  );
}

function Closed({ picture }: { readonly picture: Extract<TermPicture, { kind: 'closure' }> }) {
  const { know } = useWorkshop();
  const made = useMemo(
    () =>
      plan({ ...newDesign(''), pattern: { id: picture.weave }, closure: { kind: picture.closure } }, know),
    [picture, know],
  );
  return made.ok ? (
    <ClosurePicture
      plan={made.value}
      patternId={picture.weave}
      only={picture.only}
      className="h-full w-full"
    />
  ) : null;
}

function Drawing({ picture, label }: { readonly picture: Drawn; readonly label: string }) {
  const solved = useWeave(
    picture.kind === 'strands' ? picture.weave : picture.kind === 'tight' ? picture.knot : undefined,
  );
  const scenes = useMemo((): readonly Scene[] => {
    switch (picture.kind) {
      case 'strands': {
        const facts = solvedFacts(picture.weave);
        if (!solved || !facts) return [];
        const rows = Math.max(2, Math.round(LENGTH_D / (solved.periodD / solved.rowsPerPeriod)));
        return picture.views.map((view) =>
          arrangedScene(solved, litIn(facts, picture.lit), [QUIET, LIT], view, rows),
        );
      }
      case 'tight':
        return solved ? [sampleScene(solved, 'front', LENGTH_D, DIAMETER_MM)] : [];
      case 'row':
        return rowScene(picture.weave, picture.moves);
      case 'stage': {
        const tying = tyingOf(picture.knot, 'right');
        return tying
          ? [
              stagePicture({
                tying,
                done: picture.stages,
                looks: sampleLooks(tying.spec),
                diameterMm: DIAMETER_MM,
              }),
            ]
          : [];
      }
    }
  }, [picture, solved]);
  return scenes.map((scene, i) => (
    <SceneView
      // biome-ignore lint/suspicious/noArrayIndexKey: views are told apart by their place
      key={i}
      scene={scene}
      label={i === 0 ? label : undefined}
      className="h-full min-w-0 max-w-full"
    />
  ));
}

function rowScene(weave: string, moves: number): readonly Scene[] {
  const spec = findPattern(weave)?.draw();
  const tying = spec && movesOf(spec);
  if (!tying) return [];
  return [
    rowPicture({
      tying,
      row: 0,
      done: moves,
      cordOf: coresAndEnds(spec),
      looks: [QUIET, LIT],
      diameterMm: DIAMETER_MM,
    }).scene,
  ];
}

/** The lanes that are in colour, as an index into quiet and lit. */
function litIn(facts: SolvedFacts, lit: Strands['lit']): Readonly<Record<string, number>> {
  const lanes = lanesOfWeave(facts);
  const spines = new Set(facts.strands.filter((s) => s.role === 'spine').map((s) => s.name));
  const ends = lanes.filter((l) => !l.isCore && !spines.has(l.strand));
  const isLit = (lane: WeaveLane): boolean => {
    switch (lit) {
      case 'cores':
        return lane.isCore;
      case 'spine':
        return spines.has(lane.strand);
      case 'ends':
        return ends.includes(lane);
      case 'first end':
        return lane === ends[0];
      case 'second end':
        return lane === ends[1];
      case 'all':
        return true;
    }
  };
  return Object.fromEntries(lanes.map((lane) => [lane.key, isLit(lane) ? 1 : 0]));
}

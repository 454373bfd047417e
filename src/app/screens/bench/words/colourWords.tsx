import { Suspense } from 'react';
import { byName, cordLetter, findColour, PALETTE } from '../../../../core/colour/palette.ts';
import { CORDS, findCord } from '../../../../core/cord/cords.ts';
import { LIMITS } from '../../../../core/formats/limits.gen.ts';
import type { SolvedFacts } from '../../../../core/patterns/types.ts';
import { withStyle } from '../../../../core/plan/adapt.ts';
import { BY_STRAND, STYLES } from '../../../../core/plan/setups/index.ts';
import { withCord } from '../../../../core/plan/strands.ts';
import { useWorkshop } from '../../../state/knowledge.tsx';
import { Button } from '../../../ui/Button.tsx';
import { Choices } from '../../../ui/Choices.tsx';
import { lazily } from '../../../ui/lazily.ts';
import { Swatch } from '../../../ui/Swatch.tsx';
import { Word } from '../../../ui/Word.tsx';
import { useBench } from '../BenchContext.tsx';
import { Problem, useProblem } from './problems.tsx';

const OwnLook = lazily(() => import('./OwnLook.tsx'));
const Arrangements = lazily(() => import('../Arrangements.tsx'));

const MOST_CORDS = LIMITS.design['/cords'];

/** One picker a place, made once, so that a word keeps its identity. */
const COLOUR_PICKERS = Array.from({ length: MOST_CORDS }, (_, index) => () => <ColourPicker index={index} />);

export function ColourWord({ index, place }: { readonly index: number; readonly place: string }) {
  const { asPlanned: design } = useBench();
  const id = design.cords[index]!.colour;
  const colour = findColour(id, design.looks);
  const own = design.cords[index]!.cord;
  const type = own === undefined ? undefined : (findCord(own)?.name ?? own);
  const problem = useProblem(`/cords/${index}`);
  return (
    <span className="inline-flex items-baseline gap-1.5">
      {colour && <Swatch colour={colour} letter={cordLetter(index)} />}
      <Word
        label={`Colour ${place}`}
        letter={String(index + 1)}
        text={type ? `${colour?.name ?? id} in ${type}` : (colour?.name ?? id)}
        problem={problem}
        picker={COLOUR_PICKERS[index]!}
        width="wide"
      />
    </span>
  );
}

/** Edits the design as it is planned: whoever picks a colour of it keeps the set-up that took the place of another. */
function useAsPlanned(): Pick<ReturnType<typeof useBench>, 'design' | 'dispatch'> {
  const { design: asked, asPlanned: design, dispatch } = useBench();
  return {
    design,
    dispatch: (action, gesture) => {
      if (design === asked) return dispatch(action, gesture);
      // One step to undo.
      const both = gesture ?? 'as-planned';
      dispatch({ type: 'become', design }, both);
      dispatch(action, both);
    },
  };
}

function ColourPicker({ index }: { readonly index: number }) {
  const { design, dispatch } = useAsPlanned();
  const { know } = useWorkshop();
  const facts = know.facts(design.pattern.id);
  const own = byName(design.looks ?? []);
  const more =
    facts && withCord(design, facts, PALETTE.find((p) => design.cords.every((c) => c.colour !== p.id))!.id);
  return (
    <div className="flex max-h-[min(36rem,70vh)] flex-col gap-3 overflow-y-auto pr-1">
      <Problem path={`/cords/${index}`} />
      <Choices
        label="Which colour?"
        value={design.cords[index]!.colour}
        onChange={(next) => dispatch({ type: 'colour', index, id: next }, `colour-${index}`)}
        choices={[...own, ...PALETTE].map((c) => ({
          value: c.id,
          name: c.name,
          note: c.look === 'solid' ? undefined : c.look,
          swatch: <Swatch colour={c} letter={c.letter ?? ''} />,
        }))}
      />
      {facts && <ThicknessChoice index={index} facts={facts} />}
      <div className="flex flex-wrap gap-2">
        {design.cords.length === 2 && (
          <Button onClick={() => dispatch({ type: 'swap-colours' })}>Swap the two colours</Button>
        )}
        {more && <Button onClick={() => dispatch({ type: 'become', design: more })}>Add a cord</Button>}
      </div>
      <Suspense>
        <OwnLook index={index} />
      </Suspense>
    </div>
  );
}

/** What this cord is cut from, where it may be another than the band's. */
function ThicknessChoice({ index, facts }: { readonly index: number; readonly facts: SolvedFacts }) {
  const { design, dispatch } = useAsPlanned();
  if (design.sequence) return null;
  if (!STYLES[design.setup.style].isByStrand)
    return (
      <div className="flex flex-wrap items-center gap-2 text-sm">
        <span className="text-ink-soft">Cords of different thickness are set up as separate cords.</span>
        <Button onClick={() => dispatch({ type: 'become', design: withStyle(design, BY_STRAND, facts) })}>
          Use separate cords
        </Button>
      </div>
    );
  return (
    <Choices
      label="Which cord is it?"
      value={design.cords[index]!.cord ?? design.cord}
      onChange={(id) => dispatch({ type: 'thickness', index, id }, `thickness-${index}`)}
      choices={CORDS.map((c) => ({
        value: c.id,
        name: c.id === design.cord ? `${c.name}, like the band` : c.name,
      }))}
    />
  );
}

/** How the cords are laid: strand by strand, picked from pictures of every way there is. */
export function ArrangementWord() {
  const { setup } = useBench().design;
  return (
    <Word
      label="Arrangement"
      letter="r"
      text={setup.strands ? 'arranged strand by strand' : '+ arrangement'}
      isQuiet={!setup.strands}
      problem={useProblem('/setup/strands')}
      picker={ArrangementPicker}
      width="widest"
    />
  );
}

function ArrangementPicker() {
  return (
    <Suspense fallback={<p className="text-ink-soft">Laying the cords…</p>}>
      <Arrangements />
    </Suspense>
  );
}

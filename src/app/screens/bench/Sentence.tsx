import type { ReactNode } from 'react';
import { cordLetter } from '../../../core/colour/palette.ts';
import { findProduct } from '../../../core/fit/products.ts';
import { STYLES } from '../../../core/plan/setups/index.ts';
import { useBench, usePlan } from './BenchContext.tsx';
import { AddonsWord } from './words/addonWords.tsx';
import { BandsWord } from './words/bandWords.tsx';
import { EaseWord, GirthWord, ProductWord, WearerWord } from './words/bodyWords.tsx';
import { ClosureWord } from './words/closureWords.tsx';
import { ArrangementWord, ColourWord } from './words/colourWords.tsx';
import { CordWord, PatternWord, SetupWord, useUsualSetup } from './words/cordWords.tsx';
import { MarginWord } from './words/marginWords.tsx';
import { MeasuresWord } from './words/measureWords.tsx';
import { useProblem } from './words/problems.tsx';

/** A word that is said once something is chosen and waits quietly at the end until then. */
interface Optional {
  readonly key: string;
  readonly isChosen: boolean;
  readonly word: ReactNode;
}

/**
 * The design in plain language: what was chosen, and no more. Every emphasised word edits it in place; what is still as
 * usual waits in quiet words at the end.
 */
export function Sentence() {
  const { design } = useBench();
  const { setup, sequence, addons = [] } = design;
  const isUsual = useUsualSetup();
  // How it is cut stands beside the cuts; where there are none because of it, it is put right here.
  const cutProblem = useProblem('/tailMm', '/roundToMm', '/chance');
  const isCutWrong = usePlan() === undefined && cutProblem !== undefined;
  const product = findProduct(design.product);
  const article = product?.article === 'an' ? 'An' : 'A';
  const setUp: Optional = { key: 'set-up', isChosen: !isUsual, word: <SetupWord isQuiet={isUsual} /> };
  const optional: readonly Optional[] = [
    { key: 'arrangement', isChosen: setup.strands !== undefined, word: <ArrangementWord /> },
    { key: 'bands', isChosen: sequence !== undefined, word: <BandsWord /> },
    { key: 'add-ons', isChosen: addons.length > 0, word: <AddonsWord /> },
  ];
  const chosen = optional.filter((o) => o.isChosen);
  const quiet = [...optional, setUp].filter((o) => !o.isChosen);
  // One list with keys: a word that moves in it keeps its open picker.
  const parts = [
    <span key="start">
      {article} <ProductWord /> for <WearerWord />, {product?.girth.name ?? 'girth'} <GirthWord />
      <MeasuresWord />, <EaseWord />: <PatternWord /> in <CordWord />
    </span>,
    ...(setUp.isChosen ? [<Said key={setUp.key}>{setUp.word}</Said>] : []),
    <span key="colours">
      , <Colours />
    </span>,
    ...chosen.map(({ key, word }) => <Said key={key}>{word}</Said>),
    <span key="closure">
      , closed by <ClosureWord />
      {isCutWrong && (
        <>
          , <MarginWord />
        </>
      )}
      .
    </span>,
    ...quiet.map(({ key, word }) => (
      <Said key={key} isQuiet>
        {word}
      </Said>
    )),
  ];
  return (
    <section aria-label="The design in a sentence" className="px-5 pt-3 pb-4">
      <p className="max-w-[78rem] text-[22px] leading-[1.65]">{parts}</p>
    </section>
  );
}

function Said({ isQuiet = false, children }: { readonly isQuiet?: boolean; readonly children: ReactNode }) {
  return (
    <>
      {isQuiet ? ' ' : ', '}
      <span className={isQuiet ? 'ml-1.5 whitespace-nowrap text-[15px]' : ''}>{children}</span>
    </>
  );
}

function Colours() {
  const { asPlanned: design } = useBench();
  if (design.setup.strands || design.cords.length > 2)
    return design.cords.map((_, i) => (
      // biome-ignore lint/suspicious/noArrayIndexKey: cords are told apart by their place
      <span key={i}>
        {i > 0 && (i === design.cords.length - 1 ? ' and ' : ', ')}
        <ColourWord index={i} place={`of cord ${cordLetter(i)}`} />
      </span>
    ));
  if (design.cords.length === 1) return <ColourWord index={0} place="of the cord" />;
  if (STYLES[design.setup.style].second === 'cores') {
    return (
      <>
        <ColourWord index={0} place="of the working cord" /> over{' '}
        <ColourWord index={1} place="of the cores" /> cores
      </>
    );
  }
  return (
    <>
      <ColourWord index={0} place="in front" /> in front and <ColourWord index={1} place="at the edges" /> at
      the edges
    </>
  );
}

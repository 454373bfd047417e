import { cordLetter } from '../../../core/colour/palette.ts';
import { findProduct } from '../../../core/fit/products.ts';
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
  return (
    <section aria-label="The design in a sentence" className="px-5 pt-3 pb-4">
      <p className="max-w-[78rem] text-[22px] leading-[1.65]">
        {article} <ProductWord /> for <WearerWord />, {product?.girth.name ?? 'girth'} <GirthWord />
        <MeasuresWord />, <EaseWord />: <PatternWord /> in <CordWord />
        {!isUsual && (
          <>
            , <SetupWord isQuiet={false} />
          </>
        )}
        , <Colours />
        {setup.strands && (
          <>
            , <ArrangementWord />
          </>
        )}
        {sequence && (
          <>
            , <BandsWord />
          </>
        )}
        {addons.length > 0 && (
          <>
            , <AddonsWord />
          </>
        )}
        , closed by <ClosureWord />
        {isCutWrong && (
          <>
            , <MarginWord />
          </>
        )}
        .
        <span className="ml-3 inline-flex flex-wrap gap-x-3 text-base">
          {!setup.strands && <ArrangementWord />}
          {!sequence && <BandsWord />}
          {addons.length === 0 && <AddonsWord />}
          {isUsual && <SetupWord isQuiet />}
        </span>
      </p>
    </section>
  );
}

function Colours() {
  const { design } = useBench();
  if (design.setup.strands || design.cords.length > 2)
    return design.cords.map((_, i) => (
      // biome-ignore lint/suspicious/noArrayIndexKey: cords are told apart by their place
      <span key={i}>
        {i > 0 && (i === design.cords.length - 1 ? ' and ' : ', ')}
        <ColourWord index={i} place={`of cord ${cordLetter(i)}`} />
      </span>
    ));
  if (design.cords.length === 1) return <ColourWord index={0} place="of the cord" />;
  if (design.setup.style === 'separate') {
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

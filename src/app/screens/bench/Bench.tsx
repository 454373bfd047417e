import { type ComponentType, Suspense, useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { useStore } from 'zustand';
import { withStyle } from '../../../core/plan/adapt.ts';
import { plan as makePlan } from '../../../core/plan/plan.ts';
import { Hint } from '../../help/Hint.tsx';
import type { Bench as BenchStore } from '../../state/bench.ts';
import { useWorkshop } from '../../state/knowledge.tsx';
import { Boundary } from '../../ui/Boundary.tsx';
import { fetchModule, lazily } from '../../ui/lazily.ts';
import { MixedProgress } from '../../ui/MixedProgress.tsx';
import { usePrinting } from '../../ui/usePrinting.ts';
import { WhyProvider } from '../../ui/WhyNumber.tsx';
import { Beam } from './Beam.tsx';
import { BenchContext, type Lit, LitContext, PlanContext, type PlanView } from './BenchContext.tsx';
import { Card } from './Card.tsx';
import { Issues } from './Issues.tsx';
import { NextQuestion } from './NextQuestion.tsx';
import { Sentence } from './Sentence.tsx';
import type { BeamView } from './views.ts';
import { Warp } from './Warp.tsx';

const ExportDialog = lazily(() => import('./ExportDialog.tsx'));

/** The planning screen: the sentence, the Beam, the warp, the card. Everything follows the design at once. */
export function Bench({ bench }: { readonly bench: BenchStore }) {
  const design = useStore(bench.store, (s) => s.history.present);
  const [view, setView] = useState<BeamView>('front');
  const [exporting, setExporting] = useState(false);
  const isPrinting = usePrinting();
  const Paper = usePaper();
  const { know, isReady } = useWorkshop();
  const result = useMemo(() => makePlan(design, know), [design, know]);
  const last = useRef<PlanView | undefined>(undefined);
  if (result.ok && last.current?.plan !== result.value)
    last.current = { plan: result.value, planned: design };
  const shown = useDeferredValue(last.current);
  const [lit, setLit] = useState<Lit>();
  const facts = know.facts(design.pattern.id);
  const style = result.ok ? result.value.style : design.setup.style;
  const asPlanned = useMemo(
    () => (facts && style !== design.setup.style ? withStyle(design, style, facts) : design),
    [design, style, facts],
  );
  const litView = useMemo(() => ({ lit, setLit }), [lit]);
  const benchView = useMemo(
    () => ({
      design,
      asPlanned,
      issues: result.ok || !isReady ? [] : result.issues,
      dispatch: bench.dispatch,
      inStep: bench.inStep,
    }),
    [design, asPlanned, result, bench, isReady],
  );
  return (
    <BenchContext value={benchView}>
      <PlanContext value={isPrinting ? last.current : shown}>
        <LitContext value={litView}>
          <WhyProvider>
            <main className="print:hidden">
              <h1 className="sr-only">{design.name}, on the Bench</h1>
              <Boundary name="The sentence" keys={[design]}>
                <Sentence />
              </Boundary>
              <Hint id="bench-words" className="mx-5 mb-2">
                Every underlined word opens: press it, or type its letter. Start with the weave (K) and the
                colours (1).
              </Hint>
              <Boundary name="The list of problems" keys={[design]}>
                <Issues />
              </Boundary>
              <MixedProgress plan={result.ok ? result.value : undefined} />
              <Boundary name="The Beam" keys={[design]}>
                <Beam view={view} onView={setView} />
              </Boundary>
              <div className="grid gap-x-8 gap-y-5 px-5 py-4 lg:grid-cols-[1fr_21rem]">
                <div className="flex min-w-0 flex-col gap-6">
                  <Boundary name="The cords" keys={[design]}>
                    <Warp />
                  </Boundary>
                  <NextQuestion />
                </div>
                <Boundary name="The card" keys={[design]}>
                  <Card onExport={() => setExporting(true)} />
                </Boundary>
              </div>
              {exporting && (
                <Boundary name="Export" keys={[exporting]}>
                  <Suspense>
                    <ExportDialog view={view} onClose={() => setExporting(false)} />
                  </Suspense>
                </Boundary>
              )}
            </main>
            {isPrinting && Paper && <Paper />}
          </WhyProvider>
        </LitContext>
      </PlanContext>
    </BenchContext>
  );
}

/** Long enough for the first look and the first word to be pressed, sooner than anyone prints. */
const PAPER_AFTER_MS = 1500;

/** The printed card is fetched once the screen stands: it is there when it is printed, without delaying the first look. */
function usePaper(): ComponentType | undefined {
  const [paper, setPaper] = useState<{ readonly Card: ComponentType }>();
  useEffect(() => {
    let isHere = true;
    const timer = setTimeout(() => {
      // Without it only printing is missing; the page itself goes on.
      fetchModule(() => import('./PrintCard.tsx')).then(
        (m) => isHere && setPaper({ Card: m.PrintCard }),
        () => undefined,
      );
    }, PAPER_AFTER_MS);
    return () => {
      isHere = false;
      clearTimeout(timer);
    };
  }, []);
  return paper?.Card;
}

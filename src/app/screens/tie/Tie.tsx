import { Suspense, useCallback, useEffect, useMemo, useState } from 'react';
import { comingUp } from '../../../core/steps/progress.ts';
import { whyText } from '../../../core/why/why.ts';
import { Hint } from '../../help/Hint.tsx';
import { Boundary } from '../../ui/Boundary.tsx';
import { lazily } from '../../ui/lazily.ts';
import { useUnits } from '../../ui/units.tsx';
import { CautionBox } from './CautionBox.tsx';
import { Coming } from './Coming.tsx';
import { Controls } from './Controls.tsx';
import { Counter } from './Counter.tsx';
import { MiniBeam } from './MiniBeam.tsx';
import type { PanelName } from './panels.ts';
import { useTiePrefs } from './prefs.ts';
import { StepPictureView } from './StepPictureView.tsx';
import { StepText } from './StepText.tsx';
import { chime, useAwake, useVoice } from './senses.ts';
import { TieBar } from './TieBar.tsx';
import { hereOf, useHere, usePiece } from './TieContext.tsx';
import { useTieKeys } from './useTieKeys.ts';
import { Warning } from './Warning.tsx';

const CountPanel = lazily(() => import('./CountPanel.tsx'));
const ReachPanel = lazily(() => import('./ReachPanel.tsx'));
const SlipPanel = lazily(() => import('./SlipPanel.tsx'));
const WayPanel = lazily(() => import('./WayPanel.tsx'));
const FinishPanel = lazily(() => import('./FinishPanel.tsx'));

/** One step at a time, readable at arm's length. */
export function Tie() {
  const here = useHere();
  const { store, dispatch } = usePiece();
  const [prefs, changePrefs] = useTiePrefs();
  const [panel, setPanel] = useState<PanelName>();
  const units = useUnits();
  const { step, index, guide, tying } = here;
  const isPaused = tying.progress.since === undefined;
  const unread = (step.cautions ?? []).filter(
    (c) => c.isAsked && !tying.progress.acknowledged.includes(c.id),
  );

  const next = useCallback(() => {
    const now = hereOf(store.getState());
    const { progress } = now.tying;
    if (progress.since === undefined) return dispatch({ type: 'resume', now: Date.now() });
    const asked = (now.step.cautions ?? []).filter((c) => c.isAsked && !progress.acknowledged.includes(c.id));
    if (asked.length > 0) {
      for (const c of asked) dispatch({ type: 'ack', caution: c.id });
      return;
    }
    const to = now.guide.steps[now.index + 1];
    if (to) dispatch({ type: 'go', to: to.id, now: Date.now() });
    else setPanel('finish');
  }, [store, dispatch]);

  const keys = useMemo(
    () => ({
      next,
      back: () => {
        const now = hereOf(store.getState());
        const to = now.guide.steps[now.index - 1];
        if (to) dispatch({ type: 'go', to: to.id, now: Date.now() });
      },
      undo: (rows: number) => dispatch({ type: 'undo', rows, now: Date.now() }),
      pause: () => {
        const { since } = store.getState().tying.progress;
        dispatch({ type: since === undefined ? 'resume' : 'pause', now: Date.now() });
      },
      open: (name: PanelName) => {
        // Where nothing is tied in rows there is nothing to count, to reach or to slip.
        if (name === 'way' || store.getState().guide.tying.length > 0) setPanel(name);
      },
    }),
    [next, store, dispatch],
  );
  useTieKeys(keys, prefs.pedal);
  useAwake(!isPaused);
  const coming = useMemo(() => comingUp(guide.steps, index), [guide, index]);
  const isSoon = coming.some((c) => c.inRows === 3);
  const hasChime = prefs.hasChime;
  useEffect(() => {
    if (!hasChime) return;
    if (step.alert) chime(true);
    else if (isSoon) chime(false);
  }, [hasChime, step.alert, isSoon]);
  const spoken = `${step.title}. ${step.lines.map((l) => whyText(l, units)).join(' ')}`;
  useVoice(spoken, prefs.isSpoken && !isPaused);
  useEffect(() => {
    document.documentElement.classList.toggle('tie-dark', prefs.isDark);
    return () => document.documentElement.classList.remove('tie-dark');
  }, [prefs.isDark]);
  const close = () => setPanel(undefined);

  return (
    <div className="flex min-h-dvh flex-col bg-paper">
      <TieBar onPause={keys.pause} onPanel={setPanel} />
      <main className="flex grow flex-col">
        <div className="grid grow grid-cols-[minmax(0,1fr)] content-start gap-x-6 gap-y-4 px-5 py-4 lg:grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)] lg:grid-rows-[auto_1fr]">
          {step.at && (
            <div className="lg:col-start-2">
              <Counter />
            </div>
          )}
          <div className="flex min-w-0 flex-col gap-3 lg:col-start-1 lg:row-span-2 lg:row-start-1">
            <StepPictureView />
            <MiniBeam />
          </div>
          <div className={`flex min-w-0 flex-col gap-4 lg:col-start-2 ${step.at ? '' : 'lg:row-span-2'}`}>
            <StepText />
            <Hint id="tie-next">Space, → or the big button: next. ←: back. U: undo a row.</Hint>
            <Warning onPanel={setPanel} />
            <Coming />
            <CautionBox />
          </div>
        </div>
      </main>
      <Controls
        keys={keys}
        label={
          isPaused
            ? 'Go on'
            : unread.length > 0
              ? 'I have read this'
              : step.picture?.kind === 'row'
                ? 'Row done'
                : index === guide.steps.length - 1
                  ? 'Finish'
                  : 'Done, next'
        }
        onPanel={setPanel}
      />
      <Boundary name="This panel" keys={[panel]}>
        <Suspense>
          {panel === 'count' && <CountPanel onClose={close} />}
          {panel === 'reach' && <ReachPanel onClose={close} />}
          {panel === 'slip' && <SlipPanel onClose={close} />}
          {panel === 'way' && <WayPanel prefs={prefs} onPrefs={changePrefs} onClose={close} />}
          {panel === 'finish' && <FinishPanel onClose={close} />}
        </Suspense>
      </Boundary>
    </div>
  );
}

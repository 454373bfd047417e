import { Tab, TabGroup, TabList, TabPanel, TabPanels } from '@headlessui/react';
import { Suspense } from 'react';
import { Boundary } from '../../ui/Boundary.tsx';
import { lazily } from '../../ui/lazily.ts';
import { useBench } from './BenchContext.tsx';
import { Schools } from './Schools.tsx';

const ClosuresTable = lazily(() => import('./ClosuresTable.tsx'));
const TriedOnEntry = lazily(() => import('./TriedOnEntry.tsx'));

/** What a maker asks next, one at a time; what is behind a tab is fetched and worked out only when it is opened. */
const QUESTIONS = [
  { id: 'fit', title: 'How long should it be?', part: 'The ways of fitting', Panel: Schools },
  { id: 'closures', title: 'How could it close?', part: 'The comparison of closures', Panel: ClosuresTable },
  { id: 'tried-on', title: 'Tried it on?', part: 'Tried on', Panel: TriedOnEntry },
] as const;

export function NextQuestion() {
  const { design } = useBench();
  return (
    <TabGroup as="section" aria-label="Questions about this piece" className="min-w-0">
      <TabList className="flex flex-wrap gap-1 border-rule border-b">
        {QUESTIONS.map(({ id, title }) => (
          <Tab
            key={id}
            className="-mb-px rounded-t border-transparent border-b-3 px-3 py-1 font-semibold text-ink-soft hover:bg-rule/50 data-selected:border-amber data-selected:text-ink"
          >
            {title}
          </Tab>
        ))}
      </TabList>
      <TabPanels className="pt-3">
        {QUESTIONS.map(({ id, part, Panel }) => (
          <TabPanel key={id}>
            <Boundary name={part} keys={[design]}>
              <Suspense fallback={<p className="text-ink-soft">One moment…</p>}>
                <Panel />
              </Suspense>
            </Boundary>
          </TabPanel>
        ))}
      </TabPanels>
    </TabGroup>
  );
}

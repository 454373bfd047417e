import { useEffect, useState } from 'react';
import { peopleOf, tasksOf } from '../../../core/days/tasks.ts';
import type { StallFigures } from '../../../core/formats/stall.ts';
import type { WorkedLine } from '../../../core/orders/needs.ts';
import { planDaysInWorker } from '../../../workers/outside/days.ts';
import type { DaysMessage } from '../../../workers/protocol.ts';

export interface DaysView {
  /** Nothing before the first plan; while another is made the last one is shown. */
  readonly plan: DaysMessage | undefined;
  readonly problem: string | undefined;
}

/** The plan of the days, made off the page whenever orders or hours change. */
export function useDays(lines: readonly WorkedLine[], figures: StallFigures, today: number): DaysView {
  const [view, setView] = useState<DaysView>({ plan: undefined, problem: undefined });
  useEffect(() => {
    const { result, cancel } = planDaysInWorker({ tasks: tasksOf(lines), people: peopleOf(figures), today });
    let isCurrent = true;
    void result.then((made) => {
      if (!isCurrent) return;
      setView(
        made.ok
          ? { plan: made.value, problem: undefined }
          : { plan: undefined, problem: made.issues[0]!.message },
      );
    });
    return () => {
      isCurrent = false;
      cancel();
    };
  }, [lines, figures, today]);
  return view;
}

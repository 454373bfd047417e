import { chances } from '../../core/days/chance.ts';
import { planDays } from '../../core/days/plan.ts';
import { reliefs } from '../../core/days/relief.ts';
import type { DaysMessage, DaysRequest } from '../protocol.ts';

/** Plans the days, works them through a thousand times, looks for what helps, and ends. */
self.onmessage = ({ data: { tasks, people, today } }: MessageEvent<DaysRequest>) => {
  const planned = planDays(tasks, people, today);
  const sure = chances(people, planned.sequence, today);
  self.postMessage({
    ...planned,
    tasks,
    people,
    chances: sure,
    reliefs: reliefs(people, planned.sequence, today, sure),
  } satisfies DaysMessage);
};

/** So many pieces of one kind for one order: what is put on days. */
export interface Task {
  readonly id: string;
  /** Id of the order that it belongs to, and which of its lines it is. */
  readonly order: string;
  readonly line: number;
  /** For whom, and what. */
  readonly name: string;
  readonly what: string;
  readonly pieces: number;
  readonly minutesEach: number;
  /** 1 easy … 5 hard. */
  readonly difficulty: number;
  /** Cord and weave: between tasks of one kind nothing has to be set up again. */
  readonly kind: string;
  /** Day by which it is wanted; nothing where any will do. */
  readonly due: number | undefined;
  /** Put there by hand: not before this day, or by this person. */
  readonly notBefore?: number;
  readonly person?: string;
}

export interface Person {
  readonly name: string;
  /** Minutes of each day of the week, Monday first. */
  readonly minutes: readonly number[];
  readonly daysOff: ReadonlySet<number>;
  /** The hardest that they tie. */
  readonly hardest: number;
}

/** A stretch of work: one person, one day, part of a task. */
export interface Block {
  readonly task: string;
  readonly person: string;
  /** How many of the task’s pieces this person ties, over all days: fewer than all where helpers share a task. */
  readonly pieces: number;
  readonly day: number;
  /** From the day's first working minute. */
  readonly fromMin: number;
  readonly minutes: number;
}

export interface DayPlan {
  readonly blocks: readonly Block[];
  /** Day on which each task ends; missing where nobody can do it. */
  readonly ends: ReadonlyMap<string, number>;
  /** The latest task: so many days after its due day; negative where all are early, nothing where nothing is due. */
  readonly latestDays: number | undefined;
  /** How often cord or weave changes, over all people. */
  readonly changes: number;
  /** Tasks that nobody can tie, or that find no day within the horizon. */
  readonly left: readonly string[];
}

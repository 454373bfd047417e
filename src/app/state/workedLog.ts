import { type Make, readMake } from '../../core/formats/make.ts';
import { forecastOf, minutesOf, type WorkedLog } from '../../core/log/log.ts';
import { factsOf } from '../../core/patterns/facts.ts';
import type { Knowledge } from '../../core/plan/knowledge.ts';
import type { Database, MakeRecord } from '../../storage/db.ts';
import { listSwatches, listWeaves } from '../../storage/weaves.ts';
import { readLogChoices } from './logChoices.ts';

/** What has been read before, by the record as the store gave it: several look at the same ones. */
const READ = new WeakMap<MakeRecord, Make | null>();

/** Finished pieces that can be read. */
export const readableMakes = (records: readonly MakeRecord[]): Make[] =>
  records.flatMap((r) => {
    let make = READ.get(r);
    if (make === undefined) {
      const read = readMake(r.make);
      make = read.ok ? read.value : null;
      READ.set(r, make);
    }
    return make ? [make] : [];
  });

/** The log, and what it says to plans. */
export interface KeptLog {
  readonly log: WorkedLog;
  readonly learned: NonNullable<Knowledge['learned']>;
  readonly minutes: NonNullable<Knowledge['minutes']>;
}

/**
 * The kept log, worked through off the page as the maker wants it: with what is left out left out, and nothing while it is switched
 * off. Throws where the worker fails, in words.
 */
export async function workKeptLog(
  db: Database,
  records: readonly MakeRecord[],
): Promise<KeptLog | undefined> {
  const choices = await readLogChoices(db);
  if (!choices.isOn) return undefined;
  const [weaves, swatches] = await Promise.all([listWeaves(db), listSwatches(db)]);
  const { workLogInWorker } = await import('../../workers/outside/log.ts');
  const worked = await workLogInWorker({
    makes: readableMakes(records),
    swatches: swatches.good,
    choices,
    own: weaves.good.map(({ id, name, solved }) => ({ id, name, solved: factsOf(solved) })),
  });
  if (!worked.ok) throw new Error(worked.issues[0]!.message);
  const log = worked.value;
  return {
    log,
    learned: (weave, cord) => forecastOf(log, weave, cord),
    minutes: (weave) => minutesOf(log, weave),
  };
}

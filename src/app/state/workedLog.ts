import { type Make, readMake } from '../../core/formats/make.ts';
import { type WorkedLog, workLog } from '../../core/log/log.ts';
import { knowledgeOf } from '../../core/plan/knowledge.ts';
import type { Database, MakeRecord } from '../../storage/db.ts';
import { listSwatches, listWeaves } from '../../storage/weaves.ts';
import { readLogChoices } from './logChoices.ts';

/** Finished pieces that can be read. */
export const readableMakes = (records: readonly MakeRecord[]): Make[] =>
  records.flatMap((r) => {
    const read = readMake(r.make);
    return read.ok ? [read.value] : [];
  });

/** The kept log, worked through as the maker wants it: with what is left out left out, and nothing while it is switched off. */
export async function workKeptLog(
  db: Database,
  records: readonly MakeRecord[],
): Promise<WorkedLog | undefined> {
  const choices = await readLogChoices(db);
  if (!choices.isOn) return undefined;
  const [weaves, swatches] = await Promise.all([listWeaves(db), listSwatches(db)]);
  const know = knowledgeOf(weaves.good, swatches.good, []);
  return workLog(readableMakes(records), swatches.good, new Set(choices.leftOut), know);
}

import { parseDesign } from '../core/formats/design.ts';
import { stepsJson, stepsText } from '../core/formats/steps.ts';
import { plan } from '../core/plan/plan.ts';
import { guideFor } from '../core/steps/list/steps.ts';
import { USUAL_WAY } from '../core/steps/types.ts';
import { knowledgeFor } from './carried.ts';
import { print, printIssues, readText } from './io.ts';

/** Every step of a design; `--text` as a list to tick off, `--right` and `--left-handed` for other hands. */
export function stepsCommand(args: string[]): number {
  const flags = new Set(args.filter((a) => a.startsWith('--')));
  const unknown = [...flags].find((f) => !['--text', '--right', '--left-handed'].includes(f));
  if (unknown) return printIssues([{ code: 'cli.flag', path: unknown, message: 'There is no such option.' }]);
  const text = readText(
    args.find((a) => !a.startsWith('--')),
    'steps FILE.json [--text] [--right] [--left-handed]',
  );
  if (typeof text === 'number') return text;
  const read = parseDesign(text);
  if (!read.ok) return printIssues(read.issues);
  const know = knowledgeFor(read.value);
  if (!know.ok) return printIssues(know.issues);
  const planned = plan(read.value, know.value);
  if (!planned.ok) return printIssues(planned.issues);
  const guide = guideFor(
    read.value,
    planned.value,
    {
      ...USUAL_WAY,
      start: flags.has('--right') ? 'right' : 'left',
      hand: flags.has('--left-handed') ? 'left' : 'right',
    },
    know.value,
  );
  if (!guide.ok) return printIssues(guide.issues);
  if (!flags.has('--text')) return print(stepsJson(read.value, guide.value));
  process.stdout.write(stepsText(read.value, guide.value, 'metric'));
  return 0;
}

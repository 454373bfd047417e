import { parseDesign } from '../core/formats/design.ts';
import { planJson } from '../core/formats/planJson.ts';
import { plan } from '../core/plan/plan.ts';
import { knowledgeFor } from './carried.ts';
import { print, printIssues, readText } from './io.ts';

export function planCommand(args: string[]): number {
  const text = readText(args[0], 'plan FILE.json');
  if (typeof text === 'number') return text;
  const design = parseDesign(text);
  if (!design.ok) return printIssues(design.issues);
  const know = knowledgeFor(design.value);
  if (!know.ok) return printIssues(know.issues);
  const planned = plan(design.value, know.value);
  return planned.ok ? print(planJson(planned.value)) : printIssues(planned.issues);
}

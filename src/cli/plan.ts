import { parseDesign } from '../core/formats/design.ts';
import { planJson } from '../core/formats/planJson.ts';
import { solveCarried } from '../core/patterns/own.ts';
import { LIBRARY_ONLY } from '../core/plan/knowledge.ts';
import { plan } from '../core/plan/plan.ts';
import { ok } from '../core/result.ts';
import { print, printIssues, readText } from './io.ts';

export function planCommand(args: string[]): number {
  const text = readText(args[0], 'plan FILE.json');
  if (typeof text === 'number') return text;
  const design = parseDesign(text);
  if (!design.ok) return printIssues(design.issues);
  const carried = LIBRARY_ONLY.facts(design.value.pattern.id) ? ok(undefined) : solveCarried(design.value);
  if (!carried.ok) return printIssues(carried.issues);
  const own = carried.value;
  const planned = plan(
    design.value,
    own ? { ...LIBRARY_ONLY, facts: (id) => (id === own.id ? own : LIBRARY_ONLY.facts(id)) } : LIBRARY_ONLY,
  );
  return planned.ok ? print(planJson(planned.value)) : printIssues(planned.issues);
}

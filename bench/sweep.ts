/**
 * Every product × closure × weave × set-up × size, planned: counts what is planned, what is refused and why, and what the
 * plan's last look catches (our defects, none allowed).   node --import tsx bench/sweep.ts
 */
import { CLOSURES } from '../src/core/closures/index.ts';
import { offeredFor } from '../src/core/closures/offered.ts';
import type { Closure } from '../src/core/closures/types.ts';
import { CORDS } from '../src/core/cord/cords.ts';
import { PRODUCTS } from '../src/core/fit/products.ts';
import type { Design } from '../src/core/formats/design.gen.ts';
import { readDesign } from '../src/core/formats/design.ts';
import { solvedFacts, WEAVES } from '../src/core/patterns/index.ts';
import { adapt, asProduct } from '../src/core/plan/adapt.ts';
import { LIBRARY_ONLY } from '../src/core/plan/knowledge.ts';
import { plan } from '../src/core/plan/plan.ts';
import { STYLES, type Style } from '../src/core/plan/setups/index.ts';

const BASE: Design = {
  format: 'warp-beam/design',
  version: 2,
  name: 'Sweep',
  product: 'bracelet',
  wearer: { name: 'Ines', girthMm: 165 },
  ease: { school: 'thickness', slackMm: 8 },
  pattern: { id: 'solomon-bar' },
  cord: 'nylon-4',
  setup: { style: 'folded' },
  cords: [{ colour: 'dusk' }],
  closure: { kind: 'side-release' },
};
const EASES: Design['ease'][] = [
  { school: 'thickness', slackMm: 8 },
  { school: 'fingers', fingers: 2 },
  { school: 'fingers', fingers: 4, fingerMm: 40 },
];

const tally = { tried: 0, planned: 0, refused: 0, defects: 0, thrown: 0 };
const reasons = new Map<string, number>();
const defects = new Map<string, { count: number; example: string }>();

function count(design: Design, what: string): void {
  tally.tried++;
  try {
    if (!readDesign(design).ok) throw new Error(JSON.stringify(readDesign(design)));
    const made = plan(design);
    if (made.ok) {
      tally.planned++;
      return;
    }
    const issue = made.issues[0]!;
    if (issue.code === 'plan.defect') {
      tally.defects++;
      const words = issue.message.replace(/-?\d+(\.\d+)?/g, '#');
      const known = defects.get(words);
      defects.set(words, {
        count: (known?.count ?? 0) + 1,
        example: known?.example ?? `${what}: ${issue.message}`,
      });
      return;
    }
    tally.refused++;
    reasons.set(issue.code, (reasons.get(issue.code) ?? 0) + 1);
  } catch (error) {
    tally.thrown++;
    if (tally.thrown < 5) console.log('thrown', what, error);
  }
}

/** Another setting of the closure's options for every combination: the usual ones, each choice, and the ends of each range. */
function optionsAt(closure: Closure, n: number): Partial<Design['closure']> {
  return Object.fromEntries(
    closure.options.flatMap((option, i): [string, unknown][] => {
      const turn = Math.floor(n / 97 / (i + 1) ** 2);
      if (turn % 3 === 0) return [];
      if ('choices' in option) return [[option.key, option.choices[turn % option.choices.length]!.value]];
      return [[option.key, turn % 2 === 0 ? option.leastMm : option.mostMm]];
    }),
  );
}

/** Every how-manieth combination is planned: `--every 1` for all (half an hour), a minute's worth by default. */
const at = process.argv.indexOf('--every');
const EVERY = at < 0 ? 97 : Number(process.argv[at + 1]);

let number = 0;
for (const product of PRODUCTS) {
  const { leastMm, mostMm, usualMm } = product.girth;
  for (const closure of CLOSURES.filter((c) => offeredFor(product).includes(c.id)))
    for (const weave of WEAVES)
      for (const style of Object.keys(STYLES) as Style[])
        for (const girthMm of [leastMm, leastMm + 4, (leastMm + usualMm) / 2, usualMm, mostMm])
          for (const cord of CORDS)
            for (const ease of EASES)
              for (const isAdapted of [false, true]) {
                if (number++ % EVERY !== 0) continue;
                const cords = STYLES[style].cords(solvedFacts(weave.id)!);
                const asked: Design = {
                  ...asProduct(BASE, product.id, LIBRARY_ONLY),
                  wearer: { name: 'Ines', girthMm },
                  ease,
                  pattern: { id: weave.id },
                  cord: cord.id,
                  closure: { kind: closure.id, ...optionsAt(closure, number) },
                  setup: { style },
                  cords: [{ colour: 'dusk' }, { colour: 'ember' }].slice(0, cords),
                };
                const what = [product.id, closure.id, weave.id, style, girthMm, cord.id, ease.school].join(
                  ' ',
                );
                count(isAdapted ? adapt(asked, {}, LIBRARY_ONLY) : asked, what);
              }
}
console.log(number, 'combinations, one in', EVERY);
console.log(tally);
console.log(Object.fromEntries(reasons));
for (const { count: n, example } of [...defects.values()].sort((a, b) => b.count - a.count).slice(0, 40))
  console.log(n, example);
process.exitCode = tally.defects + tally.thrown > 0 ? 1 : 0;

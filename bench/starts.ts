/**
 * A thousand seeded starts over the library, or over the patterns that are named: counts solves in which strands passed, or
 * the knot changed.   node --import tsx bench/starts.ts [1000] [snake,laced-bar]
 */
import { PATTERN_SOURCES } from '../src/core/patterns/sources.ts';
import { DEFAULTS, tighten } from '../src/core/tighten/run.ts';

const wanted = Number(process.argv[2] ?? 1000);
const only = process.argv[3]?.split(',');
const patterns = PATTERN_SOURCES.filter((p) => !p.isStraight && (!only || only.includes(p.id)));
let [done, refused] = [0, 0];
for (let seed = 1; done < wanted; seed++) {
  for (const pattern of patterns) {
    if (done++ >= wanted) break;
    const tight = tighten(pattern.draw(), {
      ...DEFAULTS,
      h: 0.4,
      seed,
      squash: pattern.squash,
      load: pattern.load,
    });
    if (tight.ok) continue;
    refused++;
    console.log(`${pattern.id}, seed ${seed}: ${tight.issues[0]!.code}`);
  }
}
console.log(`${wanted} starts, ${refused} refused because a strand passed or may have`);

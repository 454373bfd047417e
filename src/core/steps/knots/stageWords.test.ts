import { describe, expect, it } from 'vitest';
import { findCrossings } from '../../weave/crossings.ts';
import { parse } from '../../weave/parse.ts';
import type { KnotStage, KnotTying, Meet } from './stages.ts';
import { stageWords } from './stageWords.ts';

const read = parse(`open square
work S: 0,0 10,0 10,-10 0,-10 0,-4 4,0
`);
if (!read.ok) throw new Error(read.issues[0]!.message);
const spec = read.value;
const [crossing] = (() => {
  const found = findCrossings(
    (() => {
      const crossed = parse('open cross\ncore C1: 0,-9 0,9\nwork S: -7,0 7,0 | O\n');
      if (!crossed.ok) throw new Error('cross');
      return crossed.value;
    })(),
  );
  return found.ok ? found.value : [];
})();

type Said = readonly [over: 'over' | 'under', what: Meet['what'], stage?: number];
const meets = (...list: readonly Said[]): Meet[] =>
  list.map(([over, what, stage = 0]) => ({
    crossing: crossing!,
    isOver: over === 'over',
    what,
    strand: 0,
    stage,
  }));
const stage = (from: number, to: number, list: readonly Meet[] = [], strands = [0]): KnotStage => ({
  strands,
  from,
  to,
  meets: list,
});
const LAID = stage(-1, 0);
/** The words of the last of these stages, after the cord was laid. */
const lastOf = (stages: readonly KnotStage[], inside: readonly number[] = []): string =>
  stageWords({ spec, crossings: [], inside, stages: [LAID, ...stages] } as KnotTying, stages.length);

describe('the words of a stage, by hand', () => {
  it('say where the end comes to: the longer way of across and along, and neither for a short one', () => {
    expect(lastOf([stage(0, 1)])).toBe('Lead the end to the right, past everything.');
    expect(lastOf([stage(1, 2)])).toBe('Lead the end downwards, past everything.');
    expect(lastOf([stage(2, 3)])).toBe('Lead the end to the left, past everything.');
    expect(lastOf([stage(3, 4)])).toBe('Lead the end upwards, past everything.');
    // As far across as along: from (0, −4) to (4, 0).
    expect(lastOf([stage(4, 5)])).toBe('Lead the end upwards, past everything.');
    // From (8, 0) to (9.4, 0) are 1.4 cords: it goes round where it is; 1.6 are a way.
    expect(lastOf([stage(0.8, 0.94)])).toBe('Lead the end round, past everything.');
    expect(lastOf([stage(0.8, 0.96)])).toBe('Lead the end to the right, past everything.');
  });

  it('name what is passed: the standing part, the turn of a stage, its own way, another cord', () => {
    const here = meets(['over', 'own', 0], ['under', 'own', 1], ['over', 'own', 2], ['under', 'other']);
    expect(lastOf([stage(0, 1), stage(1, 2, here)])).toBe(
      'Lead the end downwards: over the standing part, under the turn of 2, over the way it has just come, then under the first cord.',
    );
  });

  it('say the same thing several times over once, with how often', () => {
    expect(lastOf([stage(0, 1, meets(['over', 'other'], ['over', 'other']))])).toContain(
      'over the first cord twice.',
    );
    expect(lastOf([stage(0, 1, meets(['over', 'other'], ['over', 'other'], ['over', 'other']))])).toContain(
      'over the first cord 3 times.',
    );
    // Two cords inside are passed in one: four crossings are two passes.
    const inside = meets(['over', 'inside'], ['over', 'inside'], ['over', 'inside'], ['over', 'inside']);
    expect(lastOf([stage(0, 1, inside)], [1, 2])).toContain('over all the cords inside twice.');
    expect(lastOf([stage(0, 1, inside.slice(0, 2))], [1, 2])).toContain('over all the cords inside.');
    expect(lastOf([stage(0, 1, inside.slice(0, 2))], [1])).toContain('over the cord inside twice.');
    // Two cords that move together cross a turn of theirs four times in one pass.
    const own = meets(['over', 'own', 1], ['over', 'own', 1], ['over', 'own', 1], ['over', 'own', 1]);
    expect(lastOf([stage(0, 1, [], [0, 1]), stage(1, 2, own, [0, 1])])).toBe(
      'Lead both ends together downwards: over the turn of 2.',
    );
  });

  it('say “it” where the same thing is passed again on its other side', () => {
    expect(lastOf([stage(0, 1, meets(['over', 'other'], ['under', 'other']))])).toContain(
      'over the first cord, then under it.',
    );
  });

  it('go through three turns or more in one; two are named, and the standing part is none', () => {
    const turns = [stage(0, 1), stage(1, 2), stage(2, 3)];
    const three = meets(['over', 'own', 1], ['under', 'own', 2], ['over', 'own', 3]);
    expect(lastOf([...turns, stage(3, 4, three)])).toBe('Lead the end upwards: through the turns of 2 to 4.');
    expect(lastOf([...turns, stage(3, 4, three.slice(0, 2))])).toBe(
      'Lead the end upwards: over the turn of 2, then under the turn of 3.',
    );
    const standing = meets(['over', 'own', 0], ['under', 'own', 2], ['over', 'own', 3]);
    expect(lastOf([...turns, stage(3, 4, standing)])).toBe(
      'Lead the end upwards: over the standing part, under the turn of 3, then over the turn of 4.',
    );
    // Its own way of just now is no turn yet.
    const own = meets(['over', 'own', 2], ['under', 'own', 3], ['over', 'own', 4]);
    expect(lastOf([...turns, stage(3, 4, own)])).toContain('then over the way it has just come.');
  });
});

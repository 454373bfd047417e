import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { parseDesign } from '../../formats/design.ts';
import { plan } from '../../plan/plan.ts';
import type { Plan } from '../../plan/types.ts';
import { len, whyText } from '../../why/why.ts';
import { setUpSteps } from './setUp.ts';

function example(name: string, change: (plan: Plan) => Plan = (p) => p) {
  const read = parseDesign(readFileSync(`examples/${name}.json`, 'utf8'));
  const made = read.ok ? plan(read.value) : undefined;
  if (!read.ok || !made?.ok) throw new Error(name);
  return { design: read.value, plan: change(made.value) };
}

const lines = (name: string, id: string, isMirrored = false, change?: (plan: Plan) => Plan) => {
  const { design, plan: made } = example(name, change);
  const step = setUpSteps(design, made, 0, isMirrored).find((s) => s.id.startsWith(id));
  return step?.lines.map((l) => whyText(l)) ?? [];
};
/** The letters in the order in which they lie on the bar. */
const onBar = (name: string, isMirrored: boolean) =>
  lines(name, 'start', isMirrored).flatMap((l) => l.match(/^\d from the left: (\S+),/)?.[1] ?? []);

describe('setting up', () => {
  it('lays cords on the bar as the work hangs: the first one at the right, and mirrored at the left', () => {
    expect(onBar('lin-horizon-cuff', false)).toEqual(['A3', 'A2', 'A1']);
    expect(onBar('lin-horizon-cuff', true)).toEqual(['A1', 'A2', 'A3']);
    expect(onBar('halley-collar', false)).toEqual(['B2', 'B1']);
    // One cord alone has no place to be told.
    expect(onBar('pavel-first-band', false)).toEqual([]);
    expect(lines('pavel-first-band', 'start')[0]).toMatch(/^A, Sodium: /);
  });

  it('says nowhere else which cord lies at the left', () => {
    const { design, plan: made } = example('lin-horizon-cuff');
    for (const step of setUpSteps(design, made, 0))
      for (const line of step.lines)
        if (!step.id.startsWith('start')) expect(whyText(line)).not.toMatch(/left/);
    for (const c of made.cords) expect(c.role).not.toMatch(/first|second|third|left/);
  });

  it('finds a middle from either end, and a fold elsewhere from the first end', () => {
    const at = (mm: number) => (p: Plan) => ({
      ...p,
      cords: p.cords.map((c) => ({
        ...c,
        marks: c.marks.map((m) => ({ ...m, atMm: c.cutLengthMm / 2 + mm })),
      })),
    });
    expect(lines('pavel-first-band', 'fold', false, at(0.9))[0]).toContain('from either end');
    expect(lines('pavel-first-band', 'fold', false, at(-0.9))[0]).toContain('from either end');
    expect(lines('pavel-first-band', 'fold', false, at(1.1))[0]).toContain(
      'from its first end, not at its middle',
    );
    expect(lines('pavel-first-band', 'fold', false, at(-1.1))[0]).toContain('from its first end');
  });

  it('joins cords only where two ends are marked for it', () => {
    expect(lines('ines-dome-night', 'fold')[0]).toBe(
      'Join A and B end to end at their marked ends, and let the join go cold.',
    );
    expect(lines('halley-collar', 'fold').join(' ')).not.toContain('Join');
    const alone = (p: Plan) => ({ ...p, cords: p.cords.filter((c) => c.letter === 'A') });
    expect(lines('ines-dome-night', 'fold', false, alone).join(' ')).not.toContain('Join');
  });

  it('names the band only where there are several', () => {
    const titles = (name: string) => {
      const { design, plan: made } = example(name);
      return made.bands.flatMap((_, b) => setUpSteps(design, made, b).map((s) => s.title));
    };
    expect(titles('pavel-first-band')).toContain('Find the middles');
    const strap = example('pavel-night-watch-strap').plan.bands.map((b) => b.name);
    for (const title of titles('pavel-night-watch-strap'))
      expect(
        strap.some((name) => title.startsWith(`${name}: `)),
        title,
      ).toBe(true);
  });

  it('holds the work by a jig, by tape and mark, or in the hand, each to where the weave ends', () => {
    const hold = (name: string, way?: 'hand' | 'tape' | 'jig') => {
      const { design, plan: made } = example(name);
      const held = { ...design, setup: { ...design.setup, ...(way ? { hold: way } : {}) } };
      const step = setUpSteps(held, made, 0).find((s) => s.id.startsWith('hold'))!;
      const far = made.bands[0]!.startMm + made.bands[0]!.wovenMm;
      return {
        title: step.title,
        text: step.lines.map((l) => whyText(l)).join(' '),
        far: whyText([len(far)]),
      };
    };
    const hand = hold('pavel-first-band', 'hand');
    expect(hand.title).toBe('In the hand');
    expect(hand.text).toContain(`From the first bar to the end of the weave it will be ${hand.far}.`);
    const tape = hold('pavel-first-band', 'tape');
    expect(tape.title).toBe('Lay the tape');
    expect(tape.text).toContain(`stick a mark at ${tape.far}: there the weave ends`);
    // As nothing was chosen, it is the jig; of a strap in two halves each is set to its own weave.
    expect(hold('pavel-first-band')).toEqual(hold('pavel-first-band', 'jig'));
    expect(hold('pavel-first-band').title).toBe('Set the jig');
    const strap = hold('pavel-night-watch-strap');
    expect(strap.text).toBe(
      `Set the pegs so that there are ${strap.far} from the bar to the end of the weave.`,
    );
  });

  it('lays the fold over the bar where there is one, and else it is where the piece begins', () => {
    const looks = (name: string) => {
      const { design, plan: made } = example(name);
      return setUpSteps(design, made, 0).flatMap((s) => (s.id.startsWith('fold') ? [whyText(s.look!)] : []));
    };
    expect(looks('pavel-first-band')).toEqual(['The fold goes over the first bar.']);
    expect(looks('okoro-cinch-band')).toEqual(['The fold is the beginning of the piece.']);
  });

  it('leaves standing as the loop only what the loop is of', () => {
    // The cores’ cord is the loop; the working cord begins behind them.
    const { plan: made } = example('okoro-cinch-band');
    const loop = made.cords.filter((c) => c.parts.some((x) => x.what === 'closure')).map((c) => c.letter);
    expect(loop).toHaveLength(1);
    expect(lines('okoro-cinch-band', 'start')[0]).toContain(`Leave the fold of ${loop[0]} standing`);
  });

  it('runs cores along only where a cord has them from the first bar on', () => {
    expect(lines('okoro-guide-band', 'cores')[0]).toBe(
      'Lay B straight along as cores, pulled as tight as you mean to keep them.',
    );
    expect(lines('okoro-guide-band', 'cores')[1]).toContain('Put the middle of A behind the cores');
    // One folded cord runs to the other bar and back.
    expect(lines('pavel-first-band', 'cores')[0]).toContain('from behind over its bar, and bring them back');
    expect(lines('lin-four-strand-braid', 'cores')).toEqual([]);
    // Side by side every cord lies there already.
    expect(lines('lin-horizon-cuff', 'cores')).toHaveLength(1);
  });
});

import { describe, expect, it } from 'vitest';
import { whyText } from '../why/why.ts';
import { planned } from './testing/onTheEdge.ts';

const withSlack = (slackMm: number) =>
  planned({ ease: { school: 'thickness', slackMm }, sequence: { text: '6A 40B' } });

describe('colours that don’t read the same from both ends', () => {
  it('are offered one row more where their number is odd, one fewer where it is even, and it is one', () => {
    const seen = new Set<number>();
    for (let slackMm = 4; slackMm < 24; slackMm += 1) {
      const p = withSlack(slackMm);
      const check = p.checks.find((c) => c.id === 'sequence.even')!;
      const isOdd = p.rows % 2 === 1;
      // Taste, not fit: nothing fails.
      expect(check.ok).toBe(true);
      expect(whyText(check.fix!.label)).toBe(isOdd ? 'one row more' : 'one row fewer');
      expect(whyText(check.message).includes('have a middle row')).toBe(isOdd);
      const { slackMm: after } = check.fix!.patch.ease as { slackMm: number };
      expect(withSlack(after).rows - p.rows).toBe(isOdd ? 1 : -1);
      seen.add(p.rows % 2);
    }
    expect(seen.size).toBe(2);
  });
});

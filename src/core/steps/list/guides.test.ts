import { describe, expect, it } from 'vitest';
import type { Design } from '../../formats/design.gen.ts';
import { adapt, asProduct } from '../../plan/adapt.ts';
import { LIBRARY_ONLY } from '../../plan/knowledge.ts';
import { plan } from '../../plan/plan.ts';
import { BASE, PLAIN, planned } from '../../plan/testing/onTheEdge.ts';
import { whyText } from '../../why/why.ts';
import { USUAL_WAY } from '../types.ts';
import { BLADE, HEAT, LOAD, SLIDING_TAIL, SMALL, SPRING_BAR } from './cautions.ts';
import { guideFor } from './steps.ts';

/** Every step of the bracelet with some parts replaced. */
function stepsOf(changes: Partial<Design> = {}) {
  const guide = guideFor({ ...BASE, ...changes }, planned(changes), USUAL_WAY);
  if (!guide.ok) throw new Error(guide.issues[0]!.message);
  return guide.value.steps;
}

describe('what is looked at before it is given away', () => {
  it('is the loop over its knot or its bead, only where there are both', () => {
    const looksAt = (changes: Partial<Design>) => {
      const lines = stepsOf(changes)
        .flatMap((s) => s.lines)
        .map((l) => whyText(l));
      return lines.filter((l) => l.startsWith('The loop goes over its')).map((l) => l.split(' ')[5]);
    };
    expect(looksAt({ closure: { kind: 'knot-loop' } })).toEqual(['knot']);
    expect(looksAt({ ...PLAIN, closure: { kind: 'bead' } })).toEqual(['bead']);
    expect(looksAt({})).toEqual([]);
    expect(looksAt({ ...PLAIN, closure: { kind: 'double-sliding' } })).toEqual([]);
  });
});

describe('everything on the table before the first cut', () => {
  it('is the hardware and the add-ons on one line, where there are any', () => {
    const laid = (changes: Partial<Design>) => {
      return stepsOf(changes)[0]!.lines.map((l) => whyText(l));
    };
    const bead: Design['addons'] = [{ kind: 'bead', at: { centre: true } }];
    const [start, end] = [planned().bands[0]!.start.name, planned().bands[0]!.end.name];
    expect(laid({})).toContain(`${start}, ${end}`);
    expect(laid({ addons: bead })).toContain(`${start}, ${end}, bead`);
    // Two halves of a buckle and two beads.
    expect(
      laid({
        addons: [
          { kind: 'bead', at: { row: 5 } },
          { kind: 'bead', at: { row: 20 } },
        ],
      }),
    ).toContain(`${start}, ${end}, bead, bead`);
    const tied = laid({ ...PLAIN, closure: { kind: 'double-sliding' } });
    expect(tied).toHaveLength(3);
    expect(
      laid({
        ...PLAIN,
        closure: { kind: 'double-sliding' },
        addons: [{ kind: 'charm', at: { centre: true } }],
      })[1],
    ).toBe('charm');
    expect(laid({})).toHaveLength(4);
    expect(tied[1]).toBe('scissors or a knife on a mat, a tape or ruler, a lighter, a fid or blunt needle');
  });
});

describe('a cord that the closure needs besides', () => {
  it('is worked in at the end, but a slider’s, which is tied then', () => {
    const workedIn = (closure: Design['closure'], changes: Partial<Design> = PLAIN) => {
      return stepsOf({ ...changes, closure }).filter((s) => s.id.startsWith('extra-')).length;
    };
    expect(workedIn({ kind: 'slider' })).toBe(0);
    expect(workedIn({ kind: 'cinch' })).toBe(0);
    expect(workedIn({ kind: 'cinch', start: 'piece' })).toBe(1);
  });
});

describe('cautions', () => {
  it('of heat and of blades are asked for once; the others are read where they matter', () => {
    const asked = [HEAT, BLADE, SMALL, LOAD, SPRING_BAR, SLIDING_TAIL].map((c) => `${c.id}: ${c.isAsked}`);
    expect(asked).toEqual([
      'heat: true',
      'blade: true',
      'small parts: false',
      'load: false',
      'spring bar: false',
      'sliding tail: false',
    ]);
  });

  it('ends that melt are cut to stubs of 3 to 6 mm', () => {
    const seal = stepsOf().find((s) => s.id === 'seal')!;
    expect(whyText(seal.lines[0]!)).toContain('to stubs of 3 to 6 mm');
  });
});

describe('how large it is, looked at before it is given away', () => {
  it('open and closed where it opens, closed alone where it opens flat', () => {
    const sizes = (changes: Partial<Design>) => {
      const lines = stepsOf(changes)
        .find((s) => s.id === 'inspect')!
        .lines.map((l) => whyText(l));
      return lines.filter((l) => l.includes('goes round'));
    };
    // A wrist of 170 and 8 mm of slack; a hand of 200 and 10 to spare.
    expect(sizes({})).toEqual(['Closed, its inside goes round 17.8 cm.']);
    expect(sizes({ ...PLAIN, closure: { kind: 'double-sliding' } })).toEqual([
      'Open, it goes round 21.0 cm; closed, 17.8 cm.',
    ]);
  });
});

describe('a strap in two halves that is gone over twice', () => {
  it('goes on with the cords of its own half, each time it is turned round', () => {
    const design = adapt(
      asProduct({ ...BASE, pattern: { id: 'double-bar' } }, 'watch-two-piece', LIBRARY_ONLY),
      {},
      LIBRARY_ONLY,
    );
    const p = plan(design);
    if (!p.ok) throw new Error(p.issues[0]!.message);
    const guide = guideFor(design, p.value, USUAL_WAY);
    if (!guide.ok) throw new Error('guide');
    const turns = guide.value.steps.filter((s) => s.alert === 'turn it round');
    expect(turns.map((s) => s.at!.band)).toEqual([0, 1]);
    // The cord of the outer pass of each half: A2 of the first, A2 of the second.
    expect(turns.map((s) => whyText(s.lines[0]!).split(' behind')[0])).toEqual([
      'Put the middle of A2.1',
      'Put the middle of A2.2',
    ]);
  });
});

describe('focal knots', () => {
  it('are tied from the first end on, in whatever order they were chosen', () => {
    const addons: Design['addons'] = [
      { kind: 'knot', knot: 'overhand-two', at: { mm: 120 } },
      { kind: 'knot', knot: 'overhand-two', at: { mm: 60 } },
    ];
    const changes = { ...PLAIN, closure: { kind: 'double-sliding' }, addons };
    const places = stepsOf(changes).flatMap((s) => (s.id.startsWith('addon-') ? [whyText(s.lines[0]!)] : []));
    expect(places.map((text) => / comes ([\d.]+ \w+) from/.exec(text)![1])).toEqual(['60 mm', '12.0 cm']);
  });
});

describe('a ring that slips on', () => {
  it('ends with its cords turned back and tucked', () => {
    const changes = {
      pattern: { id: 'flat-braid-4' },
      cords: [{ colour: 'dusk' }],
      closure: { kind: 'slip-on' },
    };
    const tucked = stepsOf(changes).filter((s) =>
      s.lines.some((l) => whyText(l).startsWith('Turn every cord back')),
    );
    expect(tucked.map((s) => s.title)).toEqual(['Tucked end']);
  });
});

describe('ends that do not melt', () => {
  it('are snipped and bound, be they of one cord or of several; those of nylon are sealed', () => {
    const ends = (changes: Partial<Design>) => {
      return stepsOf(changes).flatMap((s) =>
        s.title === 'Snip and bind' ? ['bind'] : s.id === 'seal' ? ['seal'] : [],
      );
    };
    const folded = { setup: { style: 'folded' as const }, cords: [{ colour: 'dusk' }] };
    expect(ends({ cord: 'cotton-4', ...folded })).toEqual(['bind']);
    expect(ends({ cord: 'cotton-4' })).toEqual(['bind']);
    expect(ends(folded)).toEqual(['seal']);
  });
});

describe('the ends of one cord', () => {
  it('are brought inside as those of several are', () => {
    for (const changes of [{}, { setup: { style: 'folded' as const }, cords: [{ colour: 'dusk' }] }]) {
      const steps = stepsOf(changes);
      expect(steps.filter((s) => s.id === 'tuck')).toHaveLength(1);
    }
  });
});

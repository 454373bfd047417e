import { describe, expect, it } from 'vitest';
import type { Design } from '../formats/design.gen.ts';
import { plan } from './plan.ts';
import { BASE } from './testing/onTheEdge.ts';

/** Why a design is refused: the place and the words; nothing where it is planned. */
const refused = (changes: Partial<Design>) => {
  const made = plan({ ...BASE, ...changes });
  return made.ok ? [] : made.issues.map((i) => `${i.path}: ${i.message}`);
};

describe('numbers that may be typed for a cut', () => {
  it.each([
    ['tailMm', 0, 1000, 1],
    ['roundToMm', 1, 500, 0.5],
  ] as const)('%s: from %d to %d mm', (key, least, most, step) => {
    expect(refused({ [key]: least })).toEqual([]);
    expect(refused({ [key]: most })).toEqual([]);
    expect(refused({ [key]: least - step })).toHaveLength(1);
    expect(refused({ [key]: most + step })[0]).toMatch(new RegExp(`^/${key}: The .* measures between`));
  });

  it('below ten centimetres are shown in millimetres, others in centimetres, with inches beside both', () => {
    // 500 mm is 19.69 in, 1 mm is 0.039 in: to an eighth where bodies are measured, to a 32nd for what is small.
    expect(refused({ roundToMm: 501 })[0]).toBe(
      '/roundToMm: The rounding step for cuts measures between 1 mm (1/32 in) and 50.0 cm (19 5/8 in), not 50.1 cm.',
    );
    expect(refused({ roundToMm: 0.5 })[0]).toContain('not 0.5 mm');
    // From ten centimetres on a body is measured, as an ankle is.
    expect(refused({ product: 'anklet', wearer: { name: 'Lin', girthMm: 90 } })[0]).toMatch(
      /between 10\.0 cm \(.*\) and 45\.0 cm .* not 90 mm\.$/,
    );
  });
});

describe('what there is not', () => {
  it('is named where it stands: a product, a closure, a weave, a cord; a closure that the product can’t use, too', () => {
    expect(refused({ product: 'hat' as never })[0]).toMatch(/^\/product: /);
    expect(refused({ closure: { kind: 'nothing' } })[0]).toMatch(/^\/closure\/kind: /);
    expect(refused({ pattern: { id: 'nothing' } })[0]).toMatch(/^\/pattern\/id: /);
    expect(refused({ cord: 'nothing' })[0]).toMatch(/^\/cord: /);
    expect(refused({ closure: { kind: 'open-cuff' } })).toEqual([
      '/closure/kind: A bracelet can’t use an open cuff.',
    ]);
    // Both at once are both said.
    expect(refused({ product: 'hat' as never, closure: { kind: 'nothing' } })).toHaveLength(2);
  });
});

describe('nothing left to weave', () => {
  const nothing = (changes: Partial<Design>) => refused(changes)[0];

  it('is said of a buckle as long as the band, where its size is chosen', () => {
    expect(
      nothing({ wearer: { name: 'Lin', girthMm: 100 }, closure: { kind: 'side-release', lengthMm: 150 } }),
    ).toBe(
      '/closure/sizeMm: The buckle is as long as the whole band: nothing is left to weave. Choose a smaller buckle, or check its measured length.',
    );
  });

  it('is said of a band that opens too wide, and of a loop that takes it all', () => {
    const plain = { pattern: { id: 'plain-band-2' }, cords: [{ colour: 'dusk' }] };
    expect(nothing({ ...plain, closure: { kind: 'double-sliding', openMm: 1000 } })).toMatch(
      /^\/closure: Opening that wide leaves nothing to weave between the ends\./,
    );
    expect(
      nothing({
        ...plain,
        wearer: { name: 'Lin', girthMm: 100 },
        closure: { kind: 'knot-loop', lengthMm: 120 },
      }),
    ).toMatch(/^\/closure: The knot and loop takes the whole length: nothing is left to weave\./);
  });

  it('is said of a strap in two halves of a long case', () => {
    const strap = {
      product: 'watch-two-piece',
      wearer: { name: 'Lin', girthMm: 100 },
      closure: { kind: 'side-release', lengthMm: 100 },
      measures: { lug: 24, lugToLug: 80, gap: 4, springBar: 1.5 },
    } as Partial<Design>;
    expect(nothing(strap)).toMatch(/^\/closure\/sizeMm: Case and buckle are as long as the whole strap/);
  });
});

describe('strands that are given cords of their own', () => {
  const given = (strands: Record<string, number>, changes: Partial<Design> = {}) =>
    refused({ ...changes, setup: { style: 'separate', strands } });

  it('exist, have cords that exist, and use all of them', () => {
    expect(given({})).toEqual([]);
    expect(given({ Z: 0 })[0]).toMatch(/^\/setup\/strands\/Z: This weave has no strand “Z”; it has /);
    const [key] = /it has ([^,.]+)/.exec(given({ Z: 0 })[0]!)!.slice(1);
    // Two cords are called A and B: the second is there, the third is not.
    expect(given({ [key!]: 1 }).join()).not.toContain('There is no cord');
    expect(given({ [key!]: 2 })[0]).toBe(
      `/setup/strands/${key!.replace('/', '~1')}: There is no cord C here, only 2.`,
    );
    const three = [{ colour: 'ember' }, { colour: 'dusk' }, { colour: 'aurora' }];
    expect(given({}, { cords: three })).toEqual(['/cords/2: Cord C is not used by any strand.']);
    // Where there is one cord only, cores are of it, too.
    expect(given({}, { cords: [{ colour: 'ember' }] })).toEqual([]);
  });

  it('need separate cords, as a sequence of colours does', () => {
    const folded = { setup: { style: 'folded' }, cords: [{ colour: 'dusk' }] } as Partial<Design>;
    expect(refused(folded)).toEqual([]);
    expect(refused({ ...folded, setup: { style: 'folded', strands: {} } })).toEqual([
      '/setup/strands: You can choose a cord for each strand only when the cords are separate.',
    ]);
    const sequence = { text: '4A 4B' };
    expect(refused({ sequence })).toEqual([]);
    expect(refused({ ...folded, sequence })[0]).toMatch(/^\/sequence: Colours can change/);
    expect(refused({ sequence, setup: { style: 'separate', strands: {} } })[0]).toMatch(
      /^\/sequence: Colours can change/,
    );
  });

  it('are as many as the set-up uses; a sequence may bring more, but one cord alone changes nothing', () => {
    const one = { cords: [{ colour: 'dusk' }] };
    const three = { cords: [{ colour: 'ember' }, { colour: 'dusk' }, { colour: 'aurora' }] };
    expect(refused(one)).toEqual(['/cords: This set-up uses 2 cords, not 1.']);
    expect(refused({ ...three, setup: { style: 'folded' } })).toEqual([
      '/cords: This set-up uses one cord, not 3.',
    ]);
    expect(refused({ ...three, sequence: { text: '4A 4B 4C' } })).toEqual([]);
  });
});

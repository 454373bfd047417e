import { describe, expect, it } from 'vitest';
import type { Design } from '../../core/formats/design.ts';
import { newDesign } from '../state/newDesign.ts';
import { finds, nameFirst } from '../ui/find.ts';
import { girthIn } from './commands.ts';

const bracelet: Design = newDesign('Typed');

describe('a size typed in the command box', () => {
  it.each([
    ['wrist 17.5', 'metric', 175],
    ['Wrist 17,5 cm', 'metric', 175],
    ['w 182', 'metric', 182],
    ['6 3/4 in', 'metric', 171.45],
    ['6 3/4', 'imperial', 171.45],
    ['wrist 7', 'imperial', 177.8],
    ['girth 165 mm', 'metric', 165],
  ] as const)('“%s” in %s is %d mm', (text, units, mm) =>
    expect(girthIn(text, bracelet, units)?.mm).toBeCloseTo(mm, 6),
  );

  it.each(['neck 40', 'wrist', '3', 'wrist 900', 'wrist 12 parsecs', '17.5 and more'])(
    '“%s” is none',
    (text) => expect(girthIn(text, bracelet, 'metric')).toBeUndefined(),
  );
});

describe('finding by words', () => {
  const command = { name: 'Change the closure', also: 'buckle clasp' };
  it.each(['clos', 'buckle', 'CHANGE cl', ''])('“%s” finds it', (query) =>
    expect(finds(command, query)).toBe(true),
  );
  it.each(['losure', 'closure weave'])('“%s” does not', (query) => expect(finds(command, query)).toBe(false));
});

describe('what is found by its name', () => {
  it('comes before what is found by other words; the rest keeps its order', () => {
    const list = [
      { name: 'Hitch bar', also: 'spiral' },
      { name: 'Spiral bar' },
      { name: 'Snake', also: 'spiral' },
    ];
    const names = (query: string) => nameFirst(list, query).map((c) => c.name);
    expect(names('spir')).toEqual(['Spiral bar', 'Hitch bar', 'Snake']);
    expect(names('')).toEqual(['Hitch bar', 'Spiral bar', 'Snake']);
  });
});

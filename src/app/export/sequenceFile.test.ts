import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { parseDesign } from '../../core/formats/design.ts';
import { plan } from '../../core/plan/plan.ts';
import { sequenceCsv, sequenceTextFile } from './files.ts';
import { readSequenceFile } from './sequenceFile.ts';

const read = parseDesign(readFileSync('examples/sade-night-and-dawn.json', 'utf8'));
if (!read.ok) throw new Error('example');
const design = read.value;
const planned = plan(design);
if (!planned.ok) throw new Error('plan');
const sequence = planned.value.sequence!;

const file = (name: string, text: string) => new File([text], name);

describe('a colour sequence in files', () => {
  it('goes out as text and comes back the same', async () => {
    const { text } = sequenceTextFile(design);
    expect(await readSequenceFile(file('colours.txt', text))).toEqual({
      ok: true,
      value: design.sequence!.text,
    });
  });

  it('goes out as a table and comes back as the same rows', async () => {
    const back = await readSequenceFile(file('colours.csv', sequenceCsv(design, sequence).text));
    const rows = sequence.stretches.map((s) => `${s.to - s.from}${'AB'[s.cord]}`).join(' ');
    expect(back).toEqual({ ok: true, value: rows });
  });

  it('leaves the table of splices below it alone', async () => {
    const spliced = plan({ ...design, sequence: { text: '9A 9B 12A', way: 'splice' } });
    if (!spliced.ok) throw new Error('splice');
    const csv = sequenceCsv(design, spliced.value.sequence!).text;
    expect(csv).toContain('strand,row,atMm,cordMm');
    const back = await readSequenceFile(file('x.csv', csv));
    expect(back.ok && back.value.startsWith('9A 9B')).toBe(true);
  });

  it.each([
    ['x.csv', 'colour,count\nA,3\n', /no columns “cord” and “rows”/],
    ['x.csv', 'cord,rows\nA,3\n7,x\n', /Line 3/],
    ['x.csv', 'cord,rows\nA,3\nB,1e300\n', /Line 3 .*from 1 to 2000/],
    ['x.csv', 'cord,rows\nA,Infinity\n', /Line 2/],
    ['x.csv', `cord,rows\n${'A,1\nB,1\n'.repeat(4000)}`, /a design can hold 4000/],
    ['x.txt', 'A'.repeat(200_000), /far smaller/],
  ])('%s that is none says why', async (name, text, message) => {
    const back = await readSequenceFile(file(name, text));
    expect(!back.ok && back.issues[0]!.message).toMatch(message);
  });
});

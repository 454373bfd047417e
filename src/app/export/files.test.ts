import { readFileSync } from 'node:fs';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { parseDesign } from '../../core/formats/design.ts';
import { centreLineRows, weaveDocument } from '../../core/formats/weave.ts';
import { loadWeave } from '../../core/patterns/index.ts';
import { plan } from '../../core/plan/plan.ts';
import { guideFor } from '../../core/steps/list/steps.ts';
import { USUAL_WAY } from '../../core/steps/types.ts';
import { fileStem } from './download.ts';
import { cardFile, cutListCsv, cutListTextFile, designFile, stepsFile } from './files.ts';

const read = parseDesign(readFileSync('examples/okoro-guide-band.json', 'utf8'));
if (!read.ok) throw new Error('example');
const design = read.value;
const planned = plan(design);
if (!planned.ok) throw new Error('plan');

describe('files', () => {
  it.each([
    ['Dome night band', 'dome-night-band'],
    ['  Guide’s / band: 2 ', 'guides-band-2'],
    ['Ærø & Zoë', 'ærø-zoë'],
    ['***', 'design'],
    ['../../etc', 'etc'],
  ])('%j is named %s', (name, stem) => expect(fileStem(name)).toBe(stem));

  it('a design file is read back as the same design', () => {
    expect(parseDesign(designFile(design).text)).toEqual({ ok: true, value: design });
  });

  it('card and steps are files by the design’s name, one a drawing, one to tick off', async () => {
    const guide = guideFor(design, planned.value, USUAL_WAY);
    if (!guide.ok) throw new Error('steps');
    const pictures = { weave: (await loadWeave(design.pattern.id))!, knots: new Map() };
    const card = cardFile(design, planned.value, guide.value, pictures, 'imperial');
    expect(card.name).toBe('guides-band-card.svg');
    expect(card.text).toMatch(/^<svg [^>]*width="210mm"/);
    expect(card.text).toContain('ft');
    const steps = stepsFile(design, guide.value, 'imperial');
    expect(steps.name).toBe('guides-band-steps.txt');
    expect(steps.text.match(/^\[ \]/gm)!.length).toBe(guide.value.steps.length);
  });

  it('the cut list reads as a table whose stretches add up to the cuts', () => {
    const { data } = Papa.parse<Record<string, string>>(cutListCsv(design, planned.value).text.trim(), {
      header: true,
    });
    for (const cord of planned.value.cords) {
      const rows = data.filter((r) => r.cord === cord.letter);
      expect(rows).toHaveLength(cord.parts.length);
      const sum = rows.reduce((total, r) => total + Number(r.lengthMm), 0);
      expect(sum).toBeCloseTo(cord.cutLengthMm, 0);
      expect(rows.every((r) => Number(r.cutLengthMm) === cord.cutLengthMm)).toBe(true);
    }
  });

  it('no cell of the table can be taken for a formula', () => {
    const named = {
      ...planned.value,
      cords: planned.value.cords.map((c) => ({ ...c, name: '=HYPERLINK("x")' })),
    };
    expect(cutListCsv(design, named).text).toContain(`"'=HYPERLINK(""x"")"`);
  });

  it('the slip names every cut, rounded up in the units asked for', () => {
    const metric = cutListTextFile(design, planned.value, 'metric').text;
    expect(metric).toContain(`${(planned.value.cords[0]!.cutLengthMm / 1000).toFixed(2)} m`);
    expect(cutListTextFile(design, planned.value, 'imperial').text).toMatch(/\d+ ft \d+/);
  });

  it('centre lines go out whole, as JSON and as a table', async () => {
    const solved = (await loadWeave('flat-braid-3'))!;
    const count = solved.points[0]!.length / 3;
    expect(weaveDocument(solved).strands[0]!.points).toHaveLength(count);
    const rows = centreLineRows(solved);
    expect(rows).toHaveLength(count);
    expect(rows[1]).toEqual({
      strand: 'S',
      point: 1,
      xD: solved.points[0]![3],
      yD: solved.points[0]![4],
      zD: solved.points[0]![5],
    });
  });
});

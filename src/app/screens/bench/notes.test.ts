import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fitting, layNotes } from './notes.ts';

const band = (marks: { atMm: number; label: string }[]) => ({
  startMm: 4,
  wovenMm: 100,
  firstRow: 'start' as const,
  marks,
});

describe('notes under a band', () => {
  it('start with row 1, at the end where rows are tied from', () => {
    const [first] = layNotes(band([]), false, (mm) => mm * 5, 800);
    expect(first).toMatchObject({ mark: { atMm: 4, label: '↑ row 1' }, line: 0, anchor: 'start' });
    const [last] = layNotes({ ...band([]), firstRow: 'end' }, false, (mm) => mm * 5, 800);
    expect(last!.mark.atMm).toBe(104);
    expect(layNotes(band([]), true, (mm) => mm, 800)).toEqual([]);
  });

  it('turn round at the right edge of the mat', () => {
    const notes = layNotes(band([{ atMm: 100, label: 'stopper starts here' }]), true, (mm) => mm * 5, 520);
    expect(notes[0]!.anchor).toBe('end');
  });

  it('never run into each other on one line, however many there are', () => {
    const labels = fc.array(
      fc.record({
        atMm: fc.integer({ min: 4, max: 104 }),
        label: fc.constantFrom('B 9', 'stop here', 'charm, rows 15–16'),
      }),
      { maxLength: 5 },
    );
    fc.assert(
      fc.property(labels, fc.integer({ min: 300, max: 1300 }), (marks, width) => {
        const x = (mm: number) => (mm / 110) * width;
        const notes = layNotes(band(marks), true, x, width);
        const span = (n: (typeof notes)[number]) => {
          const words = n.mark.label.length * 7.2 + 10;
          const at = x(n.mark.atMm);
          return n.anchor === 'start' ? [at, at + words] : [at - words, at];
        };
        for (const a of notes)
          for (const b of notes) {
            if (a === b || a.line !== b.line || a.line === 5) continue;
            const [p, q] = [span(a), span(b)];
            expect(p[1]! < q[0]! || q[1]! < p[0]!).toBe(true);
          }
      }),
    );
  });

  it('take the longest wording that finds room, and the shortest where none does', () => {
    const texts = ['woven 72 mm · 16 rows', '72 mm · 16 rows', '16 rows'];
    expect(fitting(texts, 400, 9)).toBe(texts[0]);
    expect(fitting(texts, 180, 9)).toBe(texts[1]);
    expect(fitting(texts, 20, 9)).toBe(texts[2]);
  });
});

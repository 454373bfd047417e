import type { Question } from '../../../core/practice/types.ts';

/** What each kind of drill is called. */
export const KINDS = {
  'next-side': 'Which side next',
  'read-bump': 'Which row is it',
  'spot-slip': 'Where is the slip',
  'next-half-cycle': 'Next half cycle',
  'from-words': 'From words to picture',
  'name-it': 'Which weave',
} as const;

/** What is asked, and how one answers. */
export function wordsOf({ card, lastRow, way }: Question): { readonly ask: string; readonly how: string } {
  switch (card.kind) {
    case 'next-side':
      return {
        ask: 'Which side begins the next row?',
        how: 'Press ← or →, or the side. The work hangs before you and grows downwards.',
      };
    case 'read-bump':
      return {
        ask: 'Which row is framed, and on which side does the next one begin?',
        how: `The last row is row ${lastRow}. Press the number of the answer.`,
      };
    case 'spot-slip':
      return {
        ask: 'In which row is the slip?',
        how: 'Press the row, or its number. One row is tied wrong on purpose; the work grows downwards.',
      };
    case 'next-half-cycle':
      return {
        ask: `From ${way?.from} to ${way?.to}: over and under what?`,
        how: 'Press the number of the answer. The ring is unrolled; what is tied is drawn, the way of the next half cycle is marked.',
      };
    case 'from-words':
      return {
        ask: 'Which picture is told here?',
        how: 'Press the picture, or its number. The row before is above it.',
      };
    case 'name-it':
      return {
        ask: 'Which weave is this?',
        how: 'Press its number. After the answer you see its back, too.',
      };
  }
}

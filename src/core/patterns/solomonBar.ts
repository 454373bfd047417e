import type { Pattern } from './types.ts';

/**
 * Two cores, two working ends. In every row A crosses over the cores and B goes over A, behind the cores and up
 * through A's bight: three crossings of A with B and two with cores for each end, ten letters over the two rows
 * after which it repeats. A is always in front, so A makes the bars of the front and B the bumps along both edges.
 */
export const solomonBar: Pattern = {
  id: 'solomon-bar',
  family: 'Solomon bar',
  name: 'Solomon bar',
  words:
    'One end crosses over both cores and leaves a bight at its side; the other goes over it, behind the cores and up through that bight. The next row starts from the other side.',
  notation: `weave solomon-bar period 6 rows 2
core C1: -1,0
core C2: 1,0
work A: -4.5,-1.5 -3,0.5 3,-0.5 4.5,1.5 3,3.5 -3,2.5 | UOOOU UOOOU
work B: 4.5,-1.5 3,0.5 -3,-0.5 -4.5,1.5 -3,3.5 3,2.5 | OUUUO OUUUO
`,
  squash: 0.8,
  load: 0,
  difficulty: 1,
  starts:
    'A cord hitched at its middle to the first half of the buckle; both ends run to the second half and come back as working ends.',
  edges: 'A row of even bumps along each edge, all made by B; one bump for every two rows.',
  next: 'The end that lies under the last bump goes over the cores next.',
  mistakes: [
    {
      mistake: 'the same side twice',
      looks: 'the bar starts to twist: two bumps follow each other on one edge',
    },
    { mistake: 'uneven pull', looks: 'one edge bulges and the bar leans to the tighter side' },
    { mistake: 'rows not pushed up', looks: 'cores show between the rows' },
  ],
};

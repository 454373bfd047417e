import { ABOUT_PATH } from '../paths.ts';

/** What one does on a screen, told where one asks for it. */
export interface PlaceHelp {
  readonly name: string;
  readonly what: string;
  /** What to do there, one thing a line. */
  readonly how: readonly string[];
  /** Whether the letters of the sentence's words work there. */
  readonly hasWordKeys: boolean;
}

interface Place extends PlaceHelp {
  readonly isHere: (path: string) => boolean;
}

const under = (root: string) => (path: string) => path === root || path.startsWith(`${root}/`);

const PLACES: readonly Place[] = [
  {
    name: 'Bench',
    isHere: under('/d'),
    what: 'Plan one piece. The sentence at the top is the whole design; everything below follows it.',
    how: [
      'Press an underlined word to change it. Drag a measure sideways to try other sizes.',
      'The mat shows the piece to scale: front, back, edge, or closed. Drag beads and rings along it.',
      'Below it is every cord, unrolled, with its cut. Point at a stretch to see where it ends up.',
      'Press any number to see how it came about.',
      'When it fits, press “Start tying”.',
    ],
    hasWordKeys: true,
  },
  {
    name: 'Rings',
    isHere: under('/rings'),
    what: 'Plan ring knots: one cord led round and round, over and under.',
    how: [
      'Choose what the ring goes round; the map shows which sizes are one cord, and how tight each would be.',
      'The run list says where every half cycle goes; tick off as you tie.',
      'Lost? Say what you see, and it finds where you are.',
    ],
    hasWordKeys: false,
  },
  {
    name: 'Tie',
    isHere: under('/tie'),
    what: 'Tie a piece step by step, readable at arm’s length.',
    how: [
      'Space, → or the big button: next. ←: back. U: undo a row.',
      '“Will it reach?” works out from what is left whether your ends are long enough.',
      'Lost count, or does it look wrong? Both have a button. Close the page whenever you like: it resumes where you were.',
    ],
    hasWordKeys: false,
  },
  {
    name: 'Weaves',
    isHere: under('/weaves'),
    what: 'Every weave of the library by its look, and your own.',
    how: [
      'Filter by what you see, by width, cord or closure; type what is on your table to see what it is enough for.',
      'Open a weave to turn it round, see its rows and enter a swatch of yours.',
      'Draw one of your own on a grid; it is pulled tight as you draw.',
    ],
    hasWordKeys: false,
  },
  {
    name: 'Stash',
    isHere: under('/stash'),
    what: 'Your hanks, spools and offcuts as bars to scale.',
    how: [
      'Type what came in, as you would write it on a slip: “3 × 15 m Dusk 4 mm, 6.20 each”.',
      'Press a bar to measure it again, take from it or put an offcut back.',
      '“What can I make?” shows all it is enough for; “cuts” lays out what to cut from which hank.',
      'Every change is in the ledger and can be undone.',
    ],
    hasWordKeys: false,
  },
  {
    name: 'Orders',
    isHere: under('/orders'),
    what: 'Who gets which piece and by when; what that needs in cord, hardware and hours.',
    how: [
      'Type an order in one line, or make one from a design.',
      '“Needs” sets it against your stash and lists what to buy.',
      '“Days” lays the work out over your hours; drag pieces to other days.',
      '“Kits” prepares a class: cuts, labels and sheets for pupils.',
    ],
    hasWordKeys: false,
  },
  {
    name: 'Log',
    isHere: under('/log'),
    what: 'Your finished pieces. From what was left over the program learns your hand.',
    how: [
      'Press a piece to correct it, add a photo, or leave it out.',
      '“Honest?” shows whether the promised chances were kept.',
      'Bring in pieces that you made before from a table.',
    ],
    hasWordKeys: false,
  },
  {
    name: 'Practice',
    isHere: under('/practice'),
    what: 'Short rounds away from the cord: which side next, which row, where is the slip.',
    how: [
      'Answer by a press or by the keys shown on the answers.',
      'What is shaky comes back sooner.',
      'In a class nothing is kept.',
    ],
    hasWordKeys: false,
  },
  {
    name: 'This browser',
    isHere: under(ABOUT_PATH),
    what: 'What is kept here and how much, and whether the rope engine works as it should.',
    how: [
      'Erase one kind of record, or everything.',
      'Run the self-test, and save a report if you want to tell us that something is wrong.',
    ],
    hasWordKeys: false,
  },
  {
    name: 'Backup',
    isHere: under('/backup'),
    what: 'Everything in this browser as one file, and back.',
    how: [
      'Save a backup now and then; a browser may clear what it keeps.',
      'Before anything is brought back you see what would change, and you can undo it.',
    ],
    hasWordKeys: false,
  },
];

/** Where nothing else is. */
const START: PlaceHelp = {
  name: 'Start',
  what: 'Three ways in: measure and plan, see what your cord is enough for, or look around the observatory’s stall.',
  how: [
    'Nothing you do here leaves this browser.',
    'The places along the top are always there; Ctrl K finds anything by its name.',
  ],
  hasWordKeys: false,
};

export const helpFor = (path: string): PlaceHelp => PLACES.find((p) => p.isHere(path)) ?? START;

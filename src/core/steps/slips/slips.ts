import type { MistakeKind, Pattern } from '../../patterns/types.ts';
import { findCrossings } from '../../weave/crossings.ts';
import type { RowCut } from '../rows/rows.ts';
import { type FaultyStretch, type Slip, stretch } from './faults.ts';

/** Whether a slip may be left in a finished piece. */
type Stays = 'no' | 'may' | 'yes';

/** A slip as a maker finds it on the work. */
export interface SlipKind {
  readonly id: string;
  readonly title: string;
  readonly looks: string;
  readonly stays: Stays;
  readonly advice: string;
  /** How the engine ties it wrong; the other two are drawn on a good stretch. */
  readonly slip: Slip | 'loose' | 'colours';
}

interface Known {
  readonly cut: RowCut;
  readonly pattern: Pick<Pattern, 'mistakes'> | undefined;
  readonly alternates: boolean;
  readonly colours: number;
  readonly carriesLoad: boolean;
}

/** Crossings a row of a weave that is shown by the dozen where it has no cores: a flat braid, whose rows are low. */
const FEW_CROSSINGS = 5;
/** And of one that is shown in few rows, as it takes long to pull tight. */
const MANY_CROSSINGS = 8;

/** Rows of a stretch: enough to see the rows around the slip, and so many that the slip does not meet itself again at once. */
function rowsOf({ spec, crossings }: RowCut): number {
  const each = crossings.length / spec.rows;
  if (each < FEW_CROSSINGS && spec.strands.every((s) => s.role !== 'core')) return 12;
  return each > MANY_CROSSINGS ? 4 : 6;
}

/** The stretch that shows a slip, in its middle or in the row asked for, if this weave can be tied wrong so; a diagram that contradicts itself is none. */
export function stretchOf(cut: RowCut, slip: Slip, at?: number): FaultyStretch | undefined {
  const made = stretch(cut, slip, rowsOf(cut), at);
  return made && findCrossings(made.spec).ok ? made : undefined;
}

/** Slips that can be made in this weave, the commonest first. Long because it is a table: one entry a slip. */
export function slipsFor(known: Known): SlipKind[] {
  const { cut, pattern, alternates, colours, carriesLoad } = known;
  const looks = (kind: MistakeKind, usual: string): string =>
    pattern?.mistakes.find((m) => m.kind === kind)?.looks ?? usual;
  const hasCores = cut.spec.strands.some((s) => s.role === 'core');
  const all: SlipKind[] = [
    {
      id: 'same-side',
      title: 'The same side twice',
      looks: looks('same-side', 'two rows lean the same way'),
      stays: 'no',
      advice: 'From here on, every row starts on the wrong side and the band twists half a turn. Undo it.',
      slip: { kind: 'again' },
    },
    {
      id: 'other-side',
      title: 'The other side once',
      looks: looks('other-side', 'one row leans against all others'),
      stays: carriesLoad ? 'no' : 'may',
      advice: 'It holds, but one row leans the other way. Leave it only where nobody sees it.',
      slip: { kind: 'mirrored' },
    },
    {
      id: 'alike',
      title: 'A row like the one before',
      looks: 'two rows fall into one and a core slips free between them',
      stays: 'no',
      advice: 'Two rows alike do not lock each other: they slide. Undo it.',
      slip: { kind: 'alike' },
    },
    {
      id: 'wrong-core',
      title: 'On the wrong side of a core',
      looks: looks('wrong-core', 'a core shows where a cord should cover it'),
      stays: carriesLoad ? 'no' : 'may',
      advice: 'The row holds, but one core is bare on one face. Leave it only on the face that nobody sees.',
      slip: { kind: 'core', move: 0, which: 'first' },
    },
    {
      id: 'skipped-core',
      title: 'A core skipped',
      looks: 'the end comes up between the cores; the outer one lies loose at the edge',
      stays: 'no',
      advice: 'That core is not held in this row and works loose. Undo it.',
      slip: { kind: 'core', move: 1, which: 'last' },
    },
    {
      id: 'skipped-strand',
      title: 'A strand skipped',
      looks: 'one strand lies right across the braid and stands off its edges',
      stays: 'no',
      advice: 'The strands are out of order from here on. Undo it.',
      slip: { kind: 'short' },
    },
    {
      id: 'crossing',
      title: 'A crossing the wrong way',
      looks: looks(
        'crossing',
        hasCores ? 'no bump on one side: the end is not held by the bight' : 'the slant breaks at one place',
      ),
      stays: hasCores || carriesLoad ? 'no' : 'may',
      advice: hasCores
        ? 'The end does not lock the row: it pulls out. Undo it.'
        : 'It holds, but it shows. Leave it only on the face that nobody sees.',
      slip: { kind: 'crossing' },
    },
    {
      id: 'loose',
      title: 'A loose row',
      looks: looks('loose', 'one row stands out and gives under the thumb'),
      stays: 'yes',
      advice:
        'No need to undo: work the slack through row by row, from here to the last one, then pull both ends even.',
      slip: 'loose',
    },
    {
      id: 'colours',
      title: 'Colours changed places',
      looks: 'from one row on, the edge and the middle have swapped colours',
      stays: 'may',
      advice: 'It holds as well as before. Undo it only if the change shows where it shouldn’t.',
      slip: 'colours',
    },
  ];
  return all.filter((k) => {
    if (k.id === 'same-side' && !alternates) return false;
    if (k.id === 'other-side' && alternates) return false;
    if (k.slip === 'loose') return true;
    if (k.slip === 'colours') return colours > 1;
    return stretchOf(cut, k.slip) !== undefined;
  });
}

interface SlipAdvice {
  /** Row in which it is, 1 the first tied. */
  readonly row: number;
  /** Rows to take out, that one included; 0 where it is put right without. */
  readonly undo: number;
}

/** A slip so many rows up from the last (1 is the last row itself): which row it is, and how many to undo. */
export function locate(kind: Pick<SlipKind, 'stays'>, rowsDone: number, up: number): SlipAdvice {
  const back = Math.max(1, Math.min(rowsDone, Math.round(up)));
  return { row: rowsDone - back + 1, undo: kind.stays === 'yes' ? 0 : back };
}

import { Button } from '../../ui/Button.tsx';
import { useHere, usePiece } from './TieContext.tsx';

interface Props {
  /** Rows that fill the length at the height that was measured. */
  readonly wanted: number;
  readonly hasMeasured: boolean;
  readonly onClose: () => void;
}

/** More or fewer rows than planned: as the measured height asks for, or an end right here. */
export function RowsChoice({ wanted, hasMeasured, onClose }: Props) {
  const { plan, tying, band, rowsDone, rowsOf } = useHere();
  const { dispatch } = usePiece();
  const settle = (rows: number) => {
    const all = plan.bands.map((b, i) => (i === band ? rows : (tying.progress.rowsOf?.[i] ?? b.rows)));
    dispatch({ type: 'rows', rowsOf: all });
    onClose();
  };
  const more = wanted - rowsOf;
  return (
    <div className="mt-4 flex flex-wrap gap-3">
      {hasMeasured && more !== 0 && wanted > rowsDone && (
        <Button className="px-4 py-2 text-lg" onClick={() => settle(wanted)}>
          Tie {wanted} rows, {Math.abs(more)} {more > 0 ? 'more' : 'fewer'} than now
        </Button>
      )}
      {rowsDone > 0 && rowsDone < rowsOf && (
        <Button className="px-4 py-2 text-lg" onClick={() => settle(rowsDone)}>
          It is long enough: end after row {rowsDone}
        </Button>
      )}
    </div>
  );
}

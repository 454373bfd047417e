import type { KeptKind } from '../../state/keptHere.ts';
import { Button } from '../../ui/Button.tsx';
import { byteText } from '../../ui/bytes.ts';

interface Props {
  readonly kinds: readonly KeptKind[];
  readonly onErase: (kind: KeptKind) => void;
}

/** What is kept, kind by kind, each with a button that erases it. */
export function KeptTable({ kinds, onErase }: Props) {
  return (
    <>
      <table className="w-full text-left">
        <thead className="text-ink-soft text-sm">
          <tr>
            <th scope="col" className="font-medium">
              what
            </th>
            <th scope="col" className="pr-4 text-right font-medium">
              how many
            </th>
            <th scope="col" className="pr-4 text-right font-medium">
              size
            </th>
            <td />
          </tr>
        </thead>
        <tbody>
          {kinds.map((kind) => (
            <tr key={kind.id} className="border-rule border-t">
              <th scope="row" className="py-1 font-medium">
                {kind.name}
              </th>
              <td className="figure pr-4 text-right">{kind.records}</td>
              <td className="figure pr-4 text-right">{kind.records > 0 ? byteText(kind.bytes) : '–'}</td>
              <td className="text-right">
                <Button
                  look="quiet"
                  disabled={kind.records === 0}
                  aria-label={`Erase: ${kind.name}`}
                  onClick={() => onErase(kind)}
                >
                  Erase
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="text-ink-soft">
        Beside these: a copy of the application for use without a network, and knots in cords of different
        thickness that were pulled tight here.
      </p>
    </>
  );
}

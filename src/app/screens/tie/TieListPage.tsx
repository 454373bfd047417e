import { Download, Trash2 } from 'lucide-react';
import { Link } from 'react-router';
import { formatMake, readMake } from '../../../core/formats/make.ts';
import { readRing } from '../../../core/formats/ring.ts';
import { readTying } from '../../../core/formats/tying.ts';
import { plural } from '../../../core/words.ts';
import type { MakeRecord, PieceRecord } from '../../../storage/db.ts';
import { removePiece, restorePiece } from '../../../storage/pieces.ts';
import { download, fileStem, storedFile } from '../../export/download.ts';
import { piecePath, ringPath } from '../../paths.ts';
import { useDatabase, useMakes, usePieces, useRings } from '../../state/services.tsx';
import { Button } from '../../ui/Button.tsx';
import { EmptyState } from '../../ui/EmptyState.tsx';
import { FirstRow } from '../../ui/FirstRow.tsx';
import { FITS } from '../../ui/fits.ts';
import { useToast } from '../../ui/Toast.tsx';
import { useLength } from '../../ui/units.tsx';

/** What is on the table, and what is done. */
export default function TieListPage() {
  const db = useDatabase();
  const { data: pieces, mutate } = usePieces();
  const { data: makes } = useMakes();
  const toast = useToast();
  const begun = useBegun();
  async function remove(piece: PieceRecord) {
    await removePiece(db, piece.id);
    await mutate();
    toast({
      text: `“${piece.name}” was taken off the table.`,
      action: {
        text: 'Undo',
        run: async () => {
          await restorePiece(db, piece);
          await mutate();
        },
      },
    });
  }
  return (
    <main className="mx-auto w-full max-w-4xl px-5 py-5">
      <h1 className="font-bold font-title text-3xl">On the table</h1>
      {pieces?.length === 0 && begun.length === 0 && (
        <EmptyState
          picture={<FirstRow />}
          steps={[
            <>
              Plan a piece on the{' '}
              <Link to="/" className="underline">
                Bench
              </Link>
              .
            </>,
            'Press “Start tying” there.',
            'Cut, tie and finish one step at a time: which end comes next, what it goes over and under, how many rows are to go.',
          ]}
        />
      )}
      <ul className="mt-3 flex flex-col gap-3">
        {pieces?.map((piece) => (
          <li
            key={piece.id}
            className="flex flex-wrap items-center gap-4 rounded-xl border border-rule bg-card px-4 py-3"
          >
            <span className="grow">
              <span className="block font-semibold text-xl">{piece.name}</span>
              <span className="text-ink-soft">{placeText(piece)}</span>
            </span>
            {!readTying(piece.tying).ok && (
              <Button onClick={() => download(storedFile({ name: piece.name, design: piece.tying }))}>
                Save to a file
              </Button>
            )}
            <Button
              look="quiet"
              aria-label={`Take ${piece.name} off the table`}
              onClick={() => remove(piece)}
            >
              <Trash2 size={18} aria-hidden />
            </Button>
            <Link
              to={piecePath(piece.id)}
              className="rounded-md bg-amber px-5 py-2 font-semibold text-[#1b211f] text-lg hover:bg-[#f0b43a]"
            >
              Go on<span className="sr-only"> with {piece.name}</span>
            </Link>
          </li>
        ))}
      </ul>
      <RingsBegun begun={begun} />
      {makes && makes.length > 0 && (
        <>
          <h2 className="mt-8 font-bold font-title text-2xl">Done</h2>
          <ul className="mt-3 flex flex-col gap-2" data-testid="makes">
            {makes.map((m) => (
              <Done key={m.id} record={m} />
            ))}
          </ul>
        </>
      )}
    </main>
  );
}

/** Rings that are half laid. */
function useBegun() {
  const { data: rings = [] } = useRings();
  return rings.flatMap((r) => {
    const read = readRing(r.ring);
    return read.ok && (read.value.laid ?? 0) > 0 ? [{ record: r, laid: read.value.laid! }] : [];
  });
}

function RingsBegun({ begun }: { readonly begun: ReturnType<typeof useBegun> }) {
  if (begun.length === 0) return null;
  return (
    <ul className="mt-3 flex flex-col gap-3" aria-label="Rings on the mandrel">
      {begun.map(({ record, laid }) => (
        <li
          key={record.id}
          className="flex flex-wrap items-center gap-4 rounded-xl border border-rule bg-card px-4 py-3"
        >
          <span className="grow">
            <span className="block font-semibold text-xl">{record.name}</span>
            <span className="text-ink-soft">a ring, {counted(laid)} laid</span>
          </span>
          <Link
            to={`${ringPath(record.id)}/tie`}
            className="rounded-md bg-amber px-5 py-2 font-semibold text-[#1b211f] text-lg hover:bg-[#f0b43a]"
          >
            Go on<span className="sr-only"> with {record.name}</span>
          </Link>
        </li>
      ))}
    </ul>
  );
}

const counted = (n: number): string => `${n} ${plural(n, 'half cycle')}`;

function placeText(piece: PieceRecord): string {
  if (!readTying(piece.tying).ok) return 'cannot be read; left untouched';
  const when = new Date(piece.updatedAt).toLocaleString(undefined, {
    dateStyle: 'medium',
    timeStyle: 'short',
  });
  return `at “${piece.place}”, ${when}`;
}

function Done({ record }: { readonly record: MakeRecord }) {
  const show = useLength();
  const read = readMake(record.make);
  if (!read.ok)
    return (
      <li className="flex items-center gap-3 text-bad">
        A finished piece that can’t be read: {read.issues[0]!.path} {read.issues[0]!.message}
        <Button onClick={() => download(storedFile({ name: 'finished piece', design: record.make }))}>
          Save to a file
        </Button>
      </li>
    );
  const make = read.value;
  const minutes = Math.round(Object.values(make.spent).reduce((a, b) => a + b, 0) / 60_000);
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-1 rounded-lg border border-rule bg-card px-4 py-2">
      <span className="font-semibold text-lg">{make.name}</span>
      <span className="grow text-ink-soft">
        {make.planned.rows} rows, {minutes} min
        {make.closedMm !== undefined &&
          `, closes at ${show(make.closedMm)} (planned ${show(make.planned.closedMm)})`}
        {make.fit !== 'not tried' && `, ${FITS.find((f) => f.value === make.fit)!.name}`}
        {make.undoneRows > 0 && `, ${make.undoneRows} rows undone`}
      </span>
      <Button
        look="quiet"
        aria-label={`Save the record of ${make.name}`}
        onClick={() =>
          download({
            name: `${fileStem(make.name)}-make.json`,
            type: 'application/json',
            text: formatMake(make),
          })
        }
      >
        <Download size={18} aria-hidden />
      </Button>
    </li>
  );
}

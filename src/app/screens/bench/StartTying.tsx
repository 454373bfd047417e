import { Play } from 'lucide-react';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import type { Design } from '../../../core/formats/design.ts';
import { listPieces } from '../../../storage/pieces.ts';
import { piecePath } from '../../paths.ts';
import { useWorkshop } from '../../state/knowledge.tsx';
import { useDatabase, usePieces } from '../../state/services.tsx';
import { Button } from '../../ui/Button.tsx';
import { useToast } from '../../ui/Toast.tsx';
import { useBench, usePlan } from './BenchContext.tsx';

/** From the plan to the table: begins a piece of this design, or goes on with the one that is there. */
export function StartTying() {
  const { id } = useParams();
  const db = useDatabase();
  const { know } = useWorkshop();
  const { design } = useBench();
  const navigate = useNavigate();
  const toast = useToast();
  const [busy, setBusy] = useState(false);
  const { data: pieces } = usePieces();
  const open = pieces?.find((p) => p.designId === id);
  // Nobody cuts by numbers for cords of one thickness where they differ.
  const mixed = usePlan()?.plan.mixed;
  const isRough = mixed !== undefined && !mixed.isKnown;
  const isOlder = open !== undefined && isOther(open.tying, design);
  async function start(isAnother = false) {
    setBusy(true);
    // Asked again: what is shown may be older than what another tab put on the table.
    const there = isAnother ? undefined : (await listPieces(db)).find((p) => p.designId === id);
    if (there) return navigate(piecePath(there.id));
    // Fetched when it is wanted: nothing of tying delays the Bench.
    const { beginPiece } = await import('../../state/tying.ts');
    const begun = await beginPiece(db, id!, design, know);
    setBusy(false);
    if (begun.ok) return navigate(piecePath(begun.value));
    toast({ text: begun.issues[0]!.message, tone: 'bad' });
  }
  return (
    <>
      <Button
        look="next"
        data-do="tie"
        className="col-span-2 py-2.5 text-lg"
        disabled={busy || !pieces || isRough}
        onClick={() => start()}
      >
        <Play size={20} aria-hidden /> {open ? 'Continue tying' : 'Start tying'}
      </Button>
      {isOlder && (
        <p className="col-span-2 text-[15px] text-ink-soft leading-snug" data-testid="older-piece">
          The piece on the table was cut before the latest changes; it stays as it was.{' '}
          <button type="button" className="underline" onClick={() => void start(true)}>
            Start another
          </button>
        </p>
      )}
    </>
  );
}

/** Whether a piece was begun from another state of the design than the one shown; its name alone does not count. */
function isOther(tying: unknown, design: Design): boolean {
  const begun = (tying as { readonly design?: object } | null)?.design;
  return (
    begun !== undefined && JSON.stringify({ ...begun, name: '' }) !== JSON.stringify({ ...design, name: '' })
  );
}

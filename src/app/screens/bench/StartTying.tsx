import { Play } from 'lucide-react';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import useSWR from 'swr';
import { listPieces } from '../../../storage/pieces.ts';
import { useWorkshop } from '../../state/knowledge.tsx';
import { useDatabase } from '../../state/services.tsx';
import { beginPiece } from '../../state/tying.ts';
import { Button } from '../../ui/Button.tsx';
import { useToast } from '../../ui/Toast.tsx';
import { useBench } from './BenchContext.tsx';

/** From the plan to the table: begins a piece of this design, or goes on with the one that is there. */
export function StartTying() {
  const { id } = useParams();
  const db = useDatabase();
  const { know } = useWorkshop();
  const { design } = useBench();
  const navigate = useNavigate();
  const toast = useToast();
  const [busy, setBusy] = useState(false);
  const { data: pieces } = useSWR('pieces', () => listPieces(db));
  const open = pieces?.find((p) => p.designId === id);
  async function start() {
    if (open) return navigate(`/tie/${open.id}`);
    setBusy(true);
    const begun = await beginPiece(db, id!, design, know);
    setBusy(false);
    if (begun.ok) return navigate(`/tie/${begun.value}`);
    toast({ text: begun.issues[0]!.message, tone: 'bad' });
  }
  return (
    <Button
      look="next"
      className="col-span-2 py-2.5 text-lg"
      disabled={busy || !pieces}
      onClick={() => void start()}
    >
      <Play size={20} aria-hidden /> {open ? 'Go on tying' : 'Start tying'}
    </Button>
  );
}

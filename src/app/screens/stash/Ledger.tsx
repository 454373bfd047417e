import type { Entry } from '../../../core/stash/types.ts';
import type { StashView } from '../../state/stash.ts';
import { Button } from '../../ui/Button.tsx';
import { LongList } from '../../ui/LongList.tsx';
import { useToast } from '../../ui/Toast.tsx';
import { useLength } from '../../ui/units.tsx';
import { KNOWN, lotName } from './names.ts';

/** Every change of the stash, the newest first; each can be undone while nothing later needs it. */
export function Ledger({ view }: { readonly view: StashView }) {
  const show = useLength();
  const toast = useToast();
  const { entries } = view;
  const undone = new Set(entries.flatMap((e) => (e.what === 'undo' ? [e.entryId] : [])));
  const lots = new Map(entries.flatMap((e) => ('lot' in e ? [[e.lot.id, e.lot] as const] : [])));
  const nameOf = (id: string) => {
    const lot = lots.get(id);
    return lot ? lotName({ lot }) : 'something';
  };
  const amountOf = (lotId: string, amount: number) =>
    lots.get(lotId)?.kind === 'hardware' ? String(Math.round(amount)) : show(amount, { kind: 'cut' });
  const words = (e: Entry): string => {
    switch (e.what) {
      case 'add':
        return `${lotName({ lot: e.lot })} came in: ${amountOf(e.lot.id, e.amount)}, ${KNOWN[e.known]}`;
      case 'take':
        return `${amountOf(e.lotId, e.amount)} of ${nameOf(e.lotId)} for ${e.purpose}`;
      case 'put-back':
        return `an offcut of ${amountOf(e.lotId, e.amount)} back from ${nameOf(e.lotId)}`;
      case 'measure':
        return `${nameOf(e.lotId)} measured again: ${amountOf(e.lotId, e.amount)}, ${KNOWN[e.known]}`;
      case 'move':
        return `${nameOf(e.lotId)} is now in: ${e.place || 'no place'}`;
      case 'undo':
        return '';
    }
  };
  const shown = entries.filter((e) => e.what !== 'undo').toReversed();
  return (
    <LongList
      label="Ledger"
      items={shown}
      keyOf={(e) => e.id}
      aboutPx={44}
      boxClass="max-h-[70vh]"
      itemClass="pb-1 text-[15px]"
      render={(e) => (
        <div className="flex items-center gap-3 rounded bg-white/5 px-3 py-1">
          <span className="figure text-white/70">
            {new Date(e.at).toLocaleDateString(undefined, { dateStyle: 'medium' })}
          </span>
          <span className={`grow ${undone.has(e.id) ? 'text-white/80 line-through' : ''}`}>{words(e)}</span>
          {undone.has(e.id) ? (
            <span className="text-white/70">undone</span>
          ) : (
            <Button
              look="quiet"
              className="text-white"
              aria-label={`Undo: ${words(e)}`}
              onClick={async () => {
                const problem = await view.write([{ what: 'undo', entryId: e.id }]);
                if (problem) toast({ text: problem, tone: 'bad' });
              }}
            >
              Undo
            </Button>
          )}
        </div>
      )}
    />
  );
}

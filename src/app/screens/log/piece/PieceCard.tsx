import { format } from 'date-fns';
import { X } from 'lucide-react';
import { readDesign } from '../../../../core/formats/design.ts';
import type { Make } from '../../../../core/formats/make.ts';
import { plan } from '../../../../core/plan/plan.ts';
import { PHASES } from '../../../../core/steps/types.ts';
import { plural } from '../../../../core/words.ts';
import { Button } from '../../../ui/Button.tsx';
import { useToast } from '../../../ui/Toast.tsx';
import type { LogView } from '../useLog.ts';
import { Again } from './Again.tsx';
import { PieceForm } from './PieceForm.tsx';

interface Props {
  readonly view: LogView;
  readonly make: Make;
  /** Not in the log yet. */
  readonly isNew: boolean;
  readonly onClose: () => void;
}

/** One finished piece: tied again, corrected, or taken out of the log. */
export function PieceCard({ view, make, isNew, onClose }: Props) {
  const toast = useToast();
  const design = readDesign(make.design);
  const made = design.ok ? plan(design.value, view.know) : design;
  const name = design.ok ? (view.know.name(design.value.pattern.id) ?? design.value.pattern.id) : '';
  return (
    <section
      aria-label={`${make.name}, finished ${format(make.finishedAt, 'd MMM yyyy')}`}
      className="flex flex-col gap-3 rounded-xl border border-rule bg-card p-4"
    >
      <div className="flex items-start gap-2">
        <div className="grow">
          <h2 className="font-bold font-title text-xl">{make.name}</h2>
          <p className="text-[15px] text-ink-soft">
            {[name, design.ok && design.value.wearer.name && `for ${design.value.wearer.name}`]
              .filter(Boolean)
              .join(', ')}
          </p>
        </div>
        <Button look="quiet" aria-label="Close this piece" onClick={onClose}>
          <X size={18} aria-hidden />
        </Button>
      </div>
      {!isNew && <Spent make={make} />}
      {!isNew && design.ok && <Again design={design.value} />}
      {made.ok ? (
        <PieceForm
          key={`${make.id}${make.finishedAt}`}
          make={make}
          plan={made.value}
          isNew={isNew}
          onKeep={async (changed) => {
            const trouble = await view.save([changed]);
            if (!trouble) {
              toast({
                text: isNew ? `“${make.name}” is in the log.` : 'Kept; the log is worked through again.',
              });
              onClose();
            }
            return trouble;
          }}
        />
      ) : (
        <p className="text-bad">Its design can’t be planned any more: {made.issues[0]!.message}</p>
      )}
      {!isNew && (
        <Button
          look="quiet"
          className="self-start text-bad"
          onClick={async () => {
            const trouble = await view.remove(make.id);
            if (trouble) return toast({ text: trouble, tone: 'bad' });
            onClose();
            toast({
              text: `“${make.name}” is out of the log.`,
              action: { text: 'Put it back', run: async () => void (await view.save([make])) },
            });
          }}
        >
          Take it out of the log
        </Button>
      )}
    </section>
  );
}

/** How long each part of the work took, and what went wrong on the way. */
function Spent({ make }: { readonly make: Make }) {
  const times = PHASES.flatMap((p) =>
    make.spent[p] >= 30_000 ? [`${p} ${Math.round(make.spent[p] / 60_000)} min`] : [],
  );
  const slips = make.slips.length;
  const words = [
    ...times,
    ...(slips > 0 ? [`${slips} ${plural(slips, 'slip')}`] : []),
    ...(make.undoneRows > 0 ? [`${make.undoneRows} ${plural(make.undoneRows, 'row')} undone`] : []),
  ];
  return words.length > 0 ? <p className="text-[15px]">{words.join(' · ')}</p> : null;
}

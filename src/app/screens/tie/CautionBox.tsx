import { TriangleAlert } from 'lucide-react';
import { useHere } from './TieContext.tsx';

/** Cautions of this very step. What was read once in this piece stands smaller. */
export function CautionBox() {
  const { step, tying } = useHere();
  const cautions = step.cautions ?? [];
  if (cautions.length === 0) return null;
  return (
    <ul aria-label="Cautions" className="flex flex-col gap-2" data-testid="cautions">
      {cautions.map((c) => {
        const isNew = c.isAsked && !tying.progress.acknowledged.includes(c.id);
        return (
          <li
            key={c.id}
            className={`flex gap-3 rounded-lg border-2 px-4 py-2 ${isNew ? 'border-bad bg-bad-pale text-bad text-xl' : 'border-transparent bg-bad-pale text-bad text-lg'}`}
          >
            <TriangleAlert className="mt-1 shrink-0" size={24} aria-hidden />
            <span>{c.text}</span>
          </li>
        );
      })}
    </ul>
  );
}

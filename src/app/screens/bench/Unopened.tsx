import { useState } from 'react';
import { type Design, readDesign, repairDesign } from '../../../core/formats/design.ts';
import type { Issue } from '../../../core/result.ts';
import { fieldName } from '../../../core/validation.ts';
import type { DesignRecord } from '../../../storage/db.ts';
import { saveDesign } from '../../../storage/designs.ts';
import { download, storedFile } from '../../export/download.ts';
import { useDatabase, useDesigns } from '../../state/services.tsx';
import { Button } from '../../ui/Button.tsx';

interface Props {
  readonly issues: readonly Issue[];
  readonly stored: DesignRecord | undefined;
  readonly onRepaired: () => void;
}

/** A design that cannot be opened: what is wrong and where, and every way out that loses nothing. */
export function Unopened({ issues, stored, onRepaired }: Props) {
  const db = useDatabase();
  const { mutate } = useDesigns();
  const [problem, setProblem] = useState<string>();
  const mended = stored && repairDesign(stored.design);
  const before = stored?.previous === undefined ? undefined : readDesign(stored.previous);

  async function use(design: Design) {
    const outcome = await saveDesign(db, stored!.id, stored!.revision, design, Date.now());
    if (outcome.kind !== 'saved')
      return setProblem('It could not be saved: another tab may have changed it. Reload and look again.');
    await mutate();
    onRepaired();
  }

  return (
    <main className="mx-auto max-w-xl p-8">
      <div role="alert">
        <h1 className="mb-2 font-bold font-title text-2xl">
          {stored ? `“${stored.name}” can’t be opened` : 'This design can’t be opened'}
        </h1>
        <ul className="list-disc pl-5">
          {issues.map((i) => (
            <li key={i.path + i.message}>
              {i.path && <strong>{fieldName(i.path)}: </strong>}
              {i.message} {i.path && <code className="figure text-ink-soft text-sm">{i.path}</code>}
            </li>
          ))}
        </ul>
      </div>
      {stored ? (
        <>
          <p className="mt-3 text-ink-soft">It was left untouched. Here is what you can do with it.</p>
          <ul className="mt-4 flex flex-col gap-3">
            {mended && (
              <Way
                text="Repair it"
                isNext
                onClick={() => use(mended.data as Design)}
                note={mended.done.map((d) => `${fieldName(d.path)}: ${d.words}`).join('; ')}
              />
            )}
            {before?.ok && (
              <Way
                text="Go back one step"
                isNext={!mended}
                onClick={() => use(before.value)}
                note="opens the design as it was before its last change"
              />
            )}
            <Way
              text="Save it to a file"
              onClick={() => download(storedFile(stored))}
              note="exactly as it is stored, so that nothing is lost"
            />
          </ul>
          {problem && (
            <p role="alert" className="mt-3 text-bad">
              {problem}
            </p>
          )}
        </>
      ) : (
        <p className="mt-3 text-ink-soft">Choose another under “Designs”.</p>
      )}
    </main>
  );
}

interface WayProps {
  readonly text: string;
  readonly note: string;
  readonly isNext?: boolean;
  readonly onClick: () => void;
}

const Way = ({ text, note, isNext, onClick }: WayProps) => (
  <li className="flex items-center gap-3">
    <Button look={isNext ? 'next' : 'plain'} className="shrink-0" onClick={onClick}>
      {text}
    </Button>
    <span className="text-ink-soft">{note}</span>
  </li>
);

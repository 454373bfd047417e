import { useState } from 'react';
import { readDesign } from '../../../../core/formats/design.ts';
import type { Make } from '../../../../core/formats/make.ts';
import { makeFromOutside } from '../../../../core/log/outside.ts';
import { newId } from '../../../../storage/ids.ts';
import { useDesigns } from '../../../state/services.tsx';
import { Problem } from '../../../ui/Problem.tsx';
import { Select } from '../../../ui/Select.tsx';
import type { LogView } from '../useLog.ts';

/** A piece that was tied without this program: its design is chosen, the rest is filled in on its card. */
export function NewPiece({ view, onNew }: { readonly view: LogView; readonly onNew: (make: Make) => void }) {
  const { data: records = [] } = useDesigns();
  const [problem, setProblem] = useState<string>();
  function begin(id: string) {
    const design = readDesign(records.find((r) => r.id === id)?.design);
    const made = design.ok
      ? makeFromOutside({ id: newId(), design: design.value, finishedAt: Date.now() }, view.know)
      : design;
    setProblem(made.ok ? undefined : made.issues[0]!.message);
    if (made.ok) onNew(made.value);
  }
  if (records.length === 0) return null;
  return (
    <span className="flex flex-col">
      <Select
        label="Add a piece tied elsewhere"
        value=""
        choices={[
          { value: '', name: 'Add a piece tied elsewhere…' },
          ...records.map((r) => ({ value: r.id, name: r.name })),
        ]}
        onChange={(id) => id && begin(id)}
      />
      <Problem>{problem}</Problem>
    </span>
  );
}

import { useState } from 'react';
import type { ClassOfKits } from '../../../../core/formats/class.ts';
import { parsePupils } from '../../../../core/kits/pupils.ts';
import { Button } from '../../../ui/Button.tsx';
import { Problem } from '../../../ui/Problem.tsx';
import type { KeepClass } from './keep.ts';

const MOST = 200;

/** Pupils typed or pasted, one per line. */
export function AddPupils({ kits, keep }: { readonly kits: ClassOfKits; readonly keep: KeepClass }) {
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string>();
  function add() {
    const read = parsePupils(text, kits.pupils.length + 1);
    if (!read.ok) return setProblem(read.issues.map((i) => i.message).join(' '));
    if (kits.pupils.length + read.value.length > MOST)
      return setProblem(`A class holds ${MOST} pupils at most; make a second one.`);
    setProblem(undefined);
    setText('');
    void keep({ pupils: [...kits.pupils, ...read.value] });
  }
  return (
    <div className="flex max-w-xl flex-col gap-2">
      <label className="flex flex-col gap-1">
        <span className="font-medium text-sm">More pupils, one per line</span>
        <textarea
          rows={3}
          value={text}
          maxLength={20_000}
          placeholder={'Mia 15.2 cm\nTom, 10 years, left'}
          onChange={(e) => setText(e.target.value)}
          className="figure rounded border border-ink-soft bg-white px-2 py-1.5"
        />
      </label>
      <Problem>{problem}</Problem>
      <Button className="self-start" onClick={add}>
        Add them
      </Button>
    </div>
  );
}

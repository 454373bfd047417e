import { type ReactNode, useState } from 'react';
import type { Issue } from '../../core/result.ts';
import { Button } from './Button.tsx';
import { Problem } from './Problem.tsx';

interface Props {
  readonly label: string;
  readonly example: string;
  /** The next thing to do on its screen, or one of several. */
  readonly look?: 'next' | 'plain';
  /** Takes the line; what is wrong with it comes back, and the line stays. */
  readonly onAdd: (line: string) => Promise<Issue | undefined>;
  /** What can be done about it in place; said with a way to take the problem away again. */
  readonly remedy?: (problem: Issue, onMended: (message: string) => void) => ReactNode;
}

/** One line as one would write it on a slip, with what is wrong with it below. */
export function TypedLine({ label, example, look = 'plain', onAdd, remedy }: Props) {
  const [line, setLine] = useState('');
  const [problem, setProblem] = useState<Issue>();
  return (
    <form
      className="flex w-full flex-col gap-1"
      onSubmit={(e) => {
        e.preventDefault();
        void onAdd(line).then((said) => {
          setProblem(said);
          if (!said) setLine('');
        });
      }}
    >
      <span className="flex gap-2">
        <input
          aria-label={label}
          aria-invalid={problem ? true : undefined}
          value={line}
          maxLength={200}
          placeholder={example}
          className="figure min-w-0 grow rounded border border-ink-soft bg-white px-3 py-2 text-lg aria-invalid:border-bad"
          onChange={(e) => {
            setLine(e.target.value);
            setProblem(undefined);
          }}
        />
        <Button type="submit" look={look}>
          Add
        </Button>
      </span>
      <Problem>{problem?.message}</Problem>
      {problem && remedy?.(problem, (message) => setProblem({ code: 'mended', path: '', message }))}
    </form>
  );
}

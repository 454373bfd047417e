import { type ReactNode, useRef, useState } from 'react';
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
  const latest = useRef(line);
  const onItsWay = useRef<string>(undefined);
  function type(text: string) {
    latest.current = text;
    setLine(text);
  }
  async function send() {
    // Entered twice in haste, a line is added once.
    if (onItsWay.current === line) return;
    onItsWay.current = line;
    const said = await onAdd(line).finally(() => {
      onItsWay.current = undefined;
    });
    // What was typed meanwhile stays, and is not blamed for the line before it.
    if (latest.current !== line) return;
    setProblem(said);
    if (!said) type('');
  }
  return (
    <form
      className="flex w-full flex-col gap-1"
      onSubmit={(e) => {
        e.preventDefault();
        void send();
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
            type(e.target.value);
            setProblem(undefined);
          }}
        />
        <Button type="submit" look={look}>
          Add
        </Button>
      </span>
      <Problem>{problem?.message}</Problem>
      {problem &&
        remedy?.(problem, (message) =>
          // By then the line may have been added already.
          setProblem((now) => (now === problem ? { code: 'mended', path: '', message } : now)),
        )}
    </form>
  );
}

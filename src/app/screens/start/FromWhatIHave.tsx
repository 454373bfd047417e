import { Suspense, useState } from 'react';
import { Button } from '../../ui/Button.tsx';
import { lazily } from '../../ui/lazily.ts';
import { Way } from './Way.tsx';

const TypedPieces = lazily(() => import('./TypedPieces.tsx'));

interface Props {
  readonly onShow: (have: string) => void;
}

const EXAMPLE = '2.4 m Dusk, 1.1 m Ember';

/** Cord as one would write it on a slip; what can be made of it comes next. Its picture, and what is wrong with it, need all that is known of cord. */
export function FromWhatIHave({ onShow }: Props) {
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState<string>();
  return (
    <Way
      title="What can I make from what I have?"
      words="Type the cord that is on your table. You’ll see every weave and closure it is enough for."
      onGo={() => {
        if (problem === undefined) onShow(typed);
      }}
      picture={
        <Suspense>
          <TypedPieces text={typed.trim() || EXAMPLE} onRead={setProblem} />
        </Suspense>
      }
    >
      <label className="flex flex-col gap-1">
        <span className="font-medium text-sm">Cord</span>
        <input
          aria-label="Cord"
          value={typed}
          placeholder={EXAMPLE}
          maxLength={300}
          autoComplete="off"
          aria-invalid={problem !== undefined || undefined}
          onChange={(e) => setTyped(e.target.value)}
          className="figure w-full rounded border border-ink-soft bg-card px-2 py-1.5 text-lg placeholder:text-ink-soft aria-invalid:border-bad aria-invalid:bg-bad-pale"
        />
        {problem === undefined ? (
          <span className="text-ink-soft text-sm">Empty: from the cord on your shelf</span>
        ) : (
          <span role="alert" className="text-bad text-sm">
            {problem}
          </span>
        )}
      </label>
      <Button type="submit" className="w-full py-2.5 text-lg">
        See what I can make
      </Button>
    </Way>
  );
}

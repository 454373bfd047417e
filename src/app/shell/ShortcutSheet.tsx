import { Suspense, useState } from 'react';
import { Boundary } from '../ui/Boundary.tsx';
import { Button } from '../ui/Button.tsx';
import { lazily } from '../ui/lazily.ts';

const KeySheet = lazily(() => import('./KeySheet.tsx'));

export function ShortcutSheet() {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button
        aria-label="Keyboard shortcuts"
        aria-keyshortcuts="?"
        data-key="?"
        className="figure font-bold"
        onClick={() => setOpen(true)}
      >
        ?
      </Button>
      {open && (
        <Boundary name="The list of keys" keys={[open]}>
          <Suspense>
            <KeySheet onClose={() => setOpen(false)} />
          </Suspense>
        </Boundary>
      )}
    </>
  );
}

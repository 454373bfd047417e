import { Suspense, useState } from 'react';
import { Boundary } from '../ui/Boundary.tsx';
import { Button } from '../ui/Button.tsx';
import { lazily } from '../ui/lazily.ts';

const HelpSheet = lazily(() => import('./HelpSheet.tsx'));

/** What to do on this screen, and its keys. */
export function HelpButton() {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button
        aria-label="Help and keys"
        title="Help and keys (?)"
        aria-keyshortcuts="?"
        data-key="?"
        className="figure font-bold"
        onClick={() => setOpen(true)}
      >
        ?
      </Button>
      {open && (
        <Boundary name="The help" keys={[open]}>
          <Suspense>
            <HelpSheet onClose={() => setOpen(false)} />
          </Suspense>
        </Boundary>
      )}
    </>
  );
}

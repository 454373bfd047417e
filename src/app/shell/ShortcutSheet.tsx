import { lazy, Suspense, useState } from 'react';
import { Button } from '../ui/Button.tsx';

const KeySheet = lazy(() => import('./KeySheet.tsx'));

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
        <Suspense>
          <KeySheet onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}

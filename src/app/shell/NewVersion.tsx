import { useState } from 'react';
import { useNewVersion } from '../state/offline.ts';
import { Button } from '../ui/Button.tsx';

/** Offers a new version of the application; never while a piece is being tied, and never by itself. */
export function NewVersion({ isTying }: { readonly isTying: boolean }) {
  const change = useNewVersion();
  const [isLater, setLater] = useState(false);
  if (!change || isTying || isLater) return null;
  return (
    <div
      role="status"
      className="flex flex-wrap items-center gap-3 bg-amber-pale px-5 py-2 text-amber-ink print:hidden"
    >
      <span>A new version of Warp Beam is ready. Your data stays as it is.</span>
      <Button look="next" onClick={change}>
        Update
      </Button>
      <Button look="quiet" onClick={() => setLater(true)}>
        Later
      </Button>
    </div>
  );
}

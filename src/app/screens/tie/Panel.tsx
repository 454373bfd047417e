import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react';
import type { ReactNode } from 'react';
import { Button } from '../../ui/Button.tsx';

interface Props {
  readonly title: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
  readonly wide?: boolean;
}

/** A sheet over the step, in type that is still read from a chair. */
export function Panel({ title, onClose, children, wide = false }: Props) {
  return (
    <Dialog open onClose={onClose} className="relative z-50">
      <DialogBackdrop className="fixed inset-0 bg-black/50" />
      <div className="fixed inset-0 flex items-start justify-center overflow-y-auto p-3 sm:p-6">
        <DialogPanel
          className={`w-full rounded-xl bg-card p-5 text-ink text-lg shadow-2xl ${wide ? 'max-w-5xl' : 'max-w-2xl'}`}
        >
          <div className="flex items-start gap-4">
            <DialogTitle className="grow font-bold font-title text-3xl">{title}</DialogTitle>
            <Button look="quiet" onClick={onClose}>
              Close
            </Button>
          </div>
          {children}
        </DialogPanel>
      </div>
    </Dialog>
  );
}

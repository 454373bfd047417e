import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react';
import { Button } from '../ui/Button.tsx';
import { OTHER_KEYS, WORD_KEYS } from './keys.ts';

const KEYS: readonly (readonly [string, string])[] = [
  ...WORD_KEYS.filter((k) => !/\d/.test(k.key)).map((k) => [k.key.toUpperCase(), k.does] as const),
  ...OTHER_KEYS,
];

/** Every key of the Bench. */
export default function KeySheet({ onClose }: { readonly onClose: () => void }) {
  return (
    <Dialog open onClose={onClose} className="relative z-50">
      <DialogBackdrop className="fixed inset-0 bg-ink/40" />
      <div className="fixed inset-0 flex items-center justify-center p-4">
        <DialogPanel className="max-h-full w-full max-w-md overflow-y-auto rounded-xl bg-card p-5 shadow-2xl">
          <DialogTitle className="font-bold font-title text-xl">Keys</DialogTitle>
          <dl className="mt-3 grid grid-cols-[auto_1fr] gap-x-5 gap-y-1.5">
            {KEYS.map(([key, what]) => (
              <div key={key} className="contents">
                <dt className="figure font-semibold">{key}</dt>
                <dd>{what}</dd>
              </div>
            ))}
          </dl>
          <div className="mt-4 flex justify-end">
            <Button look="quiet" onClick={onClose}>
              Close
            </Button>
          </div>
        </DialogPanel>
      </div>
    </Dialog>
  );
}

import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react';
import { Button } from '../ui/Button.tsx';

const KEYS: readonly (readonly [string, string])[] = [
  ['P', 'product'],
  ['N', 'wearer'],
  ['G', 'girth; ← → change it, with Shift by ten'],
  ['E', 'ease'],
  ['K', 'pattern'],
  ['C', 'cord'],
  ['S', 'set-up'],
  ['1 to 6', 'colours'],
  ['H', 'hand, lugs, case, ring: what else is measured'],
  ['R', 'arrangement of the cords'],
  ['L', 'colours along the length'],
  ['A', 'add-ons'],
  ['B', 'closure'],
  ['M', 'spare, hand length, rounding, wetting'],
  ['O', 'designs'],
  ['U', 'inches or centimetres'],
  ['Ctrl Z, Ctrl Shift Z', 'undo, redo'],
  ['?', 'this sheet'],
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

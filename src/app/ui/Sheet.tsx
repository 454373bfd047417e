import { Description, Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react';
import type { ReactNode } from 'react';
import { Button } from './Button.tsx';

/** Where the sheet lies, and how large it is. */
const PLACES = {
  middle: {
    outer: 'items-center justify-center p-4',
    panel: 'max-h-full max-w-md overflow-y-auto rounded-xl p-5',
  },
  side: { outer: 'justify-end', panel: 'flex h-full max-w-md flex-col gap-3 overflow-y-auto p-5' },
  box: {
    outer: 'items-start justify-center p-4 pt-[12vh]',
    panel: 'flex max-h-[70vh] max-w-xl flex-col rounded-xl p-3',
  },
  tall: {
    outer: 'items-start justify-center overflow-y-auto p-3 sm:p-6',
    panel: 'max-w-2xl rounded-xl p-5 text-ink text-lg',
  },
  wide: {
    outer: 'items-start justify-center overflow-y-auto p-3 sm:p-6',
    panel: 'max-w-5xl rounded-xl p-5 text-ink text-lg',
  },
} as const;

interface Props {
  readonly title: string;
  readonly place?: keyof typeof PLACES;
  readonly note?: string;
  /** The title is only spoken. */
  readonly isTitleHidden?: boolean;
  /** Where its Close button stands; it closes by Escape and by a press outside, too. */
  readonly close?: 'top' | 'foot' | 'none';
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/** A sheet over the page: a dialog with its title and a way out. */
export function Sheet({
  title,
  place = 'middle',
  note,
  isTitleHidden,
  close = 'foot',
  onClose,
  children,
}: Props) {
  const { outer, panel } = PLACES[place];
  const isLarge = place === 'tall' || place === 'wide';
  const button = (
    <Button look="quiet" onClick={onClose}>
      Close
    </Button>
  );
  return (
    <Dialog open onClose={onClose} className="relative z-50">
      <DialogBackdrop className={`own-layer fixed inset-0 ${isLarge ? 'bg-black/50' : 'bg-ink/40'}`} />
      <div className={`own-layer fixed inset-0 flex ${outer}`}>
        <DialogPanel className={`w-full bg-card shadow-2xl ${panel}`}>
          <div className={isTitleHidden ? 'sr-only' : 'flex items-start gap-4'}>
            <DialogTitle className={`grow font-bold font-title ${isLarge ? 'text-3xl' : 'text-xl'}`}>
              {title}
            </DialogTitle>
            {close === 'top' && button}
          </div>
          {note && <Description className="text-ink-soft">{note}</Description>}
          {children}
          {close === 'foot' && <div className="mt-4 flex justify-end">{button}</div>}
        </DialogPanel>
      </div>
    </Dialog>
  );
}

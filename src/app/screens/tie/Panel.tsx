import type { ReactNode } from 'react';
import { Sheet } from '../../ui/Sheet.tsx';

interface Props {
  readonly title: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
  readonly wide?: boolean;
}

/** A sheet over the step, in type that is still read from a chair. */
export const Panel = ({ title, onClose, children, wide = false }: Props) => (
  <Sheet title={title} place={wide ? 'wide' : 'tall'} close="top" onClose={onClose}>
    {children}
  </Sheet>
);

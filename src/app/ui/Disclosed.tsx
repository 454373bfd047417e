import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/react';
import type { ReactNode } from 'react';

interface Props {
  readonly label: ReactNode;
  readonly className?: string;
  readonly labelClass?: string;
  readonly children: ReactNode;
}

const QUIET = 'rounded px-1 text-ink-soft underline decoration-dotted underline-offset-4 hover:text-ink';

/** Something that is shown on request, under its own words. */
export function Disclosed({ label, className = '', labelClass = QUIET, children }: Props) {
  return (
    <Disclosure as="div" className={className}>
      <DisclosureButton className={labelClass}>{label}</DisclosureButton>
      <DisclosurePanel>{children}</DisclosurePanel>
    </Disclosure>
  );
}

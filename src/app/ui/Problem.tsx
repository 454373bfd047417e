import type { ReactNode } from 'react';

/** What is wrong, in place and at once. Nothing where there is nothing. */
export function Problem({ children }: { readonly children: ReactNode }) {
  if (!children) return null;
  return (
    <p role="alert" className="text-bad text-sm">
      {children}
    </p>
  );
}

import { useMemo } from 'react';
import { useDesigns } from './services.tsx';

/** What the kept designs use, the one changed last first. Only for order in lists: what cannot be read is passed over. */
export function useRecent(what: 'pattern' | 'closure'): readonly string[] {
  const { data } = useDesigns();
  return useMemo(() => {
    const ids = (data ?? [])
      .toSorted((a, b) => b.updatedAt - a.updatedAt)
      .flatMap((r) => idOf(r.design, what) ?? []);
    return [...new Set(ids)].slice(0, MOST);
  }, [data, what]);
}

const MOST = 6;

function idOf(design: unknown, what: 'pattern' | 'closure'): string | undefined {
  const d = design as { pattern?: { id?: unknown }; closure?: { kind?: unknown } } | null;
  const id = what === 'pattern' ? d?.pattern?.id : d?.closure?.kind;
  return typeof id === 'string' ? id : undefined;
}

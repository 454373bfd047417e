import { Problem } from '../../../ui/Problem.tsx';
import { useRing } from '../RingContext.tsx';

export function useIssue(...paths: readonly string[]): string | undefined {
  const { issues } = useRing();
  return issues.find((i) => paths.some((path) => i.path.startsWith(path)))?.message;
}

export function Issue({ path }: { readonly path: string }) {
  return <Problem>{useIssue(path)}</Problem>;
}

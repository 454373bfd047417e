import { useBench } from '../BenchContext.tsx';

/** The first issue at or under a place in the design, in words. */
export function useProblem(...paths: readonly string[]): string | undefined {
  return useBench().issues.find((issue) => paths.some((path) => issue.path.startsWith(path)))?.message;
}

/** An issue's words, where the word that it is about is edited. */
export function Problem({ path }: { readonly path: string }) {
  const message = useProblem(path);
  return message ? (
    <p role="alert" className="rounded bg-bad-pale px-2 py-1 text-bad text-sm">
      {message}
    </p>
  ) : null;
}

import type { Result } from '../../core/result.ts';

interface DemoDocument<T> {
  readonly id: string;
  readonly revision: number;
  readonly updatedAt: number;
  readonly name: string;
  readonly document: T;
}

/**
 * Example files as documents of the store, the first one last changed, each with an id of its own so that it is known again;
 * a file that can't be read is left out.
 */
export function demoFiles<T extends { readonly name: string }>(
  files: readonly (readonly [path: string, data: unknown])[],
  read: (data: unknown) => Result<T>,
  now: number,
): DemoDocument<T>[] {
  return files.flatMap(([path, data], i) => {
    const got = read(data);
    const file = path.split('/').at(-1)!.replace('.json', '');
    return got.ok
      ? [
          {
            id: `demo-${file}`,
            revision: 1,
            updatedAt: now - i * 1000,
            name: got.value.name,
            document: got.value,
          },
        ]
      : [];
  });
}

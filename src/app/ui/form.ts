import type { FieldErrors, FieldValues, Path, Resolver } from 'react-hook-form';
import type { Result } from '../../core/result.ts';

/**
 * Lets a form be judged by the reader of what it makes, which is its schema's: `made` reads the values, `fieldOf` says which
 * field a place in the document belongs to. Issues that belong to none stand at `root`.
 */
export const readBy =
  <V extends FieldValues, T>(
    made: (values: V) => Result<T>,
    fieldOf: (path: string) => Path<V> | undefined,
  ): Resolver<V> =>
  (values) => {
    const read = made(values);
    if (read.ok) return { values, errors: {} };
    const errors: Record<string, { type: string; message: string }> = {};
    for (const issue of read.issues)
      errors[fieldOf(issue.path) ?? 'root'] ??= { type: issue.code, message: issue.message };
    return { values: {}, errors: errors as FieldErrors<V> };
  };

import type { Issue } from '../../core/result.ts';

/** A file that was refused, and why. */
export interface Refused {
  readonly file: string;
  readonly issues: readonly Issue[];
}

/** Says which file was not imported, and where in it what is wrong. */
export function NotImported({ refused }: { readonly refused: Refused | undefined }) {
  if (!refused) return null;
  return (
    <div role="alert" className="rounded-lg border border-bad bg-bad-pale px-3 py-2 text-bad text-sm">
      <p className="font-semibold">“{refused.file}” was not imported; nothing was changed.</p>
      <ul className="mt-1 list-disc pl-4">
        {refused.issues.map((issue) => (
          <li key={issue.path + issue.message}>
            {issue.path && <code className="figure">{issue.path}</code>} {issue.message}
          </li>
        ))}
      </ul>
    </div>
  );
}

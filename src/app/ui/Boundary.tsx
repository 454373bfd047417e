import { type ReactNode, useContext } from 'react';
import { ErrorBoundary, type FallbackProps } from 'react-error-boundary';
import { useLocation } from 'react-router';
import { dumpEverything } from '../../storage/everything.ts';
import { download } from '../export/download.ts';
import { DatabaseContext } from '../state/services.tsx';
import { Button } from './Button.tsx';
import { FetchFailed } from './lazily.ts';

interface Props {
  /** What is inside, as people call it: “The Beam”. */
  readonly name: string;
  /** Tried again when one of these changes. */
  readonly keys?: readonly unknown[];
  readonly children: ReactNode;
}

/** Keeps a failing part to itself: the rest of the page goes on, and the part says what happened. */
export function Boundary({ name, keys = [], children }: Props) {
  const { pathname } = useLocation();
  return (
    <ErrorBoundary
      resetKeys={[pathname, ...keys]}
      fallbackRender={(props) => <Fallback {...props} name={name} />}
    >
      {children}
    </ErrorBoundary>
  );
}

function Fallback({ name, error, resetErrorBoundary }: FallbackProps & { readonly name: string }) {
  const db = useContext(DatabaseContext);
  const isFetch = error instanceof FetchFailed;
  async function rescue() {
    if (!db) return;
    download({ name: 'warp-beam-everything.json', type: 'application/json', text: await dumpEverything(db) });
  }
  return (
    <section
      role="alert"
      className="m-4 max-w-xl rounded-lg border border-bad bg-bad-pale px-4 py-3 text-bad print:hidden"
    >
      <h2 className="font-bold font-title text-xl">{name} can’t be shown</h2>
      <p className="mt-1">{reason(error)}</p>
      <p className="mt-1 text-ink">Nothing is lost: your work is kept in this browser.</p>
      <div className="mt-3 flex flex-wrap gap-2">
        <Button look="next" onClick={() => (isFetch ? location.reload() : resetErrorBoundary())}>
          {isFetch ? 'Reload' : 'Try again'}
        </Button>
        {!isFetch && <Button onClick={() => location.reload()}>Reload</Button>}
        <Button onClick={() => rescue()}>Save everything to a file</Button>
      </div>
    </section>
  );
}

function reason(error: unknown): string {
  if (error instanceof FetchFailed)
    return error.hasNewVersion
      ? 'A new version of Warp Beam is here. Reload to use it.'
      : 'The server doesn’t answer, so this part could not be fetched. Start it again, then reload.';
  return `Something went wrong in it: ${error instanceof Error ? error.message : String(error)}`;
}

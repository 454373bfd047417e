import { type ComponentType, type LazyExoticComponent, lazy } from 'react';

/** A part of the application could not be fetched: the server is gone, or a new version has taken its files away. */
export class FetchFailed extends Error {
  constructor(readonly hasNewVersion: boolean) {
    super(
      hasNewVersion
        ? 'A new version of Warp Beam is here.'
        : 'This part could not be fetched from the server.',
    );
  }
}

const RETRY_AFTER_MS = 600;

/** Like `lazy`, but tries once more, and then says whether the build has changed. */
// biome-ignore lint/suspicious/noExplicitAny: as in React's own type of `lazy`
export function lazily<T extends ComponentType<any>>(
  load: () => Promise<{ default: T }>,
): LazyExoticComponent<T> {
  return lazy(() => fetchModule(load));
}

/** Fetches a part of the application, twice if need be. */
export async function fetchModule<T>(load: () => Promise<T>): Promise<T> {
  try {
    return await load();
  } catch {
    await new Promise((resolve) => setTimeout(resolve, RETRY_AFTER_MS));
    try {
      return await load();
    } catch {
      throw new FetchFailed(await hasNewVersion());
    }
  }
}

/** Whether the server's page names another entry script than this one. */
async function hasNewVersion(): Promise<boolean> {
  const own = document.querySelector<HTMLScriptElement>('script[type="module"][src]')?.getAttribute('src');
  try {
    const page = await (await fetch('/', { cache: 'no-store' })).text();
    return own !== null && own !== undefined && !page.includes(own);
  } catch {
    return false;
  }
}

import { useEffect, useState } from 'react';

/** Begins to keep the application in the browser once the page has come to rest, in ms. */
const REST_MS = 3000;
/** Looks for a new version so often while the page stays open, in ms. */
const LOOK_MS = 3_600_000;

/**
 * Keeps the application in the browser, so that it opens without the server. Hands back how to change to a new version once one
 * is ready; until then the old one goes on.
 */
export function useNewVersion(): (() => void) | undefined {
  const [change, setChange] = useState<() => void>();
  useEffect(() => {
    if (!('serviceWorker' in navigator) || !import.meta.env.PROD) return;
    let timer: ReturnType<typeof setInterval> | undefined;
    const rest = setTimeout(async () => {
      const { registerSW } = await import('virtual:pwa-register');
      const update = registerSW({
        immediate: true,
        onNeedRefresh: () =>
          setChange(() => () => {
            // However the new version was found: as soon as it is in charge, the page is loaded by it.
            const reload = () => window.location.reload();
            navigator.serviceWorker.addEventListener('controllerchange', reload, { once: true });
            void update(true);
          }),
        onRegisteredSW: (_url, registration) => {
          timer = setInterval(() => void registration?.update().catch(() => undefined), LOOK_MS);
        },
      });
    }, REST_MS);
    return () => {
      clearTimeout(rest);
      clearInterval(timer);
    };
  }, []);
  return change;
}

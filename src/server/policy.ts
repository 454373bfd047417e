/** The content policy that the whole application holds to; end-to-end tests fail on any violation. */
export const CONTENT_POLICY = {
  'default-src': ["'none'"],
  'script-src': ["'self'", "'wasm-unsafe-eval'"],
  'style-src': ["'self'"],
  'style-src-attr': ["'none'"],
  'img-src': ["'self'", 'data:', 'blob:'],
  'font-src': ["'self'"],
  'connect-src': ["'self'"],
  'worker-src': ["'self'"],
  'manifest-src': ["'self'"],
  'base-uri': ["'none'"],
  'form-action': ["'self'"],
  'frame-ancestors': ["'none'"],
  'object-src': ["'none'"],
};

/** What no page of ours ever asks the browser for. */
const PERMISSIONS_POLICY = [
  'camera',
  'microphone',
  'geolocation',
  'payment',
  'usb',
  'serial',
  'bluetooth',
  'midi',
]
  .map((name) => `${name}=()`)
  .join(', ');

/** Sent with everything, also where a request is too broken to be routed. */
export const ALWAYS: Readonly<Record<string, string>> = {
  'permissions-policy': PERMISSIONS_POLICY,
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'no-referrer',
  'content-security-policy': Object.entries(CONTENT_POLICY)
    .map(([name, values]) => `${name} ${values.join(' ')}`)
    .join(';'),
};

import { Suspense, useState } from 'react';
import type { Design } from '../../../core/formats/design.ts';
import { linkTo, SAFE_CHARS } from '../../export/link.ts';
import { Button } from '../../ui/Button.tsx';
import { lazily } from '../../ui/lazily.ts';

const ShareCodes = lazily(() => import('./ShareCodes.tsx'));

/** A link that holds the whole design, to be copied. */
export function ShareLink({ design }: { readonly design: Design }) {
  const [said, setSaid] = useState<'copied' | 'by hand'>();
  const [isCoded, setCoded] = useState(false);
  const link = linkTo(design, window.location.origin);
  async function copy() {
    try {
      await navigator.clipboard.writeText(link);
      setSaid('copied');
    } catch {
      setSaid('by hand');
    }
  }
  return (
    <div className="mt-3 rounded-lg border border-rule p-3">
      <div className="flex items-center gap-3">
        <span className="grow">
          <span className="block font-semibold">A link to this design</span>
          <span className="text-ink-soft text-sm">
            contains the whole design, including wearer and girth. Copying it sends nothing.
          </span>
        </span>
        <Button className="shrink-0 whitespace-nowrap" onClick={() => copy()}>
          Copy link
        </Button>
        <Button
          className="shrink-0 whitespace-nowrap"
          aria-expanded={isCoded}
          onClick={() => setCoded(!isCoded)}
        >
          Show codes
        </Button>
      </div>
      {isCoded && (
        <Suspense>
          <ShareCodes code={link.split('#')[1] ?? ''} />
        </Suspense>
      )}
      <p role="status" className="text-sm">
        {said === 'copied' && 'Copied.'}
        {said === 'by hand' && 'The browser doesn’t allow copying: select the text below.'}
        {link.length > SAFE_CHARS &&
          ` It is ${link.length} characters long, and some messaging apps cut that off: send the file instead.`}
      </p>
      {said && (
        <input
          readOnly
          aria-label="The link"
          value={link}
          onFocus={(e) => e.target.select()}
          className="figure mt-1 w-full rounded border border-rule px-2 py-1 text-sm"
        />
      )}
    </div>
  );
}

import { codesOf, MOST_CODES } from '../../export/codes.ts';
import { QrCode } from '../../ui/QrCode.tsx';

/** The design as a row of codes, to be photographed by another device that has Warp Beam open. */
export default function ShareCodes({ code }: { readonly code: string }) {
  const codes = codesOf(code);
  if (codes.length > MOST_CODES)
    return (
      <p role="alert" className="mt-2 text-bad">
        It would take {codes.length} codes: send the file instead.
      </p>
    );
  return (
    <figure className="mt-2">
      <figcaption className="text-sm">
        On the other device choose “From another device” under “Designs”, and photograph{' '}
        {codes.length === 1 ? 'this code' : 'these codes, all at once or one after the other'}.
      </figcaption>
      <ol className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(11rem,1fr))] gap-2" data-testid="codes">
        {codes.map((text, i) => (
          <li key={text}>
            <QrCode text={text} label={`Code ${i + 1} of ${codes.length}`} className="w-full" />
          </li>
        ))}
      </ol>
    </figure>
  );
}

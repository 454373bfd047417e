import { useMemo, useState } from 'react';
import { Link, useLocation } from 'react-router';
import { findCord } from '../../../core/cord/cords.ts';
import { findProduct } from '../../../core/fit/products.ts';
import { parseDesign } from '../../../core/formats/design.ts';
import { findPattern } from '../../../core/patterns/index.ts';
import { textOfLink } from '../../export/link.ts';
import { useLibrary } from '../../state/library.ts';
import { Button } from '../../ui/Button.tsx';
import { Problem } from '../../ui/Problem.tsx';
import { useLength } from '../../ui/units.tsx';

import { ReadCodes } from './ReadCodes.tsx';

/** A design that came as a link: shown, and opened as a copy when the maker wants it. */
export default function OpenLinkPage() {
  const { hash } = useLocation();
  const library = useLibrary();
  const show = useLength();
  const [problem, setProblem] = useState<string>();
  const [isOpening, setOpening] = useState(false);
  const read = useMemo(() => {
    const text = textOfLink(hash);
    return text.ok ? parseDesign(text.value) : text;
  }, [hash]);
  if (hash === '')
    return (
      <main className="flex max-w-2xl flex-col gap-3 px-5 py-6">
        <h1 className="font-bold font-title text-3xl">A design from another device</h1>
        <ReadCodes />
        <p className="text-ink-soft">
          From a link: open the link itself. From a file: “Designs”, then “Import”.
        </p>
      </main>
    );
  if (!read.ok)
    return (
      <main className="flex max-w-2xl flex-col gap-3 px-5 py-6">
        <h1 className="font-bold font-title text-3xl">This link can’t be opened</h1>
        <Problem>{read.issues[0]!.message}</Problem>
        <p>Nothing of yours was changed.</p>
        <Link to="/" className="underline underline-offset-4">
          To the Bench
        </Link>
      </main>
    );
  const design = read.value;
  const product = findProduct(design.product);
  const weave = findPattern(design.pattern.id)?.name ?? design.pattern.name ?? 'a weave of its maker’s own';
  const facts = [
    product?.name ?? design.product,
    weave,
    findCord(design.cord)?.name ?? design.cord,
    `${product?.girth.name ?? 'girth'} ${show(design.wearer.girthMm)}`,
  ];
  return (
    <main className="flex max-w-2xl flex-col gap-3 px-5 py-6">
      <h1 className="font-bold font-title text-3xl">A design for you: {design.name}</h1>
      <p className="text-lg">{facts.join(', ')}.</p>
      <p className="text-ink-soft">
        The whole design is in the link; nothing came from a server. It opens as your own copy, with its weave
        and colours.
      </p>
      <Problem>{problem}</Problem>
      <Button
        look="next"
        className="self-start px-6 py-2 text-lg"
        disabled={isOpening}
        onClick={async () => {
          setOpening(true);
          const opened = await library.bringCopy(design);
          setOpening(false);
          if (!opened.ok) setProblem(opened.issues[0]!.message);
        }}
      >
        {isOpening ? 'Opening…' : 'Open a copy'}
      </Button>
    </main>
  );
}

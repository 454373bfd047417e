import { useVirtualizer } from '@tanstack/react-virtual';
import { type ReactNode, useRef } from 'react';

interface Props<T> {
  readonly label: string;
  readonly items: readonly T[];
  readonly keyOf: (item: T) => string;
  readonly render: (item: T) => ReactNode;
  /** About how high one is, in px: the others are taken to be as high until they have been seen. */
  readonly aboutPx: number;
  /** Of the box that it scrolls in, once it is long: it must have a height. */
  readonly boxClass: string;
  readonly itemClass?: string;
}

/** Shorter lists are simply there, as high as they are. */
const LONG = 60;
const BEYOND = 8;

/** A list of any length: only what is in sight, and a little beyond, is drawn. */
export function LongList<T>(props: Props<T>) {
  const { label, items, keyOf, render, itemClass } = props;
  if (items.length > LONG) return <Windowed {...props} />;
  return (
    <ul aria-label={label} className="flex flex-col">
      {items.map((item) => (
        <li key={keyOf(item)} className={itemClass}>
          {render(item)}
        </li>
      ))}
    </ul>
  );
}

function Windowed<T>({ label, items, keyOf, render, aboutPx, boxClass, itemClass }: Props<T>) {
  const box = useRef<HTMLElement>(null);
  const rows = useVirtualizer({
    count: items.length,
    getScrollElement: () => box.current,
    estimateSize: () => aboutPx,
    getItemKey: (i) => keyOf(items[i]!),
    overscan: BEYOND,
  });
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: a box that scrolls must be reached by keyboard
    <section ref={box} tabIndex={0} aria-label={label} className={`overflow-y-auto ${boxClass}`}>
      <ul aria-label={label} className="relative" style={{ height: rows.getTotalSize() }}>
        {rows.getVirtualItems().map((row) => (
          <li
            key={row.key}
            ref={rows.measureElement}
            data-index={row.index}
            aria-setsize={items.length}
            aria-posinset={row.index + 1}
            className={`absolute top-0 left-0 w-full ${itemClass ?? ''}`}
            style={{ transform: `translateY(${row.start}px)` }}
          >
            {render(items[row.index]!)}
          </li>
        ))}
      </ul>
    </section>
  );
}

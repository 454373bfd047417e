import { autoUpdate, computePosition, flip, offset, shift } from '@floating-ui/dom';
import { createContext, type ReactNode, useContext, useEffect, useMemo, useRef, useState } from 'react';
import { partText, type Why } from '../../core/why/why.ts';
import { useUnits } from './units.tsx';

interface Asked {
  readonly anchor: HTMLElement;
  readonly label: string;
  readonly why: Why;
  readonly aside?: ReactNode;
}

const WhyContext = createContext<{ asked: Asked | undefined; ask: (a: Asked | undefined) => void }>({
  asked: undefined,
  ask: () => undefined,
});

/** One panel for all numbers of a screen: whichever was asked last shows its working. */
export function WhyProvider({ children }: { readonly children: ReactNode }) {
  const [asked, ask] = useState<Asked>();
  const value = useMemo(() => ({ asked, ask }), [asked]);
  return (
    <WhyContext value={value}>
      {children}
      {/* There from the beginning, as what comes into such a place is read aloud; out of the flow, so that it takes no place of its own. */}
      <div role="status" className="absolute">
        {asked && <WhyPanel asked={asked} onClose={() => ask(undefined)} />}
      </div>
    </WhyContext>
  );
}

function WhyPanel({ asked, onClose }: { readonly asked: Asked; readonly onClose: () => void }) {
  const panel = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const node = panel.current!;
    const { anchor } = asked;
    const stop = autoUpdate(anchor, node, async () => {
      const at = await computePosition(anchor, node, {
        placement: 'bottom',
        strategy: 'fixed',
        middleware: [offset(8), flip(), shift({ padding: 12 })],
      });
      Object.assign(node.style, { left: `${at.x}px`, top: `${at.y}px` });
    });
    const onKey = (e: KeyboardEvent) => e.key === 'Escape' && onClose();
    const onPress = (event: PointerEvent) => {
      const target = event.target as Node;
      if (!node.contains(target) && !anchor.contains(target)) onClose();
    };
    document.addEventListener('keydown', onKey);
    document.addEventListener('pointerdown', onPress);
    return () => {
      stop();
      document.removeEventListener('keydown', onKey);
      document.removeEventListener('pointerdown', onPress);
    };
  }, [asked, onClose]);
  return (
    <div
      ref={panel}
      id="why-panel"
      className="own-layer fixed top-0 left-0 z-40 w-max max-w-[min(28rem,calc(100vw-24px))] rounded-lg bg-[#1b211f] px-4 py-3 text-[15px] text-white leading-relaxed shadow-xl print:hidden"
    >
      <p className="mb-1 text-sm text-white/75">{asked.label}</p>
      <p data-testid="why">
        <WhyText why={asked.why} />
      </p>
      {asked.aside && (
        <div className="mt-2 border-white/20 border-t pt-2 text-sm text-white/80">{asked.aside}</div>
      )}
    </div>
  );
}

interface Props {
  /** What the number is, for screen readers: “Cut length of Ember”. */
  readonly label: string;
  readonly value: string;
  readonly why: Why;
  readonly aside?: ReactNode;
  readonly className?: string;
  readonly testId?: string;
}

/** A number that answers “why?”: press it and its working appears. */
export function WhyNumber({ label, value, why, aside, className = '', testId }: Props) {
  const { asked, ask } = useContext(WhyContext);
  const button = useRef<HTMLButtonElement>(null);
  const isOpen = asked !== undefined && asked.anchor === button.current;
  // Keeps an open panel true while the design changes under it.
  useEffect(() => {
    if (isOpen && asked && (asked.why !== why || asked.label !== label))
      ask({ anchor: asked.anchor, label, why, aside });
  }, [isOpen, asked, ask, label, why, aside]);
  return (
    <button
      ref={button}
      type="button"
      aria-label={`${label}: ${value}, why?`}
      aria-expanded={isOpen}
      aria-controls={isOpen ? 'why-panel' : undefined}
      data-testid={testId}
      onClick={() => ask(isOpen ? undefined : { anchor: button.current!, label, why, aside })}
      className={`figure cursor-help whitespace-nowrap underline decoration-current/40 decoration-dotted underline-offset-4 hover:decoration-current ${className}`}
    >
      {value}
    </button>
  );
}

/** A working as text, quantities in figures. */
export function WhyText({ why }: { readonly why: Why }) {
  const system = useUnits();
  return why.map((part, i) =>
    typeof part === 'string' ? (
      part
    ) : (
      // biome-ignore lint/suspicious/noArrayIndexKey: parts have no identity but their place
      <span key={i} className="figure font-semibold">
        {partText(part, system)}
      </span>
    ),
  );
}

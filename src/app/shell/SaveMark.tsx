import { useStore } from 'zustand';
import type { NamedDocument } from '../state/document.ts';
import { Button } from '../ui/Button.tsx';

/** Whether the design is safe, in words; a conflict or a failure stands across the page until it is settled. */
export function SaveMark({ bench }: { readonly bench: NamedDocument }) {
  const save = useStore(bench.store, (s) => s.save);
  const text = { saved: 'Saved', saving: 'Saving…', conflict: 'Not saved', failed: 'Not saved' }[save.kind];
  const isBad = save.kind === 'conflict' || save.kind === 'failed';
  return (
    <span
      data-testid="save-state"
      className={`text-[15px] ${isBad ? 'font-semibold text-bad' : 'text-ink-soft'}`}
    >
      {text}
    </span>
  );
}

export function SaveBanner({ bench }: { readonly bench: NamedDocument }) {
  const save = useStore(bench.store, (s) => s.save);
  const notice = useStore(bench.store, (s) => s.notice);
  const refusal = useStore(bench.store, (s) => s.refusal);
  if (save.kind === 'conflict') {
    return (
      <Banner tone="bad">
        {save.theirs
          ? 'Another tab saved this design while you were changing it. Nothing was overwritten.'
          : 'Another tab deleted this design. Yours is still here, unsaved.'}
        {save.theirs && <Button onClick={bench.takeTheirs}>Take theirs</Button>}
        <Button look="next" onClick={bench.keepMine}>
          Keep mine
        </Button>
      </Banner>
    );
  }
  if (save.kind === 'failed') {
    return (
      <Banner tone="bad">
        {save.reason === 'full'
          ? 'The browser’s storage is full, so this is not saved. Export it, or delete designs, and try again.'
          : `This could not be saved (${save.message}). Export it to be safe.`}
        <Button look="next" onClick={bench.retry}>
          Try again
        </Button>
      </Banner>
    );
  }
  if (refusal) {
    return (
      <Banner tone="bad">
        {refusal}
        <Button onClick={bench.dismiss}>All right</Button>
      </Banner>
    );
  }
  if (!notice) return null;
  return (
    <Banner>
      {notice}
      <Button onClick={bench.dismiss}>All right</Button>
    </Banner>
  );
}

function Banner({ tone, children }: { readonly tone?: 'bad'; readonly children: React.ReactNode }) {
  return (
    <div
      role={tone ? 'alert' : 'status'}
      className={`flex flex-wrap items-center gap-3 px-5 py-2 print:hidden ${tone ? 'bg-bad-pale text-bad' : 'bg-amber-pale text-amber-ink'}`}
    >
      {children}
    </div>
  );
}

import type { FormEvent, ReactNode } from 'react';

interface Props {
  readonly title: string;
  readonly words: string;
  /** What it comes to, on the mat. */
  readonly picture: ReactNode;
  /** Sent by Enter in its field, too. */
  readonly onGo?: () => void;
  readonly children?: ReactNode;
}

/** One way in: what it comes to, what it is for, and where it begins. */
export function Way({ title, words, picture, onGo, children }: Props) {
  const send = (event: FormEvent) => {
    event.preventDefault();
    onGo?.();
  };
  return (
    <section
      aria-label={title}
      className="flex flex-col overflow-hidden rounded-xl border border-rule bg-card"
    >
      <div className="on-mat flex h-44 flex-col justify-center bg-mat p-3 text-white">{picture}</div>
      <form className="flex grow flex-col gap-3 p-4" onSubmit={send}>
        <h2 className="font-bold font-title text-2xl">{title}</h2>
        <p>{words}</p>
        <div className="mt-auto flex flex-col gap-3">{children}</div>
      </form>
    </section>
  );
}

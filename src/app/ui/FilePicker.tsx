import type { ReactNode } from 'react';

interface Props {
  readonly label: ReactNode;
  /** For those who cannot see what it belongs to. */
  readonly name?: string;
  /** Kinds of files, as a browser's file dialogue names them. */
  readonly accept: string;
  /** Straight from the camera, where the device has one. */
  readonly capture?: boolean;
  readonly onFile: (file: File) => void;
}

/** A button that takes one file; the same file can be taken again. */
export function FilePicker({ label, name, accept, capture, onFile }: Props) {
  return (
    <label className="inline-flex cursor-pointer items-center gap-2 self-start rounded-md border border-ink-soft px-3 py-1.5 text-[15px] focus-within:outline-2 hover:bg-rule/50">
      {label}
      <input
        type="file"
        aria-label={name}
        accept={accept}
        capture={capture ? 'environment' : undefined}
        className="sr-only"
        onChange={(e) => {
          const file = e.target.files?.[0];
          e.target.value = '';
          if (file) onFile(file);
        }}
      />
    </label>
  );
}

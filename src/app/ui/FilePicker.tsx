interface Props {
  readonly label: string;
  /** Kinds of files, as a browser's file dialogue names them. */
  readonly accept: string;
  readonly onFile: (file: File) => void;
}

/** A button that takes one file; the same file can be taken again. */
export function FilePicker({ label, accept, onFile }: Props) {
  return (
    <label className="cursor-pointer self-start rounded-md border border-ink-soft px-3 py-1.5 text-[15px] focus-within:outline-2 hover:bg-rule/50">
      {label}
      <input
        type="file"
        accept={accept}
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

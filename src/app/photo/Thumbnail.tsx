import { Button } from '../ui/Button.tsx';

/** The small picture that is kept with a piece; nothing where there is none. */
export function Thumbnail({ url, onRemove }: { readonly url: string; readonly onRemove?: () => void }) {
  if (!url) return null;
  return (
    <figure className="mt-1 flex items-end gap-2">
      <img
        src={url}
        alt="The piece, as it was photographed"
        className="max-h-32 rounded border border-rule"
      />
      {onRemove && (
        <Button look="quiet" onClick={onRemove}>
          don’t keep the picture
        </Button>
      )}
    </figure>
  );
}

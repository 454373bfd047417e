import { Camera } from 'lucide-react';
import { Suspense, useState } from 'react';
import { Button } from '../ui/Button.tsx';
import { lazily } from '../ui/lazily.ts';
import type { FromPhoto, PhotoPiece } from './types.ts';

const PhotoSheet = lazily(() => import('./PhotoSheet.tsx'));

interface Props {
  readonly piece: PhotoPiece;
  /** What it measures, for those who can’t see beside which field it is. */
  readonly name: string;
  readonly onUse: (found: FromPhoto) => void;
}

/** Measures a length from a photo instead of by tape. */
export function PhotoButton({ piece, name, onUse }: Props) {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <Button
        look="quiet"
        className="self-start"
        aria-label={`${name}, from a photo`}
        onClick={() => setOpen(true)}
      >
        <Camera size={18} aria-hidden /> from a photo
      </Button>
      {isOpen && (
        <Suspense>
          <PhotoSheet
            piece={piece}
            onClose={() => setOpen(false)}
            onUse={(found) => {
              onUse(found);
              setOpen(false);
            }}
          />
        </Suspense>
      )}
    </>
  );
}

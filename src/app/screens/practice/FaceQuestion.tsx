import { useWeave } from '../../state/knowledge.tsx';
import { SamplePicture } from '../../ui/SamplePicture.tsx';

const LENGTH_D = 16;

/** A face of a tight weave, running off both sides; its back once the answer is given. */
export function FaceQuestion({ weave, isTurned }: { readonly weave: string; readonly isTurned: boolean }) {
  const solved = useWeave(weave);
  if (!solved) return null;
  const scale = Math.min(26, 190 / (solved.widthD + 1));
  return (
    <div className="flex flex-col items-center gap-4 overflow-hidden">
      <SamplePicture
        solved={solved}
        view="front"
        label="A weave, its front"
        lengthD={LENGTH_D}
        scale={scale}
        className="max-w-full"
      />
      {isTurned && (
        <SamplePicture
          solved={solved}
          view="back"
          label="The same weave, its back"
          lengthD={LENGTH_D}
          scale={0.7 * scale}
          className="max-w-full"
        />
      )}
    </div>
  );
}

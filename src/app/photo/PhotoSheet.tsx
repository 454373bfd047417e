import { SHEETS } from '../../core/fit/wristStrip.ts';
import { leastMarks, nextMark } from '../../core/photo/marking.ts';
import { squareSheetSvg } from '../../core/photo/squareSheet.ts';
import { REFERENCES } from '../../core/photo/types.ts';
import { download } from '../export/download.ts';
import { Boundary } from '../ui/Boundary.tsx';
import { Button } from '../ui/Button.tsx';
import { FilePicker } from '../ui/FilePicker.tsx';
import { Problem } from '../ui/Problem.tsx';
import { Select } from '../ui/Select.tsx';
import { Sheet } from '../ui/Sheet.tsx';
import { Answer } from './Answer.tsx';
import { MarkPicture } from './MarkPicture.tsx';
import type { FromPhoto, PhotoPiece } from './types.ts';
import { usePhoto } from './usePhoto.ts';

interface Props {
  readonly piece: PhotoPiece;
  readonly onUse: (found: FromPhoto) => void;
  readonly onClose: () => void;
}

/** Measuring from a photo: a picture, four corners of something whose size is known, the ends, and a few marks along. */
export default function PhotoSheet({ piece, onUse, onClose }: Props) {
  const photo = usePhoto(piece);
  const { shown, kind, points, how } = photo;
  return (
    <Sheet title="Measure from a photo" place="wide" close="top" onClose={onClose}>
      <div className="mt-2 flex flex-col gap-3 text-base">
        {!shown && (
          <p className="max-w-3xl">
            {kind === 'band'
              ? 'Lay the piece flat on something darker or lighter, with a bank card beside its middle. Photograph it from 30 to 40 cm away, slightly from one side.'
              : 'Lay the cord flat so that it doesn’t cross itself, with a bank card beside its middle, or a sheet of paper if it is longer than 40 cm.'}{' '}
            The photo never leaves this browser.
          </p>
        )}
        <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
          <FilePicker
            label={shown ? 'Another picture' : 'Choose or take a picture'}
            name="Picture"
            accept="image/*"
            onFile={photo.choose}
          />
          <Select
            label="Beside it"
            value={how.reference}
            choices={REFERENCES.map((r) => ({ value: r.id, name: r.name }))}
            onChange={(reference) => photo.setHow({ reference })}
          />
          {how.reference === 'square' &&
            (['a4', 'letter'] as const).map((size) => (
              <Button
                key={size}
                look="quiet"
                onClick={() =>
                  download({
                    name: `square-${size}.svg`,
                    type: 'image/svg+xml',
                    text: squareSheetSvg(size),
                  })
                }
              >
                Save the square for {SHEETS[size].name}
              </Button>
            ))}
          <Check
            label="raised to the middle of the piece"
            isOn={how.isRaised}
            onChange={(isRaised) => photo.setHow({ isRaised })}
          />
          <Check
            label="snap corners to the edges"
            isOn={how.snaps}
            onChange={(snaps) => photo.setHow({ snaps })}
          />
          <Check
            label="the photo was cropped"
            isOn={how.isCropped}
            onChange={(isCropped) => photo.setHow({ isCropped })}
          />
        </div>
        <Problem>{photo.problem}</Problem>
        {shown && (
          <Boundary name="The picture" keys={[shown]}>
            <p role="status" className="font-semibold" data-testid="next-mark">
              {nextMark(points.length, kind, how.reference)}
            </p>
            <MarkPicture
              shown={shown}
              kind={kind}
              points={points}
              found={photo.found}
              onAdd={photo.add}
              onMove={photo.move}
              onRemove={photo.remove}
            />
            <div className="flex flex-wrap items-center gap-3 text-[15px] text-ink-soft">
              <Button look="quiet" disabled={points.length === 0} onClick={photo.undo}>
                Undo the last mark
              </Button>
              <Button look="quiet" disabled={points.length === 0} onClick={photo.clear}>
                Clear all marks
              </Button>
              <span>
                Drag a mark to move it, or use the arrow keys for one pixel at a time. Delete removes one
                along the middle.
              </span>
            </div>
            {points.length >= leastMarks(kind) && <Answer photo={photo} onUse={onUse} />}
          </Boundary>
        )}
      </div>
    </Sheet>
  );
}

function Check({
  label,
  isOn,
  onChange,
}: {
  readonly label: string;
  readonly isOn: boolean;
  readonly onChange: (is: boolean) => void;
}) {
  return (
    <label className="flex items-center gap-2 text-[15px]">
      <input
        type="checkbox"
        className="size-5 accent-amber-ink"
        checked={isOn}
        onChange={(e) => onChange(e.target.checked)}
      />
      {label}
    </label>
  );
}

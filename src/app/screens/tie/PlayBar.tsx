import { Play, Square } from 'lucide-react';
import { Segments } from '../../ui/Segments.tsx';
import { SPEEDS, type Speed } from './usePlayed.ts';

interface Props {
  readonly speed: Speed | undefined;
  readonly onSpeed: (speed: Speed | undefined) => void;
  /** What plays: “this row”. */
  readonly what: string;
}

/** Starts and stops a picture that draws itself, and sets its speed; not there for who wants no motion. */
export function PlayBar({ speed, onSpeed, what }: Props) {
  if (window.matchMedia('(prefers-reduced-motion: reduce)').matches) return null;
  return (
    <div className="flex flex-wrap items-end gap-3 pt-2">
      <button
        type="button"
        className="inline-flex items-center gap-2 rounded-md border border-white/70 px-3 py-1.5 text-[15px] text-white hover:bg-white/10"
        aria-pressed={speed !== undefined}
        onClick={() => onSpeed(speed ? undefined : 'normal')}
      >
        {speed ? <Square size={16} aria-hidden /> : <Play size={16} aria-hidden />}
        {speed ? 'Stop' : `Play ${what}`}
      </button>
      {speed && <Segments label="Speed" value={speed} onChange={onSpeed} choices={SPEEDS} />}
    </div>
  );
}

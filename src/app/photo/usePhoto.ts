import { useEffect, useMemo, useRef, useState } from 'react';
import {
  marksOfPoints,
  type PhotoKind,
  UNMARKED,
  withMark,
  withoutLast,
  withoutMark,
} from '../../core/photo/marking.ts';
import type { BandMeasured, Measured } from '../../core/photo/measure.ts';
import type { Marks, Point } from '../../core/photo/types.ts';
import { type OpenPhoto, openPhoto } from '../../workers/outside/photo.ts';
import type { PhotoPiece } from './types.ts';

/** The picture as it is shown and marked. */
export interface ShownPhoto {
  readonly url: string;
  readonly width: number;
  readonly height: number;
  readonly small: string;
}

export interface How extends Pick<Marks, 'reference' | 'isRaised' | 'snaps'> {
  readonly isCropped: boolean;
}

export type Found =
  | { readonly kind: 'band'; readonly measured: BandMeasured }
  | { readonly kind: 'cord'; readonly measured: Measured }
  | { readonly kind: 'failed'; readonly message: string };

const USUAL: How = { reference: 'card', isRaised: false, snaps: true, isCropped: false };
/** Measured so long after the last change of a mark. */
const REST_MS = 180;

/** A picture in its worker, the marks in it, and what they come to. */
export function usePhoto(asked: PhotoPiece) {
  // The same piece may come as a new object with every look of the page around it.
  const key = JSON.stringify(asked);
  const piece = useMemo(() => JSON.parse(key) as PhotoPiece, [key]);
  const kind: PhotoKind = 'band' in piece ? 'band' : 'cord';
  const [file, setFile] = useState<Blob>();
  const [shown, setShown] = useState<ShownPhoto>();
  const [marked, setMarked] = useState(UNMARKED);
  const { points } = marked;
  const [how, setHow] = useState<How>(USUAL);
  const [found, setFound] = useState<Found>();
  const [isWorking, setWorking] = useState(false);
  const [problem, setProblem] = useState<string>();
  const open = useRef<OpenPhoto>(undefined);

  useEffect(() => {
    if (!file) return;
    const url = URL.createObjectURL(file);
    setShown(undefined);
    setMarked(UNMARKED);
    setFound(undefined);
    setProblem(undefined);
    setWorking(true);
    const photo = openPhoto(file, (message) => {
      setWorking(false);
      if (message.kind === 'open') return setShown({ ...message, url });
      if (message.kind !== 'failed') return setFound(message);
      const words = message.issues[0]!.message;
      if (message.round === 0) setProblem(words);
      else setFound({ kind: 'failed', message: words });
    });
    open.current = photo;
    return () => {
      photo.close();
      URL.revokeObjectURL(url);
    };
  }, [file]);

  useEffect(() => {
    const marks = marksOfPoints(points, kind, how);
    if (!shown || !marks) return setFound(undefined);
    const timer = setTimeout(() => {
      setWorking(true);
      open.current?.measure({ marks, isCropped: how.isCropped, piece });
    }, REST_MS);
    return () => clearTimeout(timer);
  }, [shown, points, kind, how, piece]);

  return {
    kind,
    shown,
    points,
    how,
    found,
    isWorking,
    problem,
    choose: setFile,
    setHow: (patch: Partial<How>) => setHow((h) => ({ ...h, ...patch })),
    add: (p: Point) => setMarked((all) => withMark(all, p, kind)),
    move: (index: number, p: Point) => setMarked((all) => ({ ...all, points: all.points.with(index, p) })),
    remove: (index: number) => setMarked((all) => withoutMark(all, index)),
    undo: () => setMarked(withoutLast),
    clear: () => setMarked(UNMARKED),
  };
}

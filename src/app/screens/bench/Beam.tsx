import { Suspense, useMemo, useRef } from 'react';
import { beamScene, closedSpan } from '../../../core/drawing/beam.ts';
import { placeAlong, placesOf } from '../../../core/drawing/place.ts';
import { PER_MM, type Scene } from '../../../core/drawing/shape.ts';
import type { Plan } from '../../../core/plan/types.ts';
import { usePictures } from '../../state/knowledge.tsx';
import { lazily } from '../../ui/lazily.ts';
import { Mat } from '../../ui/Mat.tsx';
import { Shapes } from '../../ui/Shapes.tsx';
import { useLength, useUnits } from '../../ui/units.tsx';
import { useWidth } from '../../ui/useWidth.ts';
import { VIEW_NAMES } from '../../ui/viewNames.ts';
import { AddonHandles } from './AddonHandles.tsx';
import { BandNotes, LINE_PX } from './BandNotes.tsx';
import { type PlanView, useBench, useLit, usePlan } from './BenchContext.tsx';
import { Dimension } from './Dimension.tsx';
import { layNotes } from './notes.ts';
import type { BeamView } from './views.ts';

const ClosedPiece = lazily(() => import('./ClosedPiece.tsx'));

const VIEWS: readonly BeamView[] = ['front', 'back', 'edge', 'closed'];
export const RULER_PX = 26;
const MAX_SCALE = 6.5;

interface Props {
  readonly view: BeamView;
  readonly onView: (view: BeamView) => void;
}

/** The piece on the cutting mat, to scale with the ruler: laid open from a side, or closed round the body. */
export function Beam({ view, onView }: Props) {
  const shown = usePlan();
  const { design, dispatch } = useBench();
  const worn = design.face ?? 'front';
  const frame = useRef<HTMLDivElement>(null);
  const width = useWidth(frame);
  const pictures = usePictures(shown?.planned.pattern.id, shown?.plan);
  const detailMm = shown ? detailOf(shown.plan, width) : 0;
  const scene = useMemo(
    () => shown && pictures && view !== 'closed' && beamScene(shown.plan, pictures, view, detailMm),
    [shown, pictures, view, detailMm],
  );
  const isAwaited = !scene && view !== 'closed';
  return (
    <section aria-label="The Beam" className="on-mat own-layer relative bg-mat text-white" ref={frame}>
      {isAwaited && <div className="h-44 sm:h-72" />}
      {scene && shown && <Piece scene={scene} shown={shown} width={width} />}
      {view === 'closed' && shown && pictures && (
        <Suspense fallback={<div className="h-72" />}>
          <ClosedPiece pictures={pictures} shown={shown} width={width} />
        </Suspense>
      )}
      {/* To be pressed once the picture above has its height. */}
      <fieldset className={`flex gap-1 px-4 pb-2 text-[15px] ${isAwaited ? 'invisible' : ''}`}>
        <legend className="sr-only">Which face is shown</legend>
        {VIEWS.map((v) => (
          <button
            key={v}
            type="button"
            aria-pressed={v === view}
            onClick={() => onView(v)}
            className="rounded px-2.5 py-1 text-white/85 hover:bg-white/10 aria-pressed:bg-white aria-pressed:font-semibold aria-pressed:text-mat-deep"
          >
            {VIEW_NAMES[v]}
            {v === worn && <span className="sr-only"> (worn outside)</span>}
            {v === worn && <span aria-hidden> ★</span>}
          </button>
        ))}
        {(view === 'front' || view === 'back') && view !== worn && (
          <button
            type="button"
            onClick={() => dispatch({ type: 'face', face: view })}
            className="ml-3 rounded border border-white/50 px-2.5 py-1 hover:bg-white/10"
          >
            Wear this face outside
          </button>
        )}
      </fieldset>
    </section>
  );
}

/** Three quarters of a pixel in mm on a screen that shows the whole piece, in coarse steps: nothing smaller is drawn. */
function detailOf(plan: Plan, width: number): number {
  const lengthMm = plan.bands.reduce((sum, b) => sum + b.startMm + b.wovenMm + b.end.standoffMm, plan.caseMm);
  const pixelMm = lengthMm / Math.max(300, width - 48) / (window.devicePixelRatio || 1);
  return 2 ** Math.floor(Math.log2(0.75 * pixelMm));
}

function Piece({ scene, shown, width }: { scene: Scene; shown: PlanView; width: number }) {
  const { plan, planned } = shown;
  const { lit, setLit } = useLit();
  const show = useLength();
  const units = useUnits();
  const span = closedSpan(plan);
  const scale = Math.min(MAX_SCALE, (width - 48) / scene.widthMm);
  const pieceTop = RULER_PX + 52;
  const pieceHeight = scene.heightMm * scale;
  const left = (width - scene.widthMm * scale) / 2;
  const x = (mm: number) => left + (mm - scene.minX) * scale;
  const middle = pieceTop - scene.minY * scale;
  const places = placesOf(plan);
  const notes = plan.bands.map((band, i) =>
    layNotes(band, plan.metrics.isPlain, (mm) => x(placeAlong(places[i]!, mm)), width),
  );
  const lines = 1 + Math.max(0, ...notes.flat().map((n) => n.line));
  const height = pieceTop + pieceHeight + 42 + lines * LINE_PX;
  const cord = lit?.part === undefined ? undefined : plan.cords[lit.cord];
  const part = cord?.parts[lit?.part ?? -1];
  const litSpan =
    cord && part?.fromMm !== undefined && part.toMm !== undefined
      ? [part.fromMm, part.toMm].map((mm) => x(placeAlong(places[cord.band]!, mm))).sort((a, b) => a - b)
      : undefined;
  const title = `${planned.name}: ${plan.rows} rows, ${show(plan.finishedLengthMm)} closed`;
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      // What can be dragged may not lie inside a picture, only inside a group.
      role={plan.bands.some((b) => b.addons.length > 0) ? 'group' : 'img'}
      aria-label={title}
      data-scale={scale}
      onPointerOver={(e) => {
        const { strand, cord: pointed } = (e.target as SVGElement).dataset;
        setLit(strand ? { strand, cord: Number(pointed ?? 0) } : undefined);
      }}
      onPointerLeave={() => setLit(undefined)}
    >
      <Mat
        width={width}
        height={height}
        units={units}
        scale={scale}
        zero={x(Math.min(span.fromMm, span.toMm))}
        rulerPx={RULER_PX}
      />
      <Dimension
        from={x(span.fromMm)}
        to={x(span.toMm)}
        y={RULER_PX + 26}
        text={`closed ${show(plan.finishedLengthMm)}`}
        testId="dim-closed"
      />
      <g transform={`translate(${x(0)} ${middle}) scale(${scale / PER_MM})`}>
        <Shapes shapes={scene.shapes} lit={lit?.strand} />
      </g>
      {plan.bands.map((band, i) => (
        <BandNotes
          key={band.name}
          band={band}
          isPlain={plan.metrics.isPlain}
          notes={notes[i]!}
          x={(mm) => x(placeAlong(places[i]!, mm))}
          top={pieceTop}
          bottom={pieceTop + pieceHeight}
        />
      ))}
      {plan.bands[0] && plan.bands[0].addons.length > 0 && (
        <AddonHandles
          band={plan.bands[0]}
          x={(mm) => x(placeAlong(places[0]!, mm))}
          scale={scale}
          top={pieceTop}
          height={pieceHeight}
        />
      )}
      {plan.sequence?.splices.map((s) => (
        <path
          key={`${s.strand} ${s.row}`}
          d={`M${x(s.atMm)} ${pieceTop + pieceHeight - 2}l-5 9h10Z`}
          fill="#e3a31b"
          data-testid="splice"
        >
          <title>{`splice in ${s.strand}, row ${s.row}, on the back`}</title>
        </path>
      ))}
      {litSpan && (
        <rect
          x={litSpan[0]! - 3}
          width={Math.max(8, litSpan[1]! - litSpan[0]! + 6)}
          y={pieceTop}
          height={pieceHeight}
          rx="5"
          fill="none"
          stroke="#e3a31b"
          strokeWidth="3"
          data-testid="lit-stretch"
        />
      )}
    </svg>
  );
}

import { useMemo, useState } from 'react';
import { type Candidate, ringsThatFit, type WhyNot } from '../../../core/rings/candidates.ts';
import { codingWords } from '../../../core/rings/coding.ts';
import { coloursOf } from '../../../core/rings/drawing/look.ts';
import { mapScene } from '../../../core/rings/drawing/map.ts';
import { ringMinutes } from '../../../core/rings/fit.ts';
import { layRing } from '../../../core/rings/lays.ts';
import { codingName } from '../../../core/rings/types.ts';
import { Button } from '../../ui/Button.tsx';
import { LengthField } from '../../ui/LengthField.tsx';
import { SceneView } from '../../ui/SceneView.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { Sheet } from '../../ui/Sheet.tsx';
import { useLength } from '../../ui/units.tsx';
import { useRing } from './RingContext.tsx';

const MOST_SHOWN = 12;

/** Which rings suit a width, this girth and the cord at hand: drawn to one scale, the best first. */
export function WhichFit({ onClose }: { readonly onClose: () => void }) {
  const { plan, bench } = useRing();
  const show = useLength();
  const [widthMm, setWidth] = useState(plan.widthMm);
  const [isOpen, setOpen] = useState(plan.verdict === 'open');
  const [cordMm, setCord] = useState<number>();
  const found = useMemo(
    () =>
      ringsThatFit({
        girth: plan.ring.girth,
        d: plan.ring.d,
        width: widthMm,
        isOpen,
        strands: 1,
        ...(cordMm === undefined ? {} : { cord: cordMm }),
      }),
    [plan, widthMm, isOpen, cordMm],
  );
  const use = (c: Candidate) => {
    bench.dispatch({
      type: 'set',
      patch: {
        leads: c.shape.leads,
        bights: c.shape.bights,
        coding: codingName(c.shape.coding),
        lanes: Array<number>(c.passes).fill(plan.design.lanes[0]!),
        strandCords: undefined,
        widthMm: isOpen ? c.width : undefined,
      },
    });
    onClose();
  };
  return (
    <Sheet title="Which rings fit?" place="wide" close="top" onClose={onClose}>
      <div className="mt-2 flex flex-wrap items-start gap-5 text-base">
        <LengthField label="Width wanted" valueMm={widthMm} leastMm={3} mostMm={300} onChange={setWidth} />
        <Segments
          label="Closed or open?"
          value={isOpen}
          onChange={setOpen}
          choices={[
            { value: false, name: 'closed' },
            { value: true, name: 'open, on pins' },
          ]}
        />
        <LengthField
          label="Cord at hand, if you know it"
          valueMm={cordMm}
          leastMm={100}
          mostMm={100_000}
          onChange={setCord}
        />
      </div>
      <p className="mt-2 text-[15px] text-ink-soft">
        Inside {show(plan.ring.girth)} in {plan.cordType.name}, one cord each. Leads that cross at about 25°
        come first: a matter of taste.
      </p>
      <ul className="mt-3 grid gap-3 sm:grid-cols-2 lg:grid-cols-3">
        {found.slice(0, MOST_SHOWN).map((c) => (
          <li
            key={`${c.passes}-${codingName(c.shape.coding)}-${c.shape.leads}x${c.shape.bights}`}
            className="flex flex-col gap-2 rounded-xl border border-rule p-3 text-base"
          >
            <FitPicture candidate={c} />
            <p className="font-semibold">
              {c.shape.leads} × {c.shape.bights}, {codingWords(c.shape.coding)}
              {c.passes > 1 ? `, ${c.passes} passes` : ''}
            </p>
            <p className="text-[15px]">
              {show(c.width)} wide · {show(c.cord, { kind: 'cut' })} of cord without ends · about{' '}
              {Math.round(ringMinutes(c.shape, c.passes))} min · leads at{' '}
              {Math.round((c.angle * 180) / Math.PI)}°
            </p>
            {c.whyNot && <Nearly whyNot={c.whyNot} />}
            <Button className="mt-auto self-start" look={c.whyNot ? 'plain' : 'next'} onClick={() => use(c)}>
              Use this
            </Button>
          </li>
        ))}
      </ul>
      {found.length === 0 && (
        <p role="status" className="mt-3">
          No ring is that {isOpen ? 'narrow' : 'wide'} here. Try another width, thinner cord, or{' '}
          {isOpen ? 'a closed one' : 'an open one'}.
        </p>
      )}
    </Sheet>
  );
}

/** What keeps a ring from being what was wanted. */
function Nearly({ whyNot }: { readonly whyNot: WhyNot }) {
  const show = useLength();
  const words =
    whyNot.reason === 'cord'
      ? `${show(whyNot.short, { kind: 'cut' })} of cord are missing`
      : whyNot.reason === 'strands'
        ? `it needs ${whyNot.strands} cords`
        : `${show(Math.abs(whyNot.off), { kind: 'small' })} ${whyNot.off > 0 ? 'wider' : 'narrower'} than wanted`;
  return <p className="text-[15px] text-bad">Nearly: {words}.</p>;
}

/** The same stretch of every ring, so that they compare. */
const SHOWN_MM = 90;

function FitPicture({ candidate: c }: { readonly candidate: Candidate }) {
  const { plan } = useRing();
  const scene = useMemo(() => {
    const lays = layRing(c.shape, Array<number>(c.passes).fill(plan.design.lanes[0]!));
    return mapScene(
      {
        ring: { ...plan.ring, shape: c.shape, passes: c.passes },
        widthMm: c.width,
        lays,
        colours: coloursOf(plan),
        cordOf: (lay) => lay.cord,
        beyondMm: 0,
      },
      lays,
    );
  }, [c, plan]);
  return (
    <SceneView
      scene={scene}
      part={{ minX: 0, widthMm: Math.min(SHOWN_MM, scene.widthMm) }}
      label={`${c.shape.leads} × ${c.shape.bights}, drawn to scale`}
      className="on-mat w-full rounded-lg bg-mat p-1"
    />
  );
}

import { CircleAlert, CircleCheck } from 'lucide-react';
import { useState } from 'react';
import { adapt } from '../../../core/plan/adapt.ts';
import { type Remedy, triedOn } from '../../../core/plan/triedOn.ts';
import { useWorkshop } from '../../state/knowledge.tsx';
import { Button } from '../../ui/Button.tsx';
import { LengthField } from '../../ui/LengthField.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { useLength } from '../../ui/units.tsx';
import { WhyNumber, WhyText } from '../../ui/WhyNumber.tsx';
import { useBench, usePlan } from './BenchContext.tsx';

/** What stands under its heading once it is opened. */
export default function TriedOnEntry() {
  const view = usePlan();
  const [isLoose, setLoose] = useState(true);
  const [mm, setMm] = useState<number>();
  if (!view) return null;
  const remedies = mm === undefined ? [] : triedOn(view.planned, view.plan, isLoose ? mm : -mm);
  return (
    <div className="mt-2 flex flex-col gap-3">
      <div className="flex flex-wrap items-start gap-4">
        <Segments
          label="Closed, it is too"
          value={isLoose}
          onChange={setLoose}
          choices={[
            { value: true, name: 'loose' },
            { value: false, name: 'tight' },
          ]}
        />
        <div className="w-56">
          <LengthField
            label="by how much, round the body"
            kind="small"
            valueMm={mm}
            leastMm={0}
            mostMm={200}
            hint="Pinch what is over, or measure the gap."
            onChange={setMm}
          />
        </div>
      </div>
      {remedies.length > 0 && (
        <ul className="flex flex-col gap-2" data-testid="remedies">
          {remedies.map((r) => (
            <RemedyLine key={r.id} remedy={r} />
          ))}
        </ul>
      )}
    </div>
  );
}

function RemedyLine({ remedy }: { readonly remedy: Remedy }) {
  const { design, dispatch } = useBench();
  const { know } = useWorkshop();
  const show = useLength();
  const left = Math.abs(remedy.leftMm);
  return (
    <li
      className="flex flex-wrap items-start gap-2 rounded-lg border border-rule bg-card px-3 py-2"
      data-testid={`remedy-${remedy.id}`}
    >
      {remedy.ok ? (
        <CircleCheck className="mt-0.5 shrink-0 text-good" size={18} aria-label="does it" />
      ) : (
        <CircleAlert className="mt-0.5 shrink-0 text-bad" size={18} aria-label="not enough on its own" />
      )}
      <div className="flex min-w-0 grow flex-col">
        <span className="font-semibold">
          <WhyText why={remedy.what} />
        </span>
        <span className="text-ink-soft text-sm">
          {left < 0.5
            ? 'Then it fits.'
            : `Then it is still ${show(left, { kind: 'small' })} ${remedy.leftMm > 0 ? 'loose' : 'tight'}.`}
        </span>
        {remedy.remaining && (
          <span className="text-sm">
            Cord to spare then:{' '}
            {remedy.remaining.map((r, i) => (
              <span key={r.letter}>
                {i > 0 && ', '}
                {r.letter}{' '}
                <WhyNumber
                  label={`Cord to spare of ${r.letter}`}
                  value={r.mm < 0 ? `${show(-r.mm, { kind: 'small' })} short` : show(r.mm, { kind: 'small' })}
                  why={r.why}
                />
              </span>
            ))}
          </span>
        )}
      </div>
      {remedy.patch && (
        <Button onClick={() => dispatch({ type: 'become', design: adapt(design, remedy.patch!, know) })}>
          Use this
        </Button>
      )}
    </li>
  );
}

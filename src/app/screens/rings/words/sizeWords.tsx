import type { RingDesign } from '../../../../core/formats/ring.ts';
import { codingWords, readsBothWays } from '../../../../core/rings/coding.ts';
import { shapeOfDesign } from '../../../../core/rings/plan.ts';
import { codingName } from '../../../../core/rings/types.ts';
import { codingsFor, oneCordNear } from '../../../../core/rings/validity.ts';
import { Button } from '../../../ui/Button.tsx';
import { Choices } from '../../../ui/Choices.tsx';
import { LengthField } from '../../../ui/LengthField.tsx';
import { NumberField } from '../../../ui/NumberField.tsx';
import { useLength } from '../../../ui/units.tsx';
import { useRing } from '../RingContext.tsx';
import { Issue } from './issues.tsx';

export function SizePicker() {
  const { ring, bench, plan } = useRing();
  const set = (patch: Partial<RingDesign>) => bench.dispatch({ type: 'set', patch }, 'size');
  return (
    <>
      <Issue path="/leads" />
      <Issue path="/bights" />
      <div className="grid grid-cols-2 gap-3">
        <div className="flex flex-col gap-1">
          <span className="font-medium text-sm">Leads: cords across</span>
          <NumberField
            label="Leads"
            value={ring.leads}
            least={2}
            most={40}
            onChange={(n) => n && set({ leads: n })}
          />
        </div>
        <div className="flex flex-col gap-1">
          <span className="font-medium text-sm">Bights: turns on each edge</span>
          <NumberField
            label="Bights"
            value={ring.bights}
            least={2}
            most={200}
            onChange={(n) => n && set({ bights: n })}
          />
        </div>
      </div>
      <p className="text-ink-soft text-sm">
        {plan.strands === 1
          ? 'One cord makes it.'
          : `It needs ${plan.strands} cords, because ${plan.strands} divides both numbers. With one cord: ${oneCordNear(ring.leads, ring.bights).join(', ')}.`}{' '}
        The grid below shows which rings suit this girth.
      </p>
    </>
  );
}

export function CodingPicker() {
  const { ring, bench } = useRing();
  const choices = codingsFor(ring.leads, ring.bights);
  return (
    <>
      <Issue path="/coding" />
      <Choices
        label="What do neighbouring crossings do?"
        value={ring.coding}
        onChange={(coding) => bench.dispatch({ type: 'set', patch: { coding } }, 'coding')}
        choices={choices.map((coding) => {
          const shape = { ...shapeOfDesign(ring), coding };
          return {
            value: codingName(coding),
            name: codingWords(coding),
            note:
              coding.n === 1
                ? 'over one, under one, both ways'
                : coding.by === 'col'
                  ? 'slanting columns, each half cycle begins elsewhere in its word'
                  : readsBothWays(shape)
                    ? 'the same word in both directions'
                    : 'the two directions read different words',
          };
        })}
      />
    </>
  );
}

export function WidthPicker() {
  const { ring, bench, plan } = useRing();
  const show = useLength();
  return (
    <>
      <Issue path="/widthMm" />
      <p className="text-[15px]">
        At its narrowest this ring is {show(plan.narrowMm)} wide. Wider, it is open: hold it on pins while you
        tie.
      </p>
      <LengthField
        label="Width over the cords"
        valueMm={ring.widthMm ?? plan.narrowMm}
        leastMm={2}
        mostMm={400}
        onChange={(widthMm) => bench.dispatch({ type: 'set', patch: { widthMm } }, 'width')}
      />
      {ring.widthMm !== undefined && (
        <Button onClick={() => bench.dispatch({ type: 'set', patch: { widthMm: undefined } })}>
          At its narrowest
        </Button>
      )}
    </>
  );
}

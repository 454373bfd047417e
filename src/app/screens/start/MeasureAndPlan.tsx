import { useMemo, useState } from 'react';
import { findProduct } from '../../../core/fit/products.ts';
import type { Design } from '../../../core/formats/design.ts';
import type { Knowledge } from '../../../core/plan/knowledge.ts';
import { plan } from '../../../core/plan/plan.ts';
import { newDesign } from '../../state/newDesign.ts';
import { BandPicture } from '../../ui/BandPicture.tsx';
import { Button } from '../../ui/Button.tsx';
import { CutNumbers } from '../../ui/CutNumbers.tsx';
import { LengthField } from '../../ui/LengthField.tsx';
import { useLength } from '../../ui/units.tsx';
import { WhyNumber } from '../../ui/WhyNumber.tsx';
import { Way } from './Way.tsx';

interface Props {
  readonly know: Knowledge;
  readonly onPlan: (wearer: Design['wearer']) => void;
}

const BLANK = newDesign('');
const GIRTH = findProduct(BLANK.product)!.girth;

/** A usual bracelet for the wrist that is typed, at once: what it comes to, and from there to the Bench. */
export function MeasureAndPlan({ know, onPlan }: Props) {
  const show = useLength();
  const [girthMm, setGirth] = useState(GIRTH.usualMm);
  const wearer = useMemo(() => ({ ...BLANK.wearer, girthMm }), [girthMm]);
  const made = useMemo(() => plan({ ...BLANK, wearer }, know), [wearer, know]);
  return (
    <Way
      title="Measure and plan"
      words="Lay a tape round the wrist, just touching. Everything else is already filled in; change any word later."
      onGo={() => onPlan(wearer)}
      picture={
        made.ok && (
          <>
            <BandPicture
              plan={made.value}
              patternId={BLANK.pattern.id}
              label="The bracelet, laid open"
              className="max-h-24 w-full"
            />
            <p className="mt-2 text-center" data-testid="start-answer">
              For {show(girthMm)}: cut <CutNumbers plan={made.value} className="text-xl" />, tie{' '}
              <WhyNumber
                label="Rows"
                value={String(made.value.figures.rows.value)}
                why={made.value.figures.rows.why}
              />{' '}
              rows
            </p>
          </>
        )
      }
    >
      <LengthField
        label="Wrist"
        valueMm={girthMm}
        leastMm={GIRTH.leastMm}
        mostMm={GIRTH.mostMm}
        onChange={setGirth}
      />
      <Button look="next" type="submit" className="w-full py-2.5 text-lg">
        Measure and plan
      </Button>
    </Way>
  );
}

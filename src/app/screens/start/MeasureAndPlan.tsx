import { Suspense, useMemo, useState } from 'react';
import { findProduct } from '../../../core/fit/products.ts';
import type { Design } from '../../../core/formats/design.ts';
import type { Knowledge } from '../../../core/plan/knowledge.ts';
import { newDesign } from '../../state/newDesign.ts';
import { Button } from '../../ui/Button.tsx';
import { LengthField } from '../../ui/LengthField.tsx';
import { lazily } from '../../ui/lazily.ts';
import { Way } from './Way.tsx';

const PlannedBand = lazily(() => import('./PlannedBand.tsx'));

interface Props {
  readonly know: Knowledge;
  readonly onPlan: (wearer: Design['wearer']) => void;
}

const BLANK = newDesign('');
const GIRTH = findProduct(BLANK.product)!.girth;

/** A usual bracelet for the wrist that is typed, at once: what it comes to, and from there to the Bench. */
export function MeasureAndPlan({ know, onPlan }: Props) {
  const [girthMm, setGirth] = useState(GIRTH.usualMm);
  const wearer = useMemo(() => ({ ...BLANK.wearer, girthMm }), [girthMm]);
  const design = useMemo(() => ({ ...BLANK, wearer }), [wearer]);
  return (
    <Way
      title="Measure and plan"
      words="Lay a tape round the wrist, just touching. Everything else is already filled in; change any word later."
      onGo={() => onPlan(wearer)}
      picture={
        <Suspense>
          <PlannedBand design={design} know={know} />
        </Suspense>
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

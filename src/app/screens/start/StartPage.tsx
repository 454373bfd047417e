import { Suspense, useState } from 'react';
import { useNavigate } from 'react-router';
import { makePath } from '../../paths.ts';
import { useWorkshop } from '../../state/knowledge.tsx';
import { useLibrary } from '../../state/library.ts';
import { Button } from '../../ui/Button.tsx';
import { lazily } from '../../ui/lazily.ts';
import { FromWhatIHave } from './FromWhatIHave.tsx';
import { MeasureAndPlan } from './MeasureAndPlan.tsx';
import { Way } from './Way.tsx';

// Words, fields and buttons come first; pictures and numbers need all that plans a band.
const StallPicture = lazily(() => import('./StallPicture.tsx'));

/** Nothing planned yet: three ways in, each with what it comes to. */
export default function StartPage() {
  const library = useLibrary();
  const navigate = useNavigate();
  const { know } = useWorkshop();
  const [opening, setOpening] = useState(false);
  return (
    <main className="mx-auto flex max-w-6xl flex-col gap-5 px-5 py-6">
      <div>
        <h1 className="font-bold font-title text-4xl">How long must the cord be?</h1>
        <p className="mt-1 max-w-3xl text-lg">
          Warp Beam works it out from the knot itself, pulled tight on the computer: finished length, rows,
          and what to cut of every cord. Then it helps you tie.
        </p>
      </div>
      <div className="grid gap-4 lg:grid-cols-3">
        <MeasureAndPlan know={know} onPlan={(wearer) => void library.create({ wearer })} />
        <FromWhatIHave onShow={(have) => void navigate(makePath(have))} />
        <Way
          title="Look around the stall"
          words="The observatory’s open-night stall: designs, a shelf of cord, orders and a school class. Change whatever you like; clear it when you’re done."
          picture={
            <Suspense>
              <StallPicture know={know} />
            </Suspense>
          }
        >
          <Button
            className="w-full py-2.5 text-lg"
            disabled={opening}
            onClick={() => {
              setOpening(true);
              void library.lookAround().finally(() => setOpening(false));
            }}
          >
            Look around the stall
          </Button>
        </Way>
      </div>
      <p className="text-ink-soft">
        Everything you enter stays in this browser. It works without a network once it has been opened.
      </p>
    </main>
  );
}

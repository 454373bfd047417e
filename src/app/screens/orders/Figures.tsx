import { useState } from 'react';
import { USUAL_HANK_CHANCE } from '../../../core/cutting/demands.ts';
import type { StallFigures } from '../../../core/formats/stall.ts';
import { USUAL_STALL } from '../../../core/stall/usual.ts';
import { Button } from '../../ui/Button.tsx';
import { Problem } from '../../ui/Problem.tsx';
import { useToast } from '../../ui/Toast.tsx';
import { InlineNumber } from './figures/InlineNumber.tsx';
import { PriceList } from './figures/PriceList.tsx';
import { Sizes } from './figures/Sizes.tsx';
import { Week } from './figures/Week.tsx';
import type { Book } from './useBook.ts';

/** What the stall reckons with, in sentences: what an hour is worth, prices, sizes, who ties when. */
export function Figures({ book }: { readonly book: Book }) {
  const { figures, stall } = book;
  const toast = useToast();
  const [problem, setProblem] = useState<string>();
  const keep = async (patch: Partial<StallFigures>) => setProblem(await stall.keep({ ...figures, ...patch }));
  const cents = (value: number) => Math.round(value * 100);
  return (
    <div className="grid max-w-6xl grid-cols-1 gap-6 lg:grid-cols-2">
      <section aria-label="What a piece is worth" className="rounded-xl border border-rule bg-card p-4">
        <h2 className="mb-2 font-bold font-title text-xl">What a piece is worth</h2>
        <p className="text-lg leading-loose">
          An hour of work is{' '}
          <InlineNumber
            label="What an hour of work is"
            value={figures.rateCents / 100}
            digits={2}
            most={10_000}
            onChange={(v) => keep({ rateCents: cents(v) })}
          />
          . On top of cord, hardware and work come{' '}
          <InlineNumber
            label="Margin in percent"
            value={figures.marginPercent}
            digits={0}
            most={1000}
            onChange={(v) => keep({ marginPercent: v })}
          />{' '}
          %, and the price is rounded up to{' '}
          <InlineNumber
            label="Rounded up to"
            value={figures.roundCents / 100}
            digits={2}
            least={0.01}
            most={100}
            onChange={(v) => keep({ roundCents: Math.max(1, cents(v)) })}
          />
          .
        </p>
        <h2 className="mt-4 mb-2 font-bold font-title text-xl">Cutting</h2>
        <p className="text-lg leading-loose">
          Sealing a cut loses{' '}
          <InlineNumber
            label="Lost at a cut, mm"
            value={figures.kerfMm}
            digits={0}
            most={200}
            onChange={(v) => keep({ kerfMm: Math.round(v) })}
          />{' '}
          mm. A rest of{' '}
          <InlineNumber
            label="Kept from, mm"
            value={figures.keepMm}
            digits={0}
            most={5000}
            onChange={(v) => keep({ keepMm: Math.round(v) })}
          />{' '}
          mm or more is kept as an offcut; what is shorter is waste. So much is held back of a hank nobody has
          measured that it is long enough{' '}
          <InlineNumber
            label="Long enough, times in 100"
            value={100 * (figures.hankChance ?? USUAL_HANK_CHANCE)}
            digits={0}
            least={50}
            most={99}
            onChange={(v) => keep({ hankChance: Math.round(v) / 100 })}
          />{' '}
          times in 100.
          {figures.joins && (
            <>
              {' '}
              A join takes{' '}
              <InlineNumber
                label="Overlap of a join, mm"
                value={figures.joins.overlapMm}
                digits={0}
                most={1000}
                onChange={(v) => keep({ joins: { ...figures.joins!, overlapMm: Math.round(v) } })}
              />{' '}
              mm of both cords, no part is shorter than{' '}
              <InlineNumber
                label="Shortest joined part, mm"
                value={figures.joins.leastMm}
                digits={0}
                least={10}
                most={10_000}
                onChange={(v) => keep({ joins: { ...figures.joins!, leastMm: Math.round(v) } })}
              />{' '}
              mm, and it is made only where it saves more than{' '}
              <InlineNumber
                label="What a join must save"
                value={figures.joins.priceCents / 100}
                digits={2}
                most={100}
                onChange={(v) => keep({ joins: { ...figures.joins!, priceCents: cents(v) } })}
              />
              .
            </>
          )}
        </p>
        <Problem>{problem}</Problem>
        {stall.isOwn && (
          <Button
            look="quiet"
            className="mt-2"
            onClick={() => {
              const before = figures;
              void stall.keep(USUAL_STALL).then(() =>
                toast({
                  text: 'All figures are the usual ones again.',
                  action: { text: 'Undo', run: async () => void (await stall.keep(before)) },
                }),
              );
            }}
          >
            Back to the usual figures
          </Button>
        )}
      </section>
      <PriceList figures={figures} keep={keep} />
      <Sizes figures={figures} keep={keep} />
      <Week figures={figures} keep={keep} />
    </div>
  );
}

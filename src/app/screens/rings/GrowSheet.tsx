import { useMemo, useState } from 'react';
import {
  type AddedRun,
  addedRuns,
  beginnings,
  type Chain,
  chains,
  type Growth,
  keptOf,
  type Size,
} from '../../../core/rings/grow.ts';
import { grouped, lettersOf } from '../../../core/rings/runList.ts';
import { narrowestWidth, passLength } from '../../../core/rings/sizes.ts';
import { bightName, gcd } from '../../../core/rings/types.ts';
import { Button } from '../../ui/Button.tsx';
import { NumberField } from '../../ui/NumberField.tsx';
import { Select } from '../../ui/Select.tsx';
import { Sheet } from '../../ui/Sheet.tsx';
import { useLength } from '../../ui/units.tsx';
import { useRing } from './RingContext.tsx';

const PHASE = {
  last: 'Over the standing end',
  follow: 'Follow',
  split: 'Split',
  interweave: 'Interweave',
} as const;

/** From a ring in hand to a larger one: only what is added, follow then split, with the size at every stage. */
export function GrowSheet({ onClose }: { readonly onClose: () => void }) {
  const { plan, bench, ring } = useRing();
  const [wanted, setWanted] = useState<Size>(() => ({
    leads: plan.shape.leads,
    bights: plan.shape.bights,
    n: plan.shape.coding.by === 'row' ? plan.shape.coding.n : 1,
  }));
  const small = useMemo(() => (gcd(wanted.leads, wanted.bights) === 1 ? beginnings(wanted) : []), [wanted]);
  const [chosen, setChosen] = useState<Size>();
  const from = small.find((s) => s.leads === chosen?.leads && s.bights === chosen?.bights) ?? small[0];
  const found = useMemo(() => (from ? chains(from, wanted) : []), [from, wanted]);
  const chain: Chain | undefined = found[0];
  return (
    <Sheet title="Grow a ring" place="wide" close="top" onClose={onClose}>
      <div className="mt-2 flex flex-col gap-4 text-base">
        <p className="text-[15px] text-ink-soft">
          The ring in hand is the beginning of the larger one: nothing is undone, and only what is listed here
          is added. Cut the cord for the last stage.
        </p>
        <div className="flex flex-wrap items-end gap-3">
          <div className="flex flex-col gap-1">
            <span className="font-medium text-sm">Wanted: leads</span>
            <NumberField
              label="Wanted leads"
              value={wanted.leads}
              least={3}
              most={25}
              onChange={(n) => n && setWanted({ ...wanted, leads: n })}
            />
          </div>
          <div className="flex flex-col gap-1">
            <span className="font-medium text-sm">bights</span>
            <NumberField
              label="Wanted bights"
              value={wanted.bights}
              least={3}
              most={60}
              onChange={(n) => n && setWanted({ ...wanted, bights: n })}
            />
          </div>
          <Select
            label="Coding"
            value={wanted.n}
            onChange={(n) => setWanted({ ...wanted, n })}
            choices={[
              { value: 1, name: 'plain' },
              { value: 2, name: 'gaucho, two and two' },
              { value: 3, name: 'gaucho, three and three' },
            ]}
          />
          {from && (
            <Select
              label="Begin with"
              value={`${from.leads}×${from.bights}`}
              onChange={(text) => setChosen(small.find((s) => `${s.leads}×${s.bights}` === text))}
              choices={small.map((s) => ({
                value: `${s.leads}×${s.bights}`,
                name: `begin with ${s.leads} × ${s.bights}`,
              }))}
            />
          )}
        </div>
        {!chain && (
          <p role="status" className="rounded-lg bg-amber-pale px-3 py-2 text-amber-ink">
            {gcd(wanted.leads, wanted.bights) > 1
              ? `${wanted.leads} × ${wanted.bights} needs ${gcd(wanted.leads, wanted.bights)} cords: a ring grows only with one.`
              : `No smaller ring grows into ${wanted.leads} × ${wanted.bights}${wanted.n > 1 ? ' in this coding' : ''}: tie it from the start.`}
          </p>
        )}
        {chain?.map((g, i) => (
          <Stage key={`${g.to.leads}×${g.to.bights}`} growth={g} number={i + 1} />
        ))}
        {chain && found.length > 1 && (
          <p className="text-ink-soft text-sm">
            {found.length - 1} other {found.length === 2 ? 'way leads' : 'ways lead'} there, with as many half
            cycles and no fewer steps.
          </p>
        )}
        {chain && (
          <Button
            look="next"
            className="self-start"
            onClick={() => {
              const start = chain[0]!.from;
              bench.dispatch({
                type: 'set',
                patch: {
                  leads: wanted.leads,
                  bights: wanted.bights,
                  coding: `row${wanted.n}`,
                  lanes: [ring.lanes[0]!],
                  strandCords: undefined,
                  grownFrom: { leads: start.leads, bights: start.bights, n: start.n },
                  laid: keptOf(chain),
                },
              });
              onClose();
            }}
          >
            The {chain[0]!.from.leads} × {chain[0]!.from.bights} is in my hand: show what to add
          </Button>
        )}
      </div>
    </Sheet>
  );
}

function Stage({ growth, number }: { readonly growth: Growth; readonly number: number }) {
  const { plan, ring } = useRing();
  const show = useLength();
  const runs = addedRuns(growth, ring.first);
  const { from, to } = growth;
  const onMandrel = {
    ...plan.ring,
    passes: 1,
    shape: { leads: to.leads, bights: to.bights, coding: { by: 'row' as const, n: to.n }, first: ring.first },
  };
  const width = narrowestWidth(onMandrel);
  return (
    <section className="rounded-xl border border-rule p-3" data-testid="grow-stage">
      <h3 className="font-bold font-title text-lg">
        {number}. {growth.kind === 'raise' ? 'Raise' : 'Interweave'} {from.leads} × {from.bights} to{' '}
        {to.leads} × {to.bights}
        {to.n > 1 ? `, over ${to.n} and under ${to.n}` : ''}{' '}
        <span className="font-normal font-sans text-[15px] text-ink-soft">
          {2 * (to.bights - from.bights)} half cycles; then {show(width)} wide at its narrowest,{' '}
          {show(passLength(onMandrel, width), { kind: 'cut' })} in all
        </span>
      </h3>
      <p className="text-[15px]">
        {growth.kind === 'raise'
          ? `Follow: ${growth.follows} half cycles beside the first ${growth.follows}, doing the same. Split: ${growth.follows} more midway between the pairs, doing the opposite of both.`
          : 'Every half cycle runs between two rows and doubles them.'}
        {growth.ahead > 0 &&
          ' First pass the standing end to its other side: the working end crosses it once more.'}
      </p>
      <ol className="mt-2 grid gap-1 sm:grid-cols-2 lg:grid-cols-3">
        {runs.map((run) => (
          <AddedLine key={`${run.phase}${run.k}`} run={run} />
        ))}
      </ol>
    </section>
  );
}

function AddedLine({ run }: { readonly run: AddedRun }) {
  return (
    <li className="figure flex items-baseline gap-2 rounded bg-paper px-2 py-1 text-[14px]">
      <span className="text-ink-soft">{run.k}</span>
      <span className="font-semibold">
        {bightName(run.from)}→{bightName(run.to)}
      </span>
      <span>
        {grouped(lettersOf(run.meets))
          .map((g) => `${g.letter}${g.count}`)
          .join(' ')}
      </span>
      <span className="ml-auto font-sans text-[13px] text-ink-soft">
        {PHASE[run.phase]}
        {run.beside.length > 0 && ` ${run.beside.join(' and ')}`}
      </span>
    </li>
  );
}

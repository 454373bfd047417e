import { cordLetter, findColour, PALETTE } from '../../../../core/colour/palette.ts';
import type { RingDesign } from '../../../../core/formats/ring.ts';
import { laneArrangements, strandArrangements } from '../../../../core/rings/arrangements.ts';
import { Choices } from '../../../ui/Choices.tsx';
import { Segments } from '../../../ui/Segments.tsx';
import { useRing } from '../RingContext.tsx';
import { Issue } from './issues.tsx';

export function LanesPicker() {
  const { ring, bench, plan } = useRing();
  const set = (patch: Partial<RingDesign>) => bench.dispatch({ type: 'set', patch });
  const colours = new Set(ring.lanes).size;
  const withCords = (count: number): RingDesign['cords'] => {
    const more = PALETTE.filter((p) => ring.cords.every((c) => c.colour !== p.id));
    return Array.from(
      { length: Math.max(count, 1) },
      (_, i) => ring.cords[i] ?? { colour: more[i]?.id ?? 'ember' },
    );
  };
  const lanesTo = (passes: number, cords: number) => {
    const lanes = laneArrangements(passes, Math.min(passes, cords))[0]!.lanes;
    set({ lanes: [...lanes], cords: withCords(Math.min(passes, cords)) });
  };
  const looks = (lanes: readonly number[]) => (
    <span className="flex flex-col gap-0.5" aria-hidden>
      {lanes.map((cord, i) => {
        const look = findColour(withCords(cord + 1)[cord]!.colour, ring.looks);
        return (
          <span
            // biome-ignore lint/suspicious/noArrayIndexKey: lanes have no identity
            key={i}
            className="block h-2 w-14 rounded-sm border border-black/30"
            style={{ background: look?.base }}
          />
        );
      })}
    </span>
  );
  return (
    <>
      <Issue path="/lanes" />
      <Segments
        label="How many cords abreast?"
        value={String(ring.lanes.length)}
        onChange={(n) => lanesTo(Number(n), colours)}
        choices={['1', '2', '3', '4', '5'].map((value) => ({ value, name: value }))}
      />
      {plan.strands === 1 && (
        <Segments
          label="How many colours?"
          value={String(colours)}
          onChange={(n) => lanesTo(Math.max(ring.lanes.length, Number(n)), Number(n))}
          choices={['1', '2', '3'].map((value) => ({ value, name: value }))}
        />
      )}
      {plan.strands === 1 && ring.lanes.length > 1 && colours > 1 && (
        <Choices
          label={`Every way to lay them, from the left edge on: ${laneArrangements(ring.lanes.length, colours).length}`}
          value={ring.lanes.join(',')}
          onChange={(text) => set({ lanes: text.split(',').map(Number), cords: withCords(colours) })}
          choices={laneArrangements(ring.lanes.length, colours).map(({ lanes }) => ({
            value: lanes.join(','),
            name: lanes.map((c) => cordLetter(c)).join(' '),
            swatch: looks(lanes),
            note: lanes[0] === lanes.at(-1) && lanes.length > 2 ? 'the same on both edges' : undefined,
          }))}
        />
      )}
      {plan.strands > 1 && (
        <Choices
          label={`This ring is made of ${plan.strands} cords: each may have its colour`}
          value={(ring.strandCords ?? []).join(',')}
          onChange={(text) =>
            text === ''
              ? bench.dispatch({ type: 'set', patch: { strandCords: undefined } })
              : set({
                  strandCords: text.split(',').map(Number),
                  cords: withCords(1 + Math.max(...text.split(',').map(Number))),
                })
          }
          choices={[
            { value: '', name: 'all of one colour' },
            ...[2, Math.min(3, plan.strands)]
              .filter((n, i, all) => n <= plan.strands && all.indexOf(n) === i)
              .flatMap((n) => strandArrangements(plan.strands, n))
              .slice(0, 12)
              .map((list) => ({
                value: list.join(','),
                name: list.map((c) => cordLetter(c)).join(' '),
                swatch: looks(list),
              })),
          ]}
        />
      )}
      <p className="text-ink-soft text-sm">
        Tie the passes of the first colour first, each beside the one before it; a second colour goes in the
        gap.
      </p>
    </>
  );
}

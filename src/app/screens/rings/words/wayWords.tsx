import { NumberField } from '../../../ui/NumberField.tsx';
import { Segments } from '../../../ui/Segments.tsx';
import { useRing } from '../RingContext.tsx';

export function MirrorPicker() {
  const { ring, bench } = useRing();
  return (
    <>
      <Segments
        label="The first crossing of a half cycle that leaves the left edge"
        value={ring.first}
        onChange={(first) => bench.dispatch({ type: 'set', patch: { first } })}
        choices={[
          { value: 'O', name: 'over' },
          { value: 'U', name: 'under: the mirror image' },
        ]}
      />
      <Segments
        label="Which hand leads?"
        value={ring.hand ?? 'right'}
        onChange={(hand) =>
          bench.dispatch({ type: 'set', patch: { hand: hand === 'right' ? undefined : hand } })
        }
        choices={[
          { value: 'right', name: 'right' },
          { value: 'left', name: 'left: wound the other way' },
        ]}
      />
      <div className="flex flex-col gap-1">
        <span className="font-medium text-sm">Begin at pin, on the left edge from the seam on</span>
        <NumberField
          label="Begin at pin"
          value={ring.startAt ?? 1}
          least={1}
          most={ring.bights}
          onChange={(n) =>
            bench.dispatch(
              { type: 'set', patch: { startAt: n === undefined || n === 1 ? undefined : n } },
              'start',
            )
          }
        />
        <span className="text-ink-soft text-sm">
          L1 is where the cord begins; every pin is as good as any other.
        </span>
      </div>
    </>
  );
}

import type { ClassOfKits } from '../../../../core/formats/class.ts';
import { resultOf } from '../../../../core/kits/kits.ts';
import { Select } from '../../../ui/Select.tsx';
import { useLength } from '../../../ui/units.tsx';
import { InlineNumber } from '../figures/InlineNumber.tsx';
import { hours } from '../words.ts';
import type { KeepClass } from './keep.ts';

interface Props {
  readonly kits: ClassOfKits;
  readonly keep: KeepClass;
}

type Result = NonNullable<ClassOfKits['pupils'][number]['result']>;

/** What came of a class, typed back from the sheets that were collected. */
export function ResultTable({ kits, keep }: Props) {
  const show = useLength();
  const sum = resultOf(kits);
  const set = (i: number, patch: { readonly [K in keyof Result]?: Result[K] | undefined }) => {
    const result = Object.fromEntries(
      Object.entries({ isDone: false, ...kits.pupils[i]!.result, ...patch }).filter(
        ([, v]) => v !== undefined,
      ),
    ) as unknown as Result;
    void keep({ pupils: kits.pupils.with(i, { ...kits.pupils[i]!, result }) });
  };
  return (
    <div className="flex flex-col gap-3">
      <p className="text-lg" data-testid="class-result">
        {sum.told === 0
          ? 'Nothing is typed back yet: tick who finished, and type minutes and what was left over.'
          : `${sum.done} of ${kits.pupils.length} finished${sum.medianMinutes === undefined ? '' : `, half of them within ${hours(sum.medianMinutes)}`}${sum.meanLeftMm === undefined ? '' : `; ${show(sum.meanLeftMm)} were left over on average`}. Fit: ${sum.fits.right} right, ${sum.fits.tight} tight, ${sum.fits.loose} loose.`}
      </p>
      <div className="overflow-x-auto rounded-xl border border-rule bg-card">
        <table className="text-left text-[15px]">
          <thead className="border-rule border-b text-ink-soft">
            <tr>
              {['No.', 'Pupil', 'Finished', 'Minutes', 'Left over, mm', 'Fit'].map((h) => (
                <th key={h} scope="col" className="px-3 py-1.5 font-medium">
                  {h}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {kits.pupils.map((p, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: pupils are told apart by their place; two may have one name
              <tr key={i} className="border-rule/60 border-b last:border-0">
                <td className="figure px-3 text-ink-soft">{i + 1}</td>
                <td className="px-3 font-semibold">{p.name}</td>
                <td className="px-3">
                  <input
                    type="checkbox"
                    className="size-5"
                    aria-label={`${p.name} finished`}
                    checked={p.result?.isDone ?? false}
                    onChange={(e) => set(i, { isDone: e.target.checked })}
                  />
                </td>
                <td className="px-3 py-1">
                  <InlineNumber
                    label={`Minutes of ${p.name}`}
                    value={p.result?.minutes}
                    digits={0}
                    most={1000}
                    onChange={(minutes) => set(i, { minutes })}
                    onClear={() => set(i, { minutes: undefined })}
                  />
                </td>
                <td className="px-3">
                  <InlineNumber
                    label={`Left over of ${p.name}, mm`}
                    value={p.result?.leftMm}
                    digits={0}
                    most={10_000}
                    onChange={(leftMm) => set(i, { leftMm })}
                    onClear={() => set(i, { leftMm: undefined })}
                  />
                </td>
                <td className="px-3">
                  <Select<Result['fit']>
                    label={`Fit of ${p.name}`}
                    value={p.result?.fit}
                    choices={[
                      { value: undefined, name: 'not said' },
                      { value: 'tight', name: 'tight' },
                      { value: 'right', name: 'right' },
                      { value: 'loose', name: 'loose' },
                    ]}
                    onChange={(fit) => set(i, { fit })}
                  />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </div>
  );
}

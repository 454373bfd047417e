import { Trash2 } from 'lucide-react';
import { findColour, PALETTE } from '../../../../core/colour/palette.ts';
import type { ClassOfKits } from '../../../../core/formats/class.ts';
import type { Kit } from '../../../../core/kits/kits.ts';
import { Button } from '../../../ui/Button.tsx';
import { Select } from '../../../ui/Select.tsx';
import { Swatch } from '../../../ui/Swatch.tsx';
import { useLength } from '../../../ui/units.tsx';
import { WhyNumber } from '../../../ui/WhyNumber.tsx';
import { InlineNumber } from '../figures/InlineNumber.tsx';
import type { KeepClass } from './keep.ts';

interface Props {
  readonly kits: ClassOfKits;
  readonly list: readonly Kit[];
  readonly keep: KeepClass;
}

const KNOWN = { measured: 'measured', age: 'by age', usual: 'usual' } as const;

/** Every kit: whose it is, how large, what is in it. */
export function KitTable({ kits, list, keep }: Props) {
  const show = useLength();
  const change = (i: number, patch: object) => {
    const next = Object.fromEntries(
      Object.entries({ ...kits.pupils[i]!, ...patch }).filter(([, v]) => v !== undefined),
    ) as ClassOfKits['pupils'][number];
    void keep({ pupils: kits.pupils.with(i, next) });
  };
  return (
    <div className="overflow-x-auto rounded-xl border border-rule bg-card">
      <table className="w-full text-left text-[15px]">
        <thead className="border-rule border-b text-ink-soft">
          <tr>
            {['No.', 'Pupil', 'Wrist, mm', 'known', 'Hand', 'Design', 'In the kit'].map((h) => (
              <th key={h} scope="col" className="px-2 py-1.5 font-medium">
                {h}
              </th>
            ))}
            <td />
          </tr>
        </thead>
        <tbody>
          {list.map((k, i) => {
            const pupil = kits.pupils[i];
            return (
              <tr key={k.number} className="border-rule/60 border-b last:border-0">
                <td className="figure px-2 text-ink-soft">{k.number}</td>
                <td className="px-2 font-semibold">{k.name}</td>
                <td className="px-2 py-0.5">
                  {pupil ? (
                    <InlineNumber
                      label={`Wrist of ${k.name}, mm`}
                      value={Math.round(k.girthMm)}
                      digits={0}
                      least={60}
                      most={350}
                      onChange={(girthMm) => change(i, { girthMm })}
                    />
                  ) : (
                    <span className="figure">{Math.round(k.girthMm)}</span>
                  )}
                </td>
                <td className="whitespace-nowrap px-2 text-ink-soft">
                  {k.isSpare ? 'the largest' : k.known === 'age' ? `${pupil?.age} years` : KNOWN[k.known]}
                </td>
                <td className="px-2">
                  {pupil && (
                    <Select
                      label={`Hand of ${k.name}`}
                      value={k.isLeftHanded}
                      choices={[
                        { value: false, name: 'right' },
                        { value: true, name: 'left' },
                      ]}
                      onChange={(isLeft) => change(i, { isLeftHanded: isLeft || undefined })}
                    />
                  )}
                </td>
                <td className="px-2">
                  {pupil && kits.designs.length > 1 ? (
                    <Select
                      label={`Design of ${k.name}`}
                      value={k.design}
                      choices={kits.designs.map((d) => ({ value: d.design, name: d.name }))}
                      onChange={(design) =>
                        change(i, { design: design === kits.designs[0]!.design ? undefined : design })
                      }
                    />
                  ) : (
                    k.designName
                  )}
                </td>
                <td className="px-2">
                  <span className="flex flex-wrap gap-x-3">
                    {k.made?.cords.map((c) => (
                      <span key={c.letter} className="flex items-center gap-1 whitespace-nowrap">
                        <Swatch colour={findColour(c.colour) ?? PALETTE[0]!} letter={c.letter} size={18} />
                        <WhyNumber
                          label={`Cord ${c.letter} of ${k.name}`}
                          value={show(c.lengthMm, { kind: 'cut', rounding: 'up' })}
                          why={c.why}
                        />
                      </span>
                    ))}
                    {k.issue && <span className="text-bad">{k.issue.message}</span>}
                  </span>
                </td>
                <td>
                  {pupil && (
                    <Button
                      look="quiet"
                      aria-label={`Remove ${k.name}`}
                      onClick={() => keep({ pupils: kits.pupils.toSpliced(i, 1) })}
                    >
                      <Trash2 size={15} aria-hidden />
                    </Button>
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}

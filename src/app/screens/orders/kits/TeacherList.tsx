import { useEffect } from 'react';
import type { ClassOfKits } from '../../../../core/formats/class.ts';
import type { Kit } from '../../../../core/kits/kits.ts';
import { BEGINNERS_FACTOR, lessonOf, toolsFor, USUAL_ADULTS } from '../../../../core/kits/timing.ts';
import { BLADE, HEAT, SMALL } from '../../../../core/steps/list/cautions.ts';
import { plural } from '../../../../core/words.ts';
import { useLength } from '../../../ui/units.tsx';

interface Props {
  readonly kits: ClassOfKits;
  readonly list: readonly Kit[];
  readonly onReady: () => void;
}

/** For whoever leads the class: how the lesson runs, tools to share, cautions, and every kit to tick off. */
export function TeacherList({ kits, list, onReady }: Props) {
  const show = useLength();
  useEffect(onReady, [onReady]);
  const { adults = USUAL_ADULTS } = kits;
  const pupils = list.filter((k) => !k.isSpare).length;
  return (
    <article className="hidden text-[13px] text-black leading-snug print:block" data-testid="teacher-list">
      <h1 className="font-bold text-2xl">{kits.name}</h1>
      <p>
        {kits.day ?? ''} · {pupils} {plural(pupils, 'pupil')}, {list.length - pupils} spare
      </p>
      <h2 className="mt-3 font-bold text-lg">How it runs</h2>
      <ul>
        {lessonOf(list, adults).map((p) => (
          <li key={p.name}>
            {p.fromMin} min: {p.name} ({p.minutes} min)
          </li>
        ))}
      </ul>
      <p>Tying times are {BEGINNERS_FACTOR} × what practised hands need.</p>
      <h2 className="mt-3 font-bold text-lg">Tools to share</h2>
      <p>
        {toolsFor(pupils, adults)
          .map((t) => `${t.count} × ${t.name}`)
          .join(', ')}
      </p>
      <h2 className="mt-3 font-bold text-lg">Mind</h2>
      <ul className="list-disc pl-5">
        {[HEAT, BLADE, SMALL].map((c) => (
          <li key={c.id}>{c.text}</li>
        ))}
        <li>Only an adult cuts and melts. The rules of your school about blades and flames come first.</li>
      </ul>
      <h2 className="mt-3 font-bold text-lg">Kits</h2>
      <table className="w-full text-left">
        <tbody>
          {list.map((k) => (
            <tr key={k.number} className="border-b">
              <td>□ {k.number}</td>
              <td>{k.name}</td>
              <td>
                {show(k.girthMm)}
                {k.isLeftHanded ? ', left' : ''}
              </td>
              <td>{k.designName}</td>
              <td>
                {k.made?.cords
                  .map((c) => `${c.letter} ${show(c.lengthMm, { kind: 'cut', rounding: 'up' })}`)
                  .join(', ')}
              </td>
              <td>done □ ____ min, left ____</td>
            </tr>
          ))}
        </tbody>
      </table>
    </article>
  );
}

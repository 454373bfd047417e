import type { Figure } from '../../core/plan/check.ts';
import { useLength } from './units.tsx';
import { WhyNumber } from './WhyNumber.tsx';

/** A figure in a list of them: its name, its number, and its working when the number is pressed. */
export function FigureLine({
  figure,
  kind = 'body',
}: {
  readonly figure: Figure;
  readonly kind?: 'body' | 'small';
}) {
  const show = useLength();
  const value =
    figure.unit === 'g'
      ? `${figure.value.toFixed(0)} g`
      : figure.unit === 'min'
        ? `${Math.round(figure.value)} min`
        : figure.unit === 'rows'
          ? String(figure.value)
          : show(figure.value, { kind });
  return (
    <>
      <dt>{figure.label}</dt>
      <dd className="text-right">
        <WhyNumber
          label={figure.label}
          value={value}
          why={figure.why}
          className="font-semibold"
          testId={`figure-${figure.label.replaceAll(' ', '-')}`}
        />
      </dd>
    </>
  );
}

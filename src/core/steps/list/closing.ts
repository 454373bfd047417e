import { findClosure } from '../../closures/index.ts';
import type { BandEnd } from '../../closures/types.ts';
import type { Design } from '../../formats/design.gen.ts';
import { findPattern } from '../../patterns/index.ts';
import type { Plan } from '../../plan/types.ts';
import { counted, len, type Why, why } from '../../why/why.ts';
import type { Step } from '../types.ts';
import { SLIDING_TAIL, SPRING_BAR } from './cautions.ts';

/** What is done at the ends of a band once its rows are tied. */
export function closeSteps(design: Design, plan: Plan, b: number): Step[] {
  const band = plan.bands[b]!;
  const suffix = plan.bands.length > 1 ? `-${b + 1}` : '';
  const closure = findClosure(design.closure.kind);
  const sliding = closure?.family === 'sliding';
  const steps = (['end', 'start'] as const).flatMap((at): Step[] => {
    const end = band[at];
    const made = endStep(end, at, `close-${at}${suffix}`, plan.bands.length > 1 ? `${band.name}: ` : '');
    return made ? [sliding ? { ...made, cautions: [...(made.cautions ?? []), SLIDING_TAIL] } : made] : [];
  });
  const extras = plan.cords
    .filter((c) => c.isExtra && b === plan.bands.length - 1 && !hasSlider(plan))
    .map(
      (c): Step => ({
        id: `extra-${c.letter}`,
        phase: 'close',
        title: `Work ${c.letter} in`,
        lines: [why`${c.letter}, ${c.name}: ${c.role}. Draw its ends under themselves.`],
      }),
    );
  const tail = b === plan.bands.length - 1 && closure ? [closureStep(plan, closure.name, closure.words)] : [];
  return [...steps, ...extras, ...tail];
}

const hasSlider = (plan: Plan): boolean =>
  plan.bands.some((band) => [band.start, band.end].some((e) => e.shape.shape === 'run' && e.shape.slider));

function endStep(end: BandEnd, at: 'start' | 'end', id: string, tag: string): Step | undefined {
  const { shape } = end;
  if (end.kind === 'bar') {
    if (at === 'start') return undefined;
    const isHitched = end.attach === 'hitched';
    const lines: Why[] = isHitched
      ? [
          why`Hitch each pair of working ends to the bar of the ${end.name} by a cow hitch, the inner pair first, and draw them down until the bar sits on the last row.`,
        ]
      : [why`Pull the last row hard against the ${end.name}; nothing may slide on its bar.`];
    return {
      id,
      phase: 'close',
      title: `${tag}Fix the ${end.name}`,
      lines,
      look: why`The bar lies square to the band.`,
      ...(shape.shape === 'spring-bar' ? { cautions: [SPRING_BAR] } : {}),
    };
  }
  if (shape.shape === 'run') {
    const lines: Why[] = [];
    let picture: Step['picture'];
    if (shape.beadMm !== undefined)
      lines.push(why`Thread the bead on first, over ${shape.cords > 1 ? 'all cords' : 'the cord'}.`);
    if (shape.knot) {
      const knot = findPattern(shape.knot);
      const cords =
        shape.cords === 1
          ? 'the cord'
          : shape.cords === 2
            ? 'both cords together'
            : `the ${shape.cords} cords together`;
      const where =
        shape.lengthMm > 0.5
          ? why`${len(shape.lengthMm)} beyond the weave, at the mark`
          : why`close up to the weave`;
      lines.push(why`Tie in ${cords}, ${where}: ${(knot?.name ?? shape.knot).toLowerCase()}.`);
      if (knot) lines.push(why`${knot.words}`);
      if (shape.again)
        lines.push(
          why`Tie the same knot ${shape.again === 1 ? 'once' : 'twice'} more, with ${len(shape.lengthMm)} of cord before ${shape.again === 1 ? 'it' : 'each'}, so that the loop closes there, too.`,
        );
      picture = { kind: 'knot', id: shape.knot };
    }
    if (end.passing) lines.push(end.passing.how);
    if (shape.slider) {
      lines.push(
        why`Lay the two ends over each other and tie ${counted(shape.slider.rows, 'row')} of a ${(findPattern(shape.slider.id)?.name ?? 'square-knot slider').toLowerCase()} round them, ${len(shape.slider.lengthMm)} long.`,
      );
      picture ??= { kind: 'knot', id: shape.slider.id };
    }
    if (shape.capMm !== undefined) lines.push(why`Glue an end cap over each sealed end.`);
    if (lines.length === 0) return undefined;
    return {
      id,
      phase: 'close',
      title: `${tag}${capital(end.name)}`,
      lines,
      look: slides(shape)
        ? why`It slides with a firm pull and stays where you leave it.`
        : why`Pull hard at each cord in turn: nothing moves.`,
      ...(picture ? { picture } : {}),
    };
  }
  if (end.kind === 'tip' && at === 'end')
    return {
      id,
      phase: 'close',
      title: `${tag}${capital(end.name)}`,
      lines: [why`Turn every cord back and draw it under two rows on the inside with a fid.`],
      look: why`No loop stands out at the end.`,
    };
  return undefined;
}

/** How the whole closes, and the girth at which it should. */
function closureStep(plan: Plan, name: string, words: string): Step {
  return {
    id: 'close-try',
    phase: 'close',
    picture: { kind: 'closed' },
    title: `Close it once: ${name}`,
    lines: [
      why`${words}`,
      why`Closed, its inside should go round ${len(plan.closed.closedMm)}${plan.closed.openMm === undefined ? '' : why`, and ${len(plan.closed.openMm)} when it is open`}.`,
    ],
    look:
      plan.closed.danglesMm > 0
        ? why`${len(plan.closed.danglesMm)} dangle when it is closed.`
        : why`Nothing dangles.`,
  };
}

/** A knot that is tied round another cord runs along it. */
const slides = (shape: Extract<BandEnd['shape'], { shape: 'run' }>): boolean =>
  shape.slider !== undefined ||
  (shape.knot !== undefined &&
    (findPattern(shape.knot)
      ?.draw()
      .strands.some((s) => s.role === 'core') ??
      false));

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

import type { Design } from '../../formats/design.gen.ts';
import { findPattern } from '../../patterns/index.ts';
import { STYLES } from '../../plan/setups/index.ts';
import type { Band, CordCut, Plan } from '../../plan/types.ts';
import { counted, len, num, type Why, why } from '../../why/why.ts';
import type { Step } from '../types.ts';
import { SPRING_BAR } from './cautions.ts';

const tag = (plan: Plan, b: number): string => (plan.bands.length > 1 ? `${plan.bands[b]!.name}: ` : '');
const suffix = (plan: Plan, b: number): string => (plan.bands.length > 1 ? `-${b + 1}` : '');

/** Everything between cutting and the first row of one band. */
export function setUpSteps(design: Design, plan: Plan, b: number, isMirrored = false): Step[] {
  const band = plan.bands[b]!;
  const cords = plan.cords.filter((c) => c.band === b && !c.isExtra);
  return [
    ...foldSteps(plan, band, cords, b),
    holdStep(design, plan, b),
    hitchStep(design, plan, band, cords, b, isMirrored),
    ...beginSteps(plan, b),
    ...coreSteps(plan, band, cords, b),
  ];
}

function foldSteps(plan: Plan, band: Band, cords: readonly CordCut[], b: number): Step[] {
  const folds = cords.flatMap((c) => c.marks.filter((m) => m.what === 'fold').map((m) => ({ c, m })));
  const joins = cords.filter((c) => c.marks.some((m) => m.what === 'join'));
  const lines = [
    ...(joins.length > 1
      ? [
          why`Join ${joins.map((c) => c.letter).join(' and ')} end to end at their marked ends, and let the join go cold.`,
        ]
      : []),
    ...folds.map(({ c, m }) => {
      const middle = Math.abs(m.atMm - c.cutLengthMm / 2) < 1;
      return middle
        ? why`${c.letter}: lay its two ends together; the fold is its middle, ${len(m.atMm, 'cut')} from either end.`
        : why`${c.letter}: fold it ${len(m.atMm, 'cut')} from its first end, not at its middle: ${m.why}.`;
    }),
  ];
  if (lines.length === 0) return [];
  return [
    {
      id: `fold${suffix(plan, b)}`,
      phase: 'set up',
      title: `${tag(plan, b)}${joins.length > 1 ? 'Join and fold' : 'Find the middles'}`,
      lines,
      look:
        band.start.kind === 'bar'
          ? why`The fold goes over the first bar.`
          : why`The fold is the beginning of the piece.`,
    },
  ];
}

function holdStep(design: Design, plan: Plan, b: number): Step {
  const band = plan.bands[b]!;
  const jig = plan.figures.jig;
  const far = band.startMm + band.wovenMm;
  const isOnlyBand = plan.bands.length < 2;
  const hold = design.setup.hold ?? 'jig';
  const lines: Why[] =
    hold === 'hand'
      ? [
          why`Nothing holds it, so check it against the tape now and then. From the first bar to the end of the weave it will be ${len(far)}.`,
        ]
      : hold === 'tape'
        ? [
            why`Tape the first end to the table, lay the tape measure beside it with its zero at the first bar, and stick a mark at ${len(far)}: there the weave ends.`,
          ]
        : isOnlyBand
          ? [why`${jig.label} ${len(jig.value)}: ${jig.why}.`]
          : [why`Set the pegs so that there are ${len(far)} from the bar to the end of the weave.`];
  return {
    id: `hold${suffix(plan, b)}`,
    phase: 'set up',
    title: `${tag(plan, b)}${{ hand: 'In the hand', tape: 'Lay the tape', jig: 'Set the jig' }[hold]}`,
    lines,
  };
}

/** Onto the first bar, or how the first end is left. */
function hitchStep(
  design: Design,
  plan: Plan,
  band: Band,
  cords: readonly CordCut[],
  b: number,
  isMirrored: boolean,
): Step {
  const id = `start${suffix(plan, b)}`;
  const { start } = band;
  const pattern = findPattern(design.pattern.id);
  const look =
    pattern && band.firstRow === 'end' && start.kind === 'bar'
      ? why`${pattern.starts}`
      : why`The legs come out side by side, none twisted over another.`;
  const picture = { kind: 'bar' as const, band: b };
  if (start.kind === 'bar') {
    const placed = [...cords].sort((x, y) => (x.place ?? 0) - (y.place ?? 0)).filter((c) => hitchLines(c));
    // Places count as drawn; as the work hangs, the first is at the right.
    const onBar = isMirrored ? placed : placed.toReversed();
    const isSpring = start.shape.shape === 'spring-bar';
    return {
      id,
      phase: 'set up',
      title: `${tag(plan, b)}Hitch to the ${start.name}`,
      lines: [
        ...onBar.map((c, i) =>
          onBar.length > 1
            ? why`${num(i + 1, 0)} from the left: ${c.letter}, ${c.name}, ${c.role}.`
            : why`${c.letter}, ${c.name}: ${c.role}.`,
        ),
        why`Lay the fold under the bar and draw both ends through it: a cow hitch. Draw it down evenly, its bridge to the front.`,
      ],
      picture,
      look,
      ...(isSpring ? { cautions: [SPRING_BAR] } : {}),
    };
  }
  const carried = cords.filter((c) => c.parts.some((p) => p.what === 'closure'));
  const names = carried.map((c) => c.letter).join(' and ');
  const isFolded = carried.some((c) => c.marks.some((m) => m.what === 'fold'));
  const shape = start.shape;
  const lines =
    shape.shape === 'loop'
      ? [
          !isFolded
            ? why`Leave ${names} standing out before the first row, to their marks: the loop is braided from them and worked back at the end.`
            : shape.knot
              ? why`Leave the fold of ${names} standing as the ${start.name} and tie the ${findPattern(shape.knot)?.name.toLowerCase() ?? 'knot'} under it between its marks.`
              : why`Leave the fold of ${names} standing as the ${start.name}, ${len(shape.straightMm + shape.radiusMm)} beyond the first row, between its marks.`,
          ...(start.held ? [start.held.how] : []),
          ...(start.passing ? [start.passing.how] : []),
        ]
      : start.kind === 'run'
        ? [
            why`Leave ${names || 'the ends'} standing out before the first row for the ${start.name}: to its mark, and the tail beyond.`,
          ]
        : [why`Lay the folds side by side; the first row is drawn up against them.`];
  return {
    id,
    phase: 'set up',
    title: `${tag(plan, b)}Begin at the ${start.name}`,
    lines,
    picture: shape.shape === 'loop' && shape.knot ? { kind: 'knot', id: shape.knot } : picture,
    look,
  };
}

const hitchLines = (c: CordCut): boolean => c.parts.some((p) => p.what === 'attach' && p.fromMm === 0);

/** How the first rows come about where one cord makes all strands. */
function beginSteps(plan: Plan, b: number): Step[] {
  const { begins } = STYLES[plan.style];
  if (!begins) return [];
  return [
    {
      id: `begins${suffix(plan, b)}`,
      phase: 'set up',
      title: `${tag(plan, b)}Lay the loop and its tail`,
      lines: begins,
      look: why`Three strands lie side by side, and the tail runs free.`,
      picture: { kind: 'bar', band: b },
    },
  ];
}

/** Cores, and for one folded cord the way to the second bar and back. */
function coreSteps(plan: Plan, band: Band, cords: readonly CordCut[], b: number): Step[] {
  const isInside = (c: CordCut) => c.parts.some((p) => p.what === 'core run' && p.fromMm === 0);
  const cored = cords.filter(isInside);
  if (cored.length === 0) return [];
  const isOneCord = band.firstRow === 'end';
  const works = cords.filter((c) => !isInside(c) && c.parts.some((p) => p.what === 'weave'));
  const lines: Why[] = isOneCord
    ? [
        band.end.kind === 'bar'
          ? why`Take both ends straight to the ${band.end.name}, from behind over its bar, and bring them back: they are the working ends now, and rows grow from here towards the ${band.start.name}.`
          : why`Take both ends straight to the mark for the last row and turn them back there: they are the working ends now.`,
      ]
    : [
        why`Lay ${cored.map((c) => c.letter).join(' and ')} straight along as cores, pulled as tight as you mean to keep them.`,
        ...(works.length > 0 && !STYLES[plan.style].isSideBySide
          ? [
              why`Put the middle of ${works.map((c) => c.letter).join(' and ')} behind the cores, up against the ${band.start.name}: one end to each side.`,
            ]
          : []),
      ];
  return [
    {
      id: `cores${suffix(plan, b)}`,
      phase: 'set up',
      title: `${tag(plan, b)}Run the cores`,
      lines,
      look: why`${counted(band.rows, 'row')} will cover ${len(band.wovenMm)} of them.`,
      picture: { kind: 'bar', band: b },
    },
  ];
}

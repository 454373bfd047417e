import { unparse } from 'papaparse';
import { beamScene } from '../../core/drawing/beam.ts';
import { closedScene } from '../../core/drawing/closed.ts';
import type { View } from '../../core/drawing/paint.ts';
import type { Pictures } from '../../core/drawing/pictures.ts';
import { sceneSvg } from '../../core/drawing/svg.ts';
import { cutListRows, cutListText } from '../../core/formats/cutList.ts';
import { type Design, formatDesign } from '../../core/formats/design.ts';
import { sequenceRows, spliceRows } from '../../core/formats/sequence.ts';
import { stepsText } from '../../core/formats/steps.ts';
import type { Plan, SequencePlan } from '../../core/plan/types.ts';
import { cardPages, cardSvg } from '../../core/steps/card/card.ts';
import type { Guide } from '../../core/steps/list/steps.ts';
import type { UnitSystem } from '../../core/units/index.ts';
import { type ExportFile, fileStem } from './download.ts';

export const designFile = (design: Design): ExportFile => ({
  name: `${fileStem(design.name)}.json`,
  type: 'application/json',
  text: formatDesign(design),
});

export const cutListCsv = (design: Design, plan: Plan): ExportFile => ({
  name: `${fileStem(design.name)}-cuts.csv`,
  type: 'text/csv',
  text: `${unparse([...cutListRows(plan)], { newline: '\n', escapeFormulae: true })}\n`,
});

export const cutListTextFile = (design: Design, plan: Plan, units: UnitSystem): ExportFile => ({
  name: `${fileStem(design.name)}-cuts.txt`,
  type: 'text/plain',
  text: cutListText(design, plan, units),
});

/** Stretches of colour, and the splices under them, as one table. */
export const sequenceCsv = (design: Design, sequence: SequencePlan): ExportFile => ({
  name: `${fileStem(design.name)}-colours.csv`,
  type: 'text/csv',
  text: `${unparse([...sequenceRows(sequence)], { newline: '\n' })}\n${sequence.splices.length > 0 ? `\n${unparse([...spliceRows(sequence)], { newline: '\n' })}\n` : ''}`,
});

export const sequenceTextFile = (design: Design): ExportFile => ({
  name: `${fileStem(design.name)}-colours.txt`,
  type: 'text/plain',
  text: `${design.sequence?.text ?? ''}\n`,
});

/** The card for the bench, ready to print at 100 %. */
export const cardFile = (
  design: Design,
  plan: Plan,
  guide: Guide,
  pictures: Pictures,
  units: UnitSystem,
): ExportFile => ({
  name: `${fileStem(design.name)}-card.svg`,
  type: 'image/svg+xml',
  text: cardSvg(cardPages(design, plan, guide, pictures, units), design.name),
});

export const stepsFile = (design: Design, guide: Guide, units: UnitSystem): ExportFile => ({
  name: `${fileStem(design.name)}-steps.txt`,
  type: 'text/plain',
  text: stepsText(design, guide, units),
});

export const beamFile = (
  design: Design,
  plan: Plan,
  pictures: Pictures,
  view: View | 'closed',
): ExportFile => ({
  name: `${fileStem(design.name)}-${view}.svg`,
  type: 'image/svg+xml',
  text: sceneSvg(
    view === 'closed' ? closedScene(design, plan, pictures) : beamScene(plan, pictures, view),
    `${design.name}, ${view}`,
  ),
});

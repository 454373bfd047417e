import { useMemo } from 'react';
import { carryWeave } from '../../../core/patterns/own.ts';
import { guideFor } from '../../../core/steps/list/steps.ts';
import { USUAL_WAY } from '../../../core/steps/types.ts';
import { download } from '../../export/download.ts';
import {
  beamFile,
  cardFile,
  cutListCsv,
  cutListTextFile,
  designFile,
  sequenceCsv,
  sequenceTextFile,
  stepsFile,
} from '../../export/files.ts';
import { usePictures, useWorkshop } from '../../state/knowledge.tsx';
import { Button } from '../../ui/Button.tsx';
import { Sheet } from '../../ui/Sheet.tsx';
import { useUnits } from '../../ui/units.tsx';
import { useBench, usePlan } from './BenchContext.tsx';
import { MessageCard } from './MessageCard.tsx';
import { ShareLink } from './ShareLink.tsx';
import type { BeamView } from './views.ts';

interface Props {
  readonly view: BeamView;
  readonly onClose: () => void;
}

export default function ExportDialog({ view, onClose }: Props) {
  const { design } = useBench();
  const mine = useWorkshop().own.find((w) => w.id === design.pattern.id);
  const shown = usePlan();
  const pictures = usePictures(shown?.planned.pattern.id, shown?.plan);
  const units = useUnits();
  const { know } = useWorkshop();
  const guide = useMemo(() => {
    const made = shown && guideFor(shown.planned, shown.plan, USUAL_WAY, know);
    return made?.ok ? made.value : undefined;
  }, [shown, know]);
  const files = [
    {
      name: 'The design',
      note: 'JSON, to keep or to hand to another maker',
      file: () => designFile(mine ? carryWeave(design, mine) : design),
      needsPlan: false,
    },
    {
      name: 'The cut list as a table',
      note: 'CSV, every stretch of every cord in mm',
      file: () => cutListCsv(shown!.planned, shown!.plan),
      needsPlan: true,
    },
    {
      name: 'The cut list as text',
      note: 'plain text, in the units that are shown',
      file: () => cutListTextFile(shown!.planned, shown!.plan, units),
      needsPlan: true,
    },
    {
      name: `The Beam, ${view}`,
      note: 'SVG, true to scale',
      file: () => beamFile(shown!.planned, shown!.plan, pictures!, view),
      needsPlan: true,
    },
    {
      name: 'The card for the bench',
      note: 'SVG of A4 pages, with the moves in pictures and marks at full size',
      file: () => cardFile(shown!.planned, shown!.plan, guide!, pictures!, units),
      needsPlan: true,
    },
    {
      name: 'The steps as text',
      note: 'every step and row, to tick off',
      file: () => stepsFile(shown!.planned, guide!, units),
      needsPlan: true,
    },
    ...(shown?.plan.sequence
      ? [
          {
            name: 'The colours along it',
            note: 'CSV, every stretch by rows, and every splice',
            file: () => sequenceCsv(shown.planned, shown.plan.sequence!),
            needsPlan: true,
          },
          {
            name: 'The colours as text',
            note: 'the sequence, to type in again',
            file: () => sequenceTextFile(shown.planned),
            needsPlan: true,
          },
        ]
      : []),
  ];
  return (
    <Sheet
      title="Export"
      note="Open formats; nothing leaves this machine unless you send it."
      onClose={onClose}
    >
      <ShareLink design={mine ? carryWeave(design, mine) : design} />
      {shown && pictures && (
        <MessageCard
          design={shown.planned}
          plan={shown.plan}
          pictures={pictures}
          weave={know.name(shown.planned.pattern.id) ?? shown.planned.pattern.id}
        />
      )}
      <ul className="mt-3 divide-y divide-rule">
        {files.map((f) => (
          <li key={f.name} className="flex items-center gap-3 py-2">
            <span className="grow">
              <span className="block font-semibold">{f.name}</span>
              <span className="text-ink-soft text-sm">{f.note}</span>
            </span>
            <Button
              disabled={f.needsPlan && (!shown || !guide || !pictures)}
              onClick={() => download(f.file())}
              aria-label={`Save ${f.name}`}
            >
              Save
            </Button>
          </li>
        ))}
      </ul>
    </Sheet>
  );
}

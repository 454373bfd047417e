import { unparse } from 'papaparse';
import { formatRing } from '../../../core/formats/ring.ts';
import { runRows, runsJson, runsText } from '../../../core/formats/ringRuns.ts';
import { stripSvg } from '../../../core/rings/drawing/strip.ts';
import { download, type ExportFile, fileStem } from '../../export/download.ts';
import { Button } from '../../ui/Button.tsx';
import { Sheet } from '../../ui/Sheet.tsx';
import { useUnits } from '../../ui/units.tsx';
import { useRing } from './RingContext.tsx';

/** The ring, its run list and its map as files. */
export function RingExports({ onClose }: { readonly onClose: () => void }) {
  const { ring, plan } = useRing();
  const units = useUnits();
  const stem = fileStem(ring.name);
  const files: { name: string; note: string; file: () => ExportFile }[] = [
    {
      name: 'The ring',
      note: 'JSON, to keep or to hand to another maker',
      file: () => ({ name: `${stem}.ring.json`, type: 'application/json', text: formatRing(ring) }),
    },
    {
      name: 'The run list as text',
      note: 'plain text, to keep beside the mandrel',
      file: () => ({ name: `${stem}-runs.txt`, type: 'text/plain', text: runsText(plan, units) }),
    },
    {
      name: 'The run list as a table',
      note: 'CSV, every half cycle of every pass',
      file: () => ({ name: `${stem}-runs.csv`, type: 'text/csv', text: `${unparse([...runRows(plan)])}\n` }),
    },
    {
      name: 'The run list as data',
      note: 'JSON with a published schema, one pass',
      file: () => ({
        name: `${stem}-runs.json`,
        type: 'application/json',
        text: `${JSON.stringify(runsJson(plan.shape), null, 2)}\n`,
      }),
    },
    {
      name: 'The map',
      note: 'SVG at full size, with its pins and a tab to glue',
      file: () => ({
        name: `${stem}-map.svg`,
        type: 'image/svg+xml',
        text: stripSvg(plan, ring.name),
      }),
    },
  ];
  return (
    <Sheet title="Export" onClose={onClose}>
      <ul className="my-3 flex flex-col gap-2">
        {files.map((f) => (
          <li key={f.name} className="flex items-center gap-3">
            <span className="grow">
              <span className="block font-semibold">{f.name}</span>
              <span className="text-ink-soft text-sm">{f.note}</span>
            </span>
            <Button onClick={() => download(f.file())} aria-label={`Save ${f.name}`}>
              Save
            </Button>
          </li>
        ))}
      </ul>
    </Sheet>
  );
}

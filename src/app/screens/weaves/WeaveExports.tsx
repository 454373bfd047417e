import { unparse } from 'papaparse';
import { sampleScene } from '../../../core/drawing/sample.ts';
import { sceneSvg } from '../../../core/drawing/svg.ts';
import { centreLineRows, weaveDocument } from '../../../core/formats/weave.ts';
import type { SolvedWeave } from '../../../core/patterns/types.ts';
import { download, type ExportFile, fileStem } from '../../export/download.ts';
import { Button } from '../../ui/Button.tsx';

/** The weave in open formats: notation, pictures, centre lines, the shape in the round. */
export function WeaveExports({ solved, name }: { readonly solved: SolvedWeave; readonly name: string }) {
  const stem = fileStem(name);
  const files: readonly { name: string; make: () => ExportFile | Promise<ExportFile> }[] = [
    {
      name: 'Notation, text',
      make: () => ({ name: `${stem}.txt`, type: 'text/plain', text: solved.notation }),
    },
    ...(['front', 'back'] as const).map((view) => ({
      name: `Picture of the ${view}, SVG`,
      make: () => ({
        name: `${stem}-${view}.svg`,
        type: 'image/svg+xml',
        text: sceneSvg(sampleScene(solved, view), `${name}, ${view}`),
      }),
    })),
    {
      name: 'Centre lines, JSON',
      make: () => ({
        name: `${stem}-lines.json`,
        type: 'application/json',
        text: `${JSON.stringify(weaveDocument(solved))}\n`,
      }),
    },
    {
      name: 'Centre lines, CSV',
      make: () => ({
        name: `${stem}-lines.csv`,
        type: 'text/csv',
        text: `${unparse([...centreLineRows(solved)], { newline: '\n' })}\n`,
      }),
    },
    {
      name: 'Shape in the round, OBJ',
      make: async () => {
        const { objText } = await import('./solid.ts');
        return { name: `${stem}.obj`, type: 'model/obj', text: objText(solved) };
      },
    },
  ];
  return (
    <section aria-label="Files" className="rounded-xl border border-rule bg-card p-4">
      <h2 className="mb-2 font-bold font-title text-xl">Take it with you</h2>
      <ul className="flex flex-col gap-1.5">
        {files.map((f) => (
          <li key={f.name}>
            <Button className="w-full" onClick={async () => download(await f.make())}>
              {f.name}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}

import { Copy, Download, FileUp, Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { findColour } from '../../core/colour/palette.ts';
import { readDesign } from '../../core/formats/design.ts';
import { fieldName } from '../../core/validation.ts';
import type { DesignRecord } from '../../storage/db.ts';
import { download, storedFile } from '../export/download.ts';
import { BACKUP_PATH, designPath, OPEN_PATH } from '../paths.ts';
import { backupReminder, useLastBackup } from '../state/lastBackup.ts';
import { useLibrary } from '../state/library.ts';
import { Button } from '../ui/Button.tsx';
import { FilePicker } from '../ui/FilePicker.tsx';
import { finds } from '../ui/find.ts';
import { LongList } from '../ui/LongList.tsx';
import { NotImported, type Refused } from '../ui/NotImported.tsx';
import { SearchField } from '../ui/SearchField.tsx';
import { Sheet } from '../ui/Sheet.tsx';
import { Swatch } from '../ui/Swatch.tsx';
import { useLength } from '../ui/units.tsx';

interface Props {
  readonly currentId: string | undefined;
  readonly onClose: () => void;
}

/** From so many on there is a field to find one by. */
const MANY = 20;

/** Every saved design; new, copy, delete, bring in, and the demo. */
export default function DesignsDrawer({ currentId, onClose }: Props) {
  const library = useLibrary();
  const [refused, setRefused] = useState<Refused>();
  const [removed, setRemoved] = useState<DesignRecord>();
  const [sought, setSought] = useState('');
  const found = library.records.filter((r) => finds(r, sought));

  const changedAt = library.records.reduce<number | undefined>(
    (latest, r) => Math.max(latest ?? 0, r.updatedAt),
    undefined,
  );
  const reminder = backupReminder(useLastBackup(), changedAt, Date.now());

  async function bringIn(file: File) {
    const read = await library.importFile(file);
    setRefused(read.ok ? undefined : { file: file.name, issues: read.issues });
    if (read.ok) onClose();
  }

  return (
    <Sheet title="Designs" place="side" close="none" onClose={onClose}>
      <div className="flex gap-2">
        <Button
          look="next"
          onClick={async () => {
            await library.create();
            onClose();
          }}
        >
          <Plus size={18} aria-hidden /> New
        </Button>
        <FilePicker
          label={
            <>
              <FileUp size={18} aria-hidden /> Import
            </>
          }
          accept=".json,application/json"
          name="Import a design file"
          onFile={(file) => void bringIn(file)}
        />
      </div>
      <NotImported refused={refused} />
      {library.records.length === 0 && !removed ? (
        <p className="text-ink-soft">No designs yet.</p>
      ) : (
        <div className="flex flex-col">
          {removed && (
            <p className="flex items-center justify-between gap-2 border-rule border-b py-2">
              “{removed.name}” was deleted.
              <Button
                look="next"
                onClick={async () => {
                  await library.restore([removed]);
                  setRemoved(undefined);
                }}
              >
                Undo
              </Button>
            </p>
          )}
          {library.records.length > MANY && (
            <SearchField label="Find a design" value={sought} onChange={setSought} className="mb-1" />
          )}
          {found.length === 0 && <p className="py-2">No design is called that.</p>}
          <LongList
            label="Designs"
            items={found}
            keyOf={(record) => record.id}
            aboutPx={64}
            boxClass="h-[60vh]"
            itemClass="border-rule border-b"
            render={(record) => (
              <DesignLine
                record={record}
                isCurrent={record.id === currentId}
                onOpen={onClose}
                onDelete={async () => setRemoved(await library.remove(record, record.id === currentId))}
              />
            )}
          />
        </div>
      )}
      <div className="mt-auto flex flex-wrap gap-2 border-rule border-t pt-3">
        <Button onClick={library.loadDemo}>Load the demo</Button>
        <Button
          disabled={library.records.length === 0}
          onClick={async () => {
            await library.clear();
            onClose();
          }}
        >
          Clear all
        </Button>
        <Link to={OPEN_PATH} onClick={onClose} className="self-center underline underline-offset-4">
          From another device
        </Link>
        <Link to={BACKUP_PATH} onClick={onClose} className="self-center underline underline-offset-4">
          Backup
          {reminder && <span className="text-amber-ink">: {reminder}</span>}
        </Link>
        <Button look="quiet" className="ml-auto" onClick={onClose}>
          Close
        </Button>
      </div>
    </Sheet>
  );
}

function DesignLine({
  record,
  isCurrent,
  onOpen,
  onDelete,
}: {
  record: DesignRecord;
  isCurrent: boolean;
  onOpen: () => void;
  onDelete: () => void;
}) {
  const library = useLibrary();
  const show = useLength();
  const read = readDesign(record.design);
  return (
    <div className="flex items-center gap-2 py-2">
      {read.ok ? (
        <Link
          to={designPath(record.id)}
          onClick={onOpen}
          aria-current={isCurrent ? 'page' : undefined}
          className="grow rounded px-1 hover:bg-paper aria-[current]:bg-amber-pale"
        >
          <span className="block font-semibold">{record.name}</span>
          <span className="flex items-center gap-1 text-ink-soft text-sm">
            {read.value.cords.map((c, i) => {
              const colour = findColour(c.colour, read.value.looks);
              // biome-ignore lint/suspicious/noArrayIndexKey: cords are told apart by their place
              return colour ? <Swatch key={i} colour={colour} letter="" size={14} /> : null;
            })}
            {read.value.wearer.name}, {show(read.value.wearer.girthMm)}
          </span>
        </Link>
      ) : (
        <Link to={designPath(record.id)} onClick={onOpen} className="grow rounded px-1 hover:bg-paper">
          <span className="block font-semibold">{record.name}</span>
          <span className="text-bad text-sm">
            can’t be opened: {fieldName(read.issues[0]!.path)}: {read.issues[0]!.message}
          </span>
        </Link>
      )}
      {!read.ok && (
        <Button
          look="quiet"
          aria-label={`Save ${record.name} to a file as it is stored`}
          onClick={() => download(storedFile(record))}
        >
          <Download size={18} aria-hidden />
        </Button>
      )}
      <Button
        look="quiet"
        aria-label={`Copy ${record.name}`}
        onClick={() => library.duplicate(record).then(onOpen)}
      >
        <Copy size={18} aria-hidden />
      </Button>
      <Button look="quiet" aria-label={`Delete ${record.name}`} onClick={onDelete}>
        <Trash2 size={18} aria-hidden />
      </Button>
    </div>
  );
}

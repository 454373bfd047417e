import { format, formatDistanceToNow } from 'date-fns';
import { FileDown, FileUp } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { downloadBytes } from '../../export/download.ts';
import { ABOUT_PATH } from '../../paths.ts';
import { type OpenedBackup, useBackup } from '../../state/backup.ts';
import { Button } from '../../ui/Button.tsx';
import { byteText } from '../../ui/bytes.ts';
import { FilePicker } from '../../ui/FilePicker.tsx';
import { Problem } from '../../ui/Problem.tsx';
import { useToast } from '../../ui/Toast.tsx';
import { BringIn } from './BringIn.tsx';
import { FolderCopies } from './FolderCopies.tsx';

/** Everything in one file, and what of such a file comes back. */
export default function BackupPage() {
  const backup = useBackup();
  const toast = useToast();
  const [opened, setOpened] = useState<OpenedBackup>();
  const [problem, setProblem] = useState<string>();
  const { lastAt, room } = backup;

  async function save() {
    setProblem(undefined);
    try {
      const bytes = await backup.pack();
      downloadBytes({
        name: `warp-beam-${format(Date.now(), 'yyyy-MM-dd')}.zip`,
        type: 'application/zip',
        bytes,
      });
    } catch (error) {
      setProblem(`It could not be read: ${(error as Error).message}`);
    }
  }

  async function open(file: File) {
    const found = await backup.open(file);
    setProblem(typeof found === 'string' ? found : undefined);
    setOpened(typeof found === 'string' ? undefined : found);
  }

  return (
    <main className="flex max-w-4xl flex-col gap-5 px-5 py-4">
      <div>
        <h1 className="font-bold font-title text-3xl">Backup</h1>
        <p className="mt-1 text-lg">
          Everything you have is stored in this browser only: clearing its data deletes it all. One file holds
          everything: designs, rings, weaves, stash, orders, pieces, the log and your habits.
        </p>
      </div>
      <section aria-label="Save" className="flex flex-wrap items-center gap-4">
        <Button look="next" className="px-5 py-2 text-lg" onClick={() => save()}>
          <FileDown size={20} aria-hidden /> Save a backup
        </Button>
        <p data-testid="last-backup">
          {lastAt === undefined
            ? ''
            : lastAt === null
              ? 'No backup saved from this browser yet.'
              : `The last one was saved ${formatDistanceToNow(lastAt, { addSuffix: true })}.`}
        </p>
      </section>
      <FolderCopies />
      <section aria-label="Bring in" className="flex flex-col gap-3">
        <h2 className="font-bold font-title text-xl">From a backup</h2>
        <p>You’ll see what would change before anything does.</p>
        <FilePicker
          label={
            <>
              <FileUp size={18} aria-hidden /> Choose a backup
            </>
          }
          name="Backup file"
          accept=".zip,application/zip"
          onFile={(file) => void open(file)}
        />
        <Problem>{problem}</Problem>
        {opened && (
          <BringIn
            key={opened.madeAt}
            opened={opened}
            onBring={async (rooms, replaces) => {
              try {
                const before = await backup.bring(opened, rooms, replaces);
                setOpened(undefined);
                toast({
                  text: `${before.length} ${before.length === 1 ? 'record' : 'records'} restored.`,
                  action: {
                    text: 'Undo',
                    run: async () => {
                      await backup.undo(before);
                      toast({ text: 'Everything is as it was before.' });
                    },
                  },
                });
              } catch (error) {
                setProblem(`Nothing was restored: ${(error as Error).message}`);
              }
            }}
          />
        )}
      </section>
      {room && (
        <section
          aria-label="Room in this browser"
          className="flex flex-wrap items-center gap-4 border-rule border-t pt-4"
        >
          <p>
            {room.usedBytes === undefined
              ? 'This browser doesn’t say how much it holds.'
              : `Here: ${byteText(room.usedBytes)}${room.mostBytes ? ` of ${byteText(room.mostBytes)} that it would keep` : ''}.`}{' '}
            {room.isPromised
              ? 'It has promised not to clear your data by itself.'
              : 'It may clear your data when the disk is full.'}
          </p>
          {!room.isPromised && (
            <Button
              onClick={async () => {
                if (!(await backup.askToKeep()))
                  toast({ text: 'The browser didn’t promise it. Keep saving backups.' });
              }}
            >
              Ask it to keep everything
            </Button>
          )}
          <Link to={ABOUT_PATH} className="underline underline-offset-4">
            What is kept, and how to erase it
          </Link>
        </section>
      )}
    </main>
  );
}

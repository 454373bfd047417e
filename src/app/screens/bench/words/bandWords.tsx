import { useState } from 'react';
import { centre, digits, morse } from '../../../../core/colour/codes.ts';
import { cordLetter } from '../../../../core/colour/palette.ts';
import { formatSequence, layOnRows, parseSequence } from '../../../../core/colour/sequence.ts';
import { LIMITS } from '../../../../core/formats/limits.gen.ts';
import { adapt, withStyle } from '../../../../core/plan/adapt.ts';
import { BY_STRAND } from '../../../../core/plan/setups/index.ts';
import { WAY_NAMES } from '../../../../core/plan/setups/sequence.ts';
import { evenEnds, mirror } from '../../../../core/plan/symmetryHelp.ts';
import type { Way } from '../../../../core/plan/types.ts';
import { readSequenceFile } from '../../../export/sequenceFile.ts';
import { useWorkshop } from '../../../state/knowledge.tsx';
import { Button } from '../../../ui/Button.tsx';
import { Choices } from '../../../ui/Choices.tsx';
import { FilePicker } from '../../../ui/FilePicker.tsx';
import { Problem } from '../../../ui/Problem.tsx';
import { TextField } from '../../../ui/TextField.tsx';
import { useLength } from '../../../ui/units.tsx';
import { WhyText } from '../../../ui/WhyNumber.tsx';
import { Word } from '../../../ui/Word.tsx';
import { useBench, usePlan } from '../BenchContext.tsx';
import { useProblem } from './problems.tsx';

/** Colours along the length. */
export function BandsWord() {
  const { sequence } = useBench().design;
  return (
    <Word
      label="Along the length"
      letter="l"
      text={sequence ? `in bands ${shorten(sequence.text)}` : '+ colours along the length'}
      isQuiet={!sequence}
      problem={useProblem('/sequence')}
      picker={BandsPicker}
      width="wide"
    />
  );
}

const MOST_SHOWN = 28;
const MOST_CHARS = LIMITS.design['/sequence/text'];
const shorten = (text: string): string => (text.length > MOST_SHOWN ? `${text.slice(0, MOST_SHOWN)}…` : text);

function BandsPicker() {
  const { design, dispatch, issues } = useBench();
  const { know } = useWorkshop();
  const shown = usePlan();
  const [typed, setTyped] = useState(design.sequence?.text ?? '');
  const cannot = issues.filter((i) => i.path.startsWith('/sequence'));
  const rows = shown?.plan.bands[0]?.rows ?? 0;
  const rowMm = shown?.plan.metrics.rowHeightMm ?? 1;
  const read = parseSequence(typed, Math.max(2, design.cords.length));

  function set(text: string) {
    setTyped(text);
    // Too long to be kept: it stays in the field, with a message, and the design stays as it is.
    if (text.length > MOST_CHARS) return;
    const items = parseSequence(text, Math.max(2, design.cords.length));
    if (!items.ok) return;
    const facts = know.facts(design.pattern.id);
    // Bands need separate cords of at least two colours.
    const { strands: _one, ...setup } = design.setup;
    const base = facts ? withStyle({ ...design, setup }, BY_STRAND, facts) : design;
    const cords = base.cords.length >= design.cords.length ? base.cords : design.cords;
    dispatch(
      { type: 'become', design: { ...base, cords, sequence: { ...design.sequence, text } } },
      'sequence',
    );
  }

  const stretches = read.ok ? layOnRows(read.value, rows, rowMm).stretches : [];
  return (
    <div className="flex max-h-[min(36rem,70vh)] flex-col gap-3 overflow-y-auto pr-1">
      <SequenceField typed={typed} read={read} rows={rows} onChange={set} />
      {cannot.map((i) => (
        <p key={i.message} role="alert" className="rounded bg-bad-pale px-2 py-1 text-bad text-sm">
          {i.message}
        </p>
      ))}
      <div className="flex flex-wrap gap-2">
        <Button disabled={stretches.length === 0} onClick={() => set(mirror(stretches, rows))}>
          Mirror it
        </Button>
        <Button disabled={stretches.length < 3} onClick={() => set(evenEnds(stretches, rows))}>
          Even out the ends
        </Button>
        <Button
          disabled={!design.sequence}
          onClick={() => {
            setTyped('');
            const { sequence: _gone, ...plain } = design;
            dispatch({ type: 'become', design: adapt(plain, {}, know) });
          }}
        >
          One colour all along
        </Button>
      </div>
      <SequenceFile onText={set} />
      <CodeField rows={rows} onSequence={set} />
      <WayChoice text={typed} />
      <p className="text-ink-soft text-sm">
        {design.cords.map((_, i) => cordLetter(i)).join(', ')} are this design’s cords; add more under the
        colours.
      </p>
    </div>
  );
}

interface SequenceFieldProps {
  readonly typed: string;
  readonly read: ReturnType<typeof parseSequence>;
  readonly rows: number;
  readonly onChange: (text: string) => void;
}

/** The sequence as it is typed, and where it is wrong. */
function SequenceField({ typed, read, rows, onChange }: SequenceFieldProps) {
  const tooLong = typed.length > MOST_CHARS;
  const issue = typed !== '' && !read.ok ? read.issues[0]! : undefined;
  return (
    <>
      <TextField
        label="Rows of each cord, by its letter"
        isFigure
        value={typed}
        spellCheck={false}
        aria-invalid={tooLong || issue ? true : undefined}
        onChange={(e) => onChange(e.target.value)}
      />
      {tooLong ? (
        <Problem>
          This has {typed.length} characters; a design can hold {MOST_CHARS}. Use a repeat, as in (3A 1B)*.
        </Problem>
      ) : issue ? (
        <Problem>
          {issue.message}{' '}
          {issue.span && (
            <>
              Here: {typed.slice(0, issue.span[0])}
              <mark className="bg-bad px-0.5 text-white">{typed.slice(...issue.span) || ' '}</mark>
              {typed.slice(issue.span[1])}
            </>
          )}
        </Problem>
      ) : (
        <p className="text-ink-soft text-sm">
          6A 2B 6A · (3A 1B)* as often as it fits · 20mmA by length. It has {rows} rows.
        </p>
      )}
    </>
  );
}

function SequenceFile({ onText }: { readonly onText: (text: string) => void }) {
  const [unread, setUnread] = useState<string>();
  async function take(file: File) {
    const text = await readSequenceFile(file);
    setUnread(text.ok ? undefined : text.issues[0]!.message);
    if (text.ok) onText(text.value);
  }
  return (
    <>
      <FilePicker
        label="Read from a file"
        accept=".txt,.csv,text/plain,text/csv"
        onFile={(file) => void take(file)}
      />
      <Problem>{unread}</Problem>
    </>
  );
}

/** The ways in which the colour can be changed, with what each costs. */
function WayChoice({ text }: { readonly text: string }) {
  const { dispatch } = useBench();
  const show = useLength();
  const plan = usePlan()?.plan.sequence;
  if (!plan) return null;
  return (
    <Choices<Way>
      label={`How is the colour changed? ${plan.splices.length > 0 ? `${plan.splices.length} splices.` : 'Nothing is cut.'}`}
      value={plan.way}
      onChange={(way) => dispatch({ type: 'sequence', sequence: { text, way } })}
      choices={plan.ways.map((w) => ({
        value: w.way,
        name: WAY_NAMES[w.way],
        isOff: !w.ok,
        note: (
          <>
            <WhyText why={w.words} />
            {w.cordMm !== undefined && `, ${show(w.cordMm, { kind: 'cut' })} of cord in all`}
          </>
        ),
      }))}
    />
  );
}

/** A short word in Morse, or a date in digits, spelt in rows and put in the middle. */
function CodeField({
  rows,
  onSequence,
}: {
  readonly rows: number;
  readonly onSequence: (text: string) => void;
}) {
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string>();
  function spell(code: typeof morse) {
    const made = code(text);
    if (!made.ok) return setProblem(made.issues[0]!.message);
    const items = parseSequence(made.value, 2);
    if (!items.ok) return setProblem(items.issues[0]!.message);
    const { stretches } = layOnRows(items.value, 5000, 1);
    const length = stretches.slice(0, -1).reduce((n, s) => n + s.to - s.from, 0) + lastRun(made.value);
    if (length > rows)
      return setProblem(
        `It needs ${length} rows and the band has ${rows}: shorten it, or choose thinner cord.`,
      );
    setProblem(undefined);
    return onSequence(formatSequence(itemsOf(centre(made.value, length, rows))));
  }
  return (
    <div className="flex flex-col gap-1" data-keeps-open>
      <div className="flex items-end gap-2">
        <TextField
          label="Spell a word or a date in rows of B"
          value={text}
          maxLength={20}
          onChange={(e) => setText(e.target.value)}
        />
        <Button onClick={() => spell(morse)}>Morse</Button>
        <Button onClick={() => spell(digits)}>Digits</Button>
      </div>
      <Problem>{problem}</Problem>
    </div>
  );
}

const lastRun = (text: string): number => Number(/(\d+)[A-Z]$/.exec(text)?.[1] ?? 1);

function itemsOf(text: string) {
  const items = parseSequence(text, 2);
  return items.ok ? items.value : [];
}

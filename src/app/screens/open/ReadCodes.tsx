import { Camera, ImageUp } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { plural } from '../../../core/words.ts';
import { readCodesInWorker } from '../../../workers/outside/codes.ts';
import { type Gathered, gather, joined, missing } from '../../export/codes.ts';
import { OPEN_PATH } from '../../paths.ts';
import { FilePicker } from '../../ui/FilePicker.tsx';
import { Problem } from '../../ui/Problem.tsx';

/** A row of codes, read from a photo or several: what is still missing is told until the design is whole. */
export function ReadCodes() {
  const navigate = useNavigate();
  const [gathered, setGathered] = useState<Gathered>();
  const [problem, setProblem] = useState<string>();
  const [isReading, setReading] = useState(false);
  async function read(picture: File) {
    setProblem(undefined);
    setReading(true);
    const texts = await readCodesInWorker(picture).result;
    setReading(false);
    const now = texts.ok ? gather(texts.value, gathered) : texts;
    if (!now.ok) return setProblem(now.issues[0]!.message);
    setGathered(now.value);
    if (missing(now.value).length > 0) return;
    const whole = joined(now.value);
    if (whole.ok) return void navigate(`${OPEN_PATH}#${whole.value}`);
    setGathered(undefined);
    setProblem(whole.issues[0]!.message);
  }
  const left = gathered ? missing(gathered) : [];
  return (
    <section aria-label="From codes" className="flex flex-col gap-3">
      <p>
        Photograph the row of codes on the other device, or choose a picture of it. It stays in this browser.
      </p>
      <div className="flex flex-wrap gap-3">
        <FilePicker
          label={
            <>
              <Camera size={18} aria-hidden /> Photograph the codes
            </>
          }
          name="Photograph the codes"
          accept="image/*"
          capture
          onFile={(file) => void read(file)}
        />
        <FilePicker
          label={
            <>
              <ImageUp size={18} aria-hidden /> Choose a picture
            </>
          }
          name="Picture of the codes"
          accept="image/*"
          onFile={(file) => void read(file)}
        />
      </div>
      <p role="status" data-testid="codes-read">
        {isReading
          ? 'Reading…'
          : gathered && left.length > 0
            ? `${gathered.parts.size} of ${gathered.count} codes read. Still missing: ${plural(left.length, 'code')} ${left.join(', ')}.`
            : ''}
      </p>
      <Problem>{problem}</Problem>
    </section>
  );
}

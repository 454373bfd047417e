import type { Reading } from '../../core/stash/scale.ts';

/** A kitchen scale that sends what it shows. A real one implements this; the one that ships is a stand-in on the server. */
export interface Scale {
  readonly name: string;
  /** Where one looks at it, if there is a page. */
  readonly page?: string;
  /** Sends readings until it is stopped; says so when none come. */
  readonly listen: (onReading: (reading: Reading) => void, onSilent: () => void) => () => void;
}

export const standInScale: Scale = {
  name: 'the stand-in scale',
  page: '/stand-ins/scale/',
  listen: (onReading, onSilent) => {
    const source = new EventSource('/stand-ins/scale/live');
    source.onmessage = ({ data }: MessageEvent<string>) => {
      const read = JSON.parse(data) as Partial<Reading>;
      if (Number.isFinite(read.grams) && Number.isFinite(read.at)) onReading(read as Reading);
    };
    source.onerror = onSilent;
    return () => source.close();
  },
};

import type { MeasurePicture as Picture } from '../../core/fit/measures.ts';

interface Drawn {
  /** The thing that is measured, and the tape or rule on it. */
  readonly thing: string;
  readonly tape: string;
}

/** Line drawings on a ground of 96 by 64: the thing in ink, what is measured in amber. */
const DRAWN: Readonly<Record<Picture, Drawn>> = {
  limb: {
    thing: 'M4 20C24 22 34 24 48 22S78 14 92 12M4 46C24 45 36 42 50 42S78 50 92 54',
    tape: 'M46 22C40 26 40 38 47 42M46 22C53 26 53 38 47 42',
  },
  hand: {
    thing:
      'M6 24C20 24 28 22 40 18L64 12Q70 11 70 15T65 19L56 21L78 18Q84 18 84 22T78 26L60 28L80 28Q85 28 85 32T80 36L60 36L74 38Q79 39 78 43T72 45L48 44C34 46 20 46 6 44M44 43C50 38 52 34 49 31S40 30 34 32',
    tape: 'M55 20C48 26 48 38 53 45M55 20C62 26 60 38 53 45',
  },
  heel: {
    thing: 'M30 4C31 18 32 26 28 34S20 50 26 56S80 58 88 54S86 46 76 42S58 36 56 28S55 12 54 4',
    tape: 'M24 52C30 44 44 30 57 32M24 52C36 54 52 42 57 32',
  },
  neck: {
    thing:
      'M14 8C20 4 36 4 42 10L52 14Q56 18 52 22L42 24C46 34 58 38 72 40S90 44 92 58M20 26C22 38 18 48 14 60M14 8C8 14 12 24 20 26',
    tape: 'M20 36C28 40 38 38 45 31M20 36C28 32 38 28 45 31',
  },
  head: {
    thing:
      'M14 8C20 4 36 4 42 10L52 14Q56 18 52 22L42 24C46 34 58 38 72 40S90 44 92 58M20 26C22 38 18 48 14 60M14 8C8 14 12 24 20 26',
    tape: 'M18 26C14 18 22 8 33 5M18 26C26 24 36 14 33 5',
  },
  lug: {
    thing:
      'M48 32m-20 0a20 20 0 1 0 40 0a20 20 0 1 0 -40 0M30 22L24 8M66 22L72 8M30 42L24 56M66 42L72 56M26 8H70',
    tape: 'M26 3H70M26 0V7M70 0V7',
  },
  case: {
    thing: 'M30 20C34 10 62 10 66 20L74 28H22ZM8 50C14 34 20 28 48 28S82 34 88 50',
    tape: 'M22 33C36 30 60 30 74 33M22 29V38M74 29V38',
  },
  gap: {
    thing: 'M8 14C30 10 44 14 50 26S56 48 54 56M72 32m-7 0a7 7 0 1 0 14 0a7 7 0 1 0 -14 0',
    tape: 'M53 32H65M53 27V37M65 27V37',
  },
  bar: {
    thing: 'M10 26H86V38H10ZM10 29H4V35H10M86 29H92V35H86',
    tape: 'M48 18V26M48 38V46M42 26H54M42 38H54',
  },
  width: {
    thing: 'M4 18H92M4 46H92M14 18L24 46M34 18L44 46M54 18L64 46M74 18L84 46',
    tape: 'M50 18V46M45 18H55M45 46H55',
  },
  'ring-at': {
    thing: 'M4 24H26V40H4ZM26 26H92V38H26ZM56 38C52 58 76 58 72 38',
    tape: 'M26 16H64M26 11V21M64 11V21',
  },
  'ring-flat': {
    thing: 'M26 18H70V24C70 66 26 66 26 24Z',
    tape: 'M26 10H70M26 5V15M70 5V15',
  },
};

/** How a measure is taken, as a small drawing. */
export function MeasurePicture({ picture }: { readonly picture: Picture }) {
  const { thing, tape } = DRAWN[picture];
  return (
    <svg viewBox="0 -3 96 70" className="h-14 w-20 shrink-0" aria-hidden="true">
      <path d={thing} fill="none" stroke="#5b6660" strokeWidth="2" strokeLinejoin="round" />
      <path d={tape} fill="none" stroke="#b5790a" strokeWidth="3" strokeLinecap="round" />
    </svg>
  );
}

import { len, num, type Why, why } from '../why/why.ts';
import { FINGER_MM, fingerHullMm } from './fingers.ts';

/** How a maker decides how much longer than the body the band is. */
export type Ease =
  | { readonly school: 'thickness'; readonly slackMm: number }
  | { readonly school: 'flat'; readonly addMm: number }
  | { readonly school: 'fingers'; readonly fingers: number; readonly fingerMm?: number }
  | { readonly school: 'try-on' };

export const SLACKS = [
  { id: 'snug', slackMm: 0 },
  { id: 'easy', slackMm: 8 },
  { id: 'loose', slackMm: 15 },
] as const;

/** What these are called; their ids are what the program decides by. */
const SLACK_NAMES = { snug: 'snug', easy: 'easy', loose: 'loose' } as const;

const slackName = (slackMm: number): string => {
  const known = SLACKS.find((s) => s.slackMm === slackMm);
  return known ? SLACK_NAMES[known.id] : 'own slack';
};

export const FLAT_ADD_MM = 25;

export interface Fitted {
  readonly ease: Ease;
  readonly label: string;
  /** F: flat length of the closed band along its middle plane, hardware included. */
  readonly finishedMm: number;
  readonly why: Why;
}

/**
 * Flat length of a closed band of thickness t on a body of girth G. Bent round, a band loses π·t of its length on
 * the inside, so F = G + π·t + slack; the flat school adds a fixed length; the finger school takes the hull.
 */
export function fitFor(girthMm: number, thicknessMm: number, ease: Ease): Fitted {
  const bend = Math.PI * thicknessMm;
  if (ease.school === 'try-on') {
    const most = SLACKS.at(-1)!.slackMm;
    return {
      ease,
      label: 'try on',
      finishedMm: girthMm + bend + most,
      why: why`cord for the loosest fit: girth ${len(girthMm)} + π × thickness ${len(thicknessMm)} = ${len(bend)} + ${len(most)}; try it on from ${len(girthMm + bend)} and stop where you like it`,
    };
  }
  if (ease.school === 'flat') {
    return {
      ease,
      label: 'flat add',
      finishedMm: girthMm + ease.addMm,
      why: why`girth ${len(girthMm)} + flat add ${len(ease.addMm)}, whatever the thickness`,
    };
  }
  if (ease.school === 'fingers') {
    const size = ease.fingerMm ?? FINGER_MM;
    const hull = fingerHullMm(girthMm, ease.fingers, size);
    return {
      ease,
      label: ease.fingers === 1 ? 'one finger' : `${ease.fingers} fingers`,
      finishedMm: hull + bend,
      why: why`line round the body and ${num(ease.fingers, 0)} finger${ease.fingers === 1 ? '' : 's'} of ${len(size)}: ${len(hull)} + π × thickness ${len(thicknessMm)} = ${len(bend)}`,
    };
  }
  return {
    ease,
    label: slackName(ease.slackMm),
    finishedMm: girthMm + bend + ease.slackMm,
    why: why`girth ${len(girthMm)} + π × thickness ${len(thicknessMm)} = ${len(bend)} + slack ${len(ease.slackMm)}`,
  };
}

/** The schools side by side with their usual settings; the chosen one keeps its own. */
export function compareSchools(girthMm: number, thicknessMm: number, chosen: Ease): readonly Fitted[] {
  const usual: Ease[] = [
    ...SLACKS.map((s) => ({ school: 'thickness' as const, slackMm: s.slackMm })),
    { school: 'flat', addMm: FLAT_ADD_MM },
    { school: 'fingers', fingers: 1 },
    { school: 'fingers', fingers: 2 },
    { school: 'try-on' },
  ];
  const isListed = usual.some((e) => sameEase(e, chosen));
  return (isListed ? usual : [chosen, ...usual]).map((ease) => fitFor(girthMm, thicknessMm, ease));
}

export function sameEase(a: Ease, b: Ease): boolean {
  if (a.school === 'thickness') return b.school === 'thickness' && a.slackMm === b.slackMm;
  if (a.school === 'try-on') return b.school === 'try-on';
  if (a.school === 'flat') return b.school === 'flat' && a.addMm === b.addMm;
  return (
    b.school === 'fingers' &&
    a.fingers === b.fingers &&
    (a.fingerMm ?? FINGER_MM) === (b.fingerMm ?? FINGER_MM)
  );
}

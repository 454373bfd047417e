import { capital } from '../words.ts';
import type { Kit } from './kits.ts';

/** A part of the lesson, in minutes from its start. */
export interface LessonPart {
  readonly name: string;
  readonly fromMin: number;
  readonly minutes: number;
}

/** Beginners need about so many times as long as practised hands: a prior until a class's own times are typed back. */
export const BEGINNERS_FACTOR = 2.5;

/** Adults at the flame where a class says nothing else. */
export const USUAL_ADULTS = 2;

/** Minutes at the flame for one adult, each kit's ends. */
const FLAME_MIN = 1;
const WELCOME_MIN = 10;
const SET_UP_MIN = 10;

/** How a lesson runs: welcome, set-up together, tying at the pace of the slowest kit, ends at the flame one after the other. */
export function lessonOf(kits: readonly Kit[], adults: number): LessonPart[] {
  const pupils = kits.filter((k) => !k.isSpare);
  const slowest = Math.max(0, ...pupils.map((k) => k.made?.minutes ?? 0));
  const parts: [string, number][] = [
    ['welcome, cautions, kits handed out', WELCOME_MIN],
    ['set up together', SET_UP_MIN],
    ['tie, most of it alone', Math.max(0, Math.round(slowest * BEGINNERS_FACTOR - SET_UP_MIN))],
    ['ends: an adult does the flame', Math.ceil((pupils.length * FLAME_MIN) / Math.max(1, adults))],
    ['try on, tidy up', WELCOME_MIN],
  ];
  let at = 0;
  return parts.map(([name, minutes]) => {
    const part = { name: capital(name), fromMin: at, minutes };
    at += minutes;
    return part;
  });
}

export interface SharedTool {
  readonly name: string;
  readonly count: number;
}

/** Tools that a class shares: rulers and scissors in threes, a jig for two, one flame an adult. */
export const toolsFor = (pupils: number, adults: number): SharedTool[] => [
  { name: 'ruler', count: Math.ceil(pupils / 2) },
  { name: 'pair of scissors', count: Math.ceil(pupils / 3) },
  { name: 'jig or clipboard', count: Math.ceil(pupils / 2) },
  { name: 'lighter, with an adult', count: Math.max(1, adults) },
  { name: 'metal spoon to press a hot end flat', count: Math.max(1, adults) },
];

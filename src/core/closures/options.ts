import { fail, type Issue, ok, type Result } from '../result.ts';
import { formatLength } from '../units/index.ts';
import { len, num, percent, sold, type Why, why, whyText } from '../why/why.ts';
import { capital, withArticle } from '../words.ts';
import { knotName, knotSize } from './knots.ts';
import type { Closure, ClosureSpec, Option } from './types.ts';

type ListOption = Extract<Option, { readonly choices: readonly unknown[] }>;
type NumberOption = Extract<Option, { readonly usual: number }>;
type TextOption = Extract<Option, { readonly usual: string }>;

export const isList = (option: Option): option is ListOption => 'choices' in option;

/** The option's value in a design, or its usual one. */
export const numberOf = (spec: ClosureSpec, option: NumberOption): number => spec[option.key] ?? option.usual;
export const textOf = (spec: ClosureSpec, option: TextOption): string => spec[option.key] ?? option.usual;

/** Checks every option of a closure that a design sets: one of its choices, or within its range. */
export function checkOptions(closure: Closure, spec: ClosureSpec): Result<undefined> {
  const issues: Issue[] = closure.options.flatMap((option): Issue[] => {
    const value = spec[option.key];
    const path = `/closure/${option.key}`;
    if (value === undefined) return [];
    if (isList(option)) {
      if (option.choices.some((c) => c.value === value)) return [];
      const choices = option.choices.map((c) => whyText(c.name)).join(', ');
      return [
        {
          code: 'closure.option',
          path,
          message: `${capital(withArticle(closure.name))} has no such ${option.label.toLowerCase()}; choose from ${choices}.`,
        },
      ];
    }
    const mm = value as number;
    if (mm >= option.leastMm && mm <= option.mostMm) return [];
    const show = (v: number) => formatLength(v, { system: 'metric' });
    return [
      {
        code: 'design.range',
        path,
        message: `${option.label}: choose between ${show(option.leastMm)} and ${show(option.mostMm)}, not ${show(mm)}.`,
      },
    ];
  });
  return issues.length > 0 ? { ok: false, issues } : ok(undefined);
}

export const refuse = (path: string, message: string): Result<never> =>
  fail({ code: 'closure.cannot', path, message });

/** The usual knots to choose from, with what each measures in a cord of 4 mm. */
export function knotOption(label: string, ids: readonly string[]): TextOption {
  const note = (id: string): Why => {
    const k = knotSize(id, 3.68);
    return why`in 4 mm cord ${len(k.bodyMm)} long, ${len(k.girthMm)} round`;
  };
  return {
    key: 'knot',
    label,
    usual: ids[0]!,
    choices: ids.map((id) => ({ value: id, name: why`${knotName(id)}`, note: note(id) })),
  };
}

export const LOOP_SHARE: NumberOption = {
  key: 'loopShare',
  label: 'How tightly the loop fits',
  usual: 1.05,
  choices: [1, 1.05, 1.1, 1.15].map((share) => ({
    value: share,
    name:
      share === 1
        ? why`just big enough to pass`
        : why`${percent(share - 1)} bigger than what passes through it`,
    note:
      share === 1
        ? why`hardest to close, holds best`
        : share === 1.15
          ? why`easiest to close, holds least`
          : [],
  })),
};

/** How a second half that comes late is held. */
export const ATTACH: TextOption = {
  key: 'attach',
  label: 'How the second half is held',
  usual: 'returned',
  choices: [
    {
      value: 'returned',
      name: why`cores taken round it and back`,
      note: why`stop short, take the cores round its bar and back, and cover them with the last rows`,
    },
    {
      value: 'hitched',
      name: why`cow hitches in the working ends`,
      note: why`after the last row, each pair of working ends is hitched to its bar; you can untie it again`,
    },
  ],
};

export function sizes(
  label: string,
  list: readonly { readonly sizeMm: number; readonly note: Why }[],
  usual: number,
): NumberOption {
  return {
    key: 'sizeMm',
    label,
    usual,
    choices: list.map((s) => ({ value: s.sizeMm, name: why`${sold(s.sizeMm)}`, note: s.note })),
  };
}

export const openOption: Option = {
  key: 'openMm',
  label: 'Inside when open',
  leastMm: 40,
  mostMm: 3000,
  hint: 'Inside girth when fully open. If left blank, it opens enough to go over the hand (heel, head).',
};

export const holeText = (n: number): Why => why`hole ${num(n, 0)}`;

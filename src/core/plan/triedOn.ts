import type { Design } from '../formats/design.gen.ts';
import { counted, len, num, type Why, why } from '../why/why.ts';
import type { DesignPatch } from './check.ts';
import type { Plan } from './types.ts';

/** What can be done now, the least work first. */
export interface Remedy {
  readonly id: string;
  readonly what: Why;
  /** By how much the closed girth is still off afterwards; negative is tight. */
  readonly leftMm: number;
  /** The plan as it then is, where it changes. */
  readonly patch?: DesignPatch;
  /** Cord that is left beyond what the hands need, per working cord, in mm; missing where no cord is used. */
  readonly remaining?: readonly { readonly letter: string; readonly mm: number; readonly why: Why }[];
  readonly ok: boolean;
}

/** Less than this is nobody's fault. */
const NOTHING_MM = 1;

/**
 * The piece was tried on and sits `offMm` wrong, loose positive: what to do. Moving what slides or stops comes first, then
 * another hole, then rows more or fewer, with what it leaves of each cord.
 */
export function triedOn(design: Design, plan: Plan, offMm: number): Remedy[] {
  if (Math.abs(offMm) < NOTHING_MM)
    return [{ id: 'leave', what: why`leave it: that is within measuring error`, leftMm: offMm, ok: true }];
  return [...moveTo(design, plan, offMm), changeOfRows(design, plan, offMm)];
}

function moveTo(design: Design, { closed }: Plan, offMm: number): Remedy[] {
  const { adjust } = closed;
  if (!adjust) return [];
  const wanted = -offMm;
  const [tighter, looser] = adjust.rangeMm;
  const steps = adjust.stepMm > 0 ? Math.round(wanted / adjust.stepMm) : 0;
  const exact = adjust.stepMm > 0 ? steps * adjust.stepMm : wanted;
  const change = Math.max(tighter, Math.min(looser, exact));
  const left = offMm + change;
  const ok = Math.abs(left) <= Math.max(NOTHING_MM, adjust.stepMm / 2);
  const way = change < 0 ? 'tighter' : 'looser';
  const count = adjust.stepMm > 0 ? Math.round(change / adjust.stepMm) : 0;
  const { setTo } = adjust;
  return [
    {
      id: 'move',
      what:
        Math.abs(change) < 0.05
          ? why`${adjust.what} can’t go further that way`
          : setTo
            ? why`put ${adjust.what} in ${setTo.key} ${num(setTo.now + count, 0)}: ${len(Math.abs(change))} ${way}`
            : adjust.step
              ? why`move ${adjust.what} ${counted(Math.abs(count), adjust.step)}: ${len(Math.abs(change))} ${way}`
              : why`move ${adjust.what} until it is ${len(Math.abs(change))} ${way}`,
      leftMm: left,
      ok: ok && Math.abs(change) >= 0.05,
      ...(setTo && count !== 0
        ? { patch: { closure: { ...design.closure, [setTo.key]: setTo.now + count } } }
        : {}),
    },
  ];
}

/** Rows more or fewer, and what that leaves: spare, rounding, and the hand lengths, less what the hands need at the end. */
function changeOfRows(design: Design, plan: Plan, offMm: number): Remedy {
  const { rowHeightMm, strands } = plan.metrics;
  const rows = Math.round(-offMm / rowHeightMm) || -Math.sign(offMm);
  const change = rows * rowHeightMm;
  const left = offMm + change;
  const remaining = plan.cords
    .filter((c) => c.parts.some((p) => p.what === 'weave'))
    .map((c) => {
      const spare = c.parts
        .filter((p) => p.what === 'margin' || p.what === 'rounding')
        .reduce((sum, p) => sum + p.lengthMm, 0);
      const lanes = c.parts.filter((p) => p.what === 'weave');
      const perMm = lanes.reduce(
        (sum, p) => sum + (strands.find((s) => s.name === p.strand)?.perLength ?? 1),
        0,
      );
      const cores = c.parts.filter((p) => p.what === 'core run').length;
      const used = change * (perMm + cores);
      return {
        letter: c.letter,
        mm: spare - used,
        why: why`spare and rounding ${len(spare)} ${used >= 0 ? '−' : '+'} ${len(Math.abs(change))} of band × ${num(perMm + cores)}; the hand lengths stay as they are`,
      };
    });
  const enough = remaining.every((r) => r.mm >= 0);
  const finished = plan.finishedLengthMm + change;
  const slack = finished - Math.PI * plan.metrics.thicknessMm - design.wearer.girthMm;
  return {
    id: 'rows',
    what: why`${rows > 0 ? 'add' : 'take out'} ${counted(Math.abs(rows), 'row')}: ${counted(plan.rows + rows, 'row')}, ${len(Math.abs(change))} ${rows > 0 ? 'longer' : 'shorter'}${enough ? '' : '; there isn’t enough cord'}`,
    leftMm: left,
    ok: enough && plan.rows + rows > 0,
    remaining,
    patch: { ease: { school: 'thickness', slackMm: Math.round(slack * 10) / 10 } },
  };
}

import { outline } from '../../weave/crossings.ts';
import { times } from '../../words.ts';
import type { KnotStage, KnotTying, Meet } from './stages.ts';

/** A stage in a maker's words, written under its picture. Stages count from 1, as the pictures do. */
export function stageWords(tying: KnotTying, index: number): string {
  const stage = tying.stages[index]!;
  const ends =
    stage.strands.length > 1 ? 'both ends together' : isSecond(tying, stage) ? 'the other end' : 'the end';
  if (stage.from < 0) return layWords(tying, stage);
  const way = wayOf(tying, stage);
  const passes = passesOf(tying, stage, index);
  return passes.length > 0
    ? `Lead ${ends} ${way}: ${listed(passes)}.`
    : `Lead ${ends} ${way}, past everything.`;
}

const isSecond = (tying: KnotTying, stage: KnotStage): boolean =>
  tying.stages.some((s) => !s.strands.some((x) => stage.strands.includes(x)) && s.from < stage.to) &&
  tying.stages.indexOf(stage) >=
    tying.stages.findIndex((s) => !s.strands.some((x) => stage.strands.includes(x)));

function layWords(tying: KnotTying, stage: KnotStage): string {
  const isFirst = tying.stages[0] === stage;
  if (!isFirst) return 'Bring in the other cord.';
  const { inside } = tying;
  const round =
    inside.length === 0
      ? ''
      : inside.length === 1
        ? ' beside the cord that it goes round'
        : ' beside the cords that it goes round';
  return `Lay ${stage.strands.length > 1 ? 'both cords' : 'the cord'} loosely${round}.`;
}

/** Where the end comes to, from where it was. */
function wayOf({ spec }: KnotTying, stage: KnotStage): string {
  const path = outline(spec.strands[stage.strands[0]!]!, spec);
  const at = (t: number) => {
    const i = Math.max(0, Math.min(path.length - 2, Math.floor(t)));
    const f = Math.max(0, Math.min(1, t - i));
    const [p, q] = [path[i]!, path[i + 1]!];
    return [p[0] + (q[0] - p[0]) * f, p[1] + (q[1] - p[1]) * f] as const;
  };
  const [from, to] = [at(stage.from), at(stage.to)];
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  if (Math.hypot(dx, dy) < 1.5) return 'round';
  if (Math.abs(dx) > Math.abs(dy)) return dx > 0 ? 'to the right' : 'to the left';
  return dy > 0 ? 'upwards' : 'downwards';
}

interface Run {
  readonly isOver: boolean;
  readonly name: string;
  readonly unit: number;
  readonly turn: number | undefined;
  count: number;
}

/** “over the standing part, then under the turn of 2”; the same thing several times over is said once, with how often. */
function passesOf(tying: KnotTying, stage: KnotStage, index: number): string[] {
  const runs: Run[] = [];
  for (const meet of stage.meets) {
    const name = nameOf(tying, index, meet);
    const last = runs.at(-1);
    if (last && last.isOver === meet.isOver && last.name === name) last.count++;
    else
      runs.push({
        isOver: meet.isOver,
        name,
        count: 1,
        unit: unitOf(tying, stage, meet),
        turn:
          meet.what === 'own' && meet.stage < index && tying.stages[meet.stage]!.from >= 0
            ? meet.stage
            : undefined,
      });
  }
  return withThrough(runs).map((part, i, all) => {
    if (typeof part === 'string') return part;
    const before = all[i - 1];
    const often = Math.round(part.count / part.unit);
    const name = typeof before === 'object' && before.name === part.name ? 'it' : part.name;
    return `${part.isOver ? 'over' : 'under'} ${name}${often > 1 ? ` ${times(often)}` : ''}`;
  });
}

/** An end that goes under and over one turn after another goes up through them: that is said in one. */
const THROUGH = 3;
function withThrough(runs: readonly Run[]): (Run | string)[] {
  const out: (Run | string)[] = [];
  for (let i = 0; i < runs.length; ) {
    let j = i;
    while (runs[j]?.turn !== undefined) j++;
    const turns = runs.slice(i, j).map((run) => run.turn!);
    if (turns.length >= THROUGH) {
      out.push(`through the turns of ${Math.min(...turns) + 1} to ${Math.max(...turns) + 1}`);
      i = j;
    } else out.push(runs[i++]!);
  }
  return out;
}

/** Crossings that one pass makes: of every cord that moves with every one that is passed. */
function unitOf(tying: KnotTying, stage: KnotStage, meet: Meet): number {
  if (meet.what === 'inside') return stage.strands.length * tying.inside.length;
  return meet.what === 'own' ? stage.strands.length ** 2 : 1;
}

function nameOf(tying: KnotTying, index: number, meet: Meet): string {
  if (meet.what === 'inside') return tying.inside.length > 1 ? 'all the cords inside' : 'the cord inside';
  if (meet.what === 'other') return 'the first cord';
  if (meet.stage === index) return 'the way it has just come';
  return tying.stages[meet.stage]!.from < 0 ? 'the standing part' : `the turn of ${meet.stage + 1}`;
}

const listed = (parts: readonly string[]): string =>
  parts.length < 3 ? parts.join(', then ') : `${parts.slice(0, -1).join(', ')}, then ${parts.at(-1)}`;

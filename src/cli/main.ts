/** The core from a terminal. Results go to stdout as JSON; issues to stderr; exit 0, or 2 for bad input. */
import { closuresCommand } from './closures.ts';
import { arrangementsCommand, facesCommand } from './colours.ts';
import { planCommand } from './plan.ts';
import { ringCheckCommand, ringCommand, ringGrowCommand } from './rings.ts';
import { stepsCommand } from './steps.ts';
import { patternsCommand, tightenCommand } from './tighten.ts';

const COMMANDS: Record<string, { run: (args: string[]) => number | Promise<number>; help: string }> = {
  plan: { run: planCommand, help: 'plan FILE.json        cords, lengths and checks of a design' },
  closures: {
    run: closuresCommand,
    help: 'closures FILE.json    every closure for that design, side by side',
  },
  steps: {
    run: stepsCommand,
    help: 'steps FILE.json [--text] [--right] [--left-handed]   every step from cutting to wear',
  },
  tighten: {
    run: tightenCommand,
    help: 'tighten (PATTERN_ID | FILE) [--h 0.2] [--seed 1] [--squash 1] [--load F]',
  },
  faces: {
    run: facesCommand,
    help: 'faces FILE.json       what each face shows of each cord, and the order on the bar',
  },
  arrangements: { run: arrangementsCommand, help: 'arrangements PATTERN [--cords 2] [--cores]' },
  ring: {
    run: ringCommand,
    help: 'ring LEADS BIGHTS [--coding row2] [--first U] [--passes 2] [--girth 210] [--cord nylon-4] [--width 20]',
  },
  'ring-grow': { run: ringGrowCommand, help: 'ring-grow 3x5 9x16    from a ring in hand to a larger one' },
  'ring-check': { run: ringCheckCommand, help: 'ring-check FILE       checks a run list by geometry' },
  patterns: { run: patternsCommand, help: 'patterns              the library' },
};

const [name, ...args] = process.argv.slice(2);
const command = COMMANDS[name ?? ''];
if (!command) {
  const list = Object.values(COMMANDS).map((c) => `  warp ${c.help}`);
  console.error([name ? `There is no command “${name}”.` : 'Usage:', ...list].join('\n'));
  process.exitCode = 2;
} else {
  process.exitCode = await command.run(args);
}

/** `npm test`: everything that has to hold, in order, each step counted; closes with `N passed, N failed`. */
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { ensureChromium } from './chromium.mjs';
import { ensureInstalled, root, run } from './install.mjs';

ensureInstalled();
ensureChromium();

const reports = `${root}test-results/reports`;
rmSync(reports, { recursive: true, force: true });
mkdirSync(reports, { recursive: true });
const tally = { passed: 0, failed: 0 };

function check(name, command, args, options) {
  console.log(`\n— ${name}`);
  const status = run(command, args, options);
  tally[status === 0 ? 'passed' : 'failed'] += 1;
  if (status !== 0) console.log(`✗ ${name}`);
}

/** A test runner's own counts; a runner that died without a report counts as one failure. */
function suite(name, args, file, env, read) {
  console.log(`\n— ${name}`);
  const status = run('npx', ['--no-install', ...args], { env: { ...process.env, ...env } });
  let counts = { passed: 0, failed: 0 };
  try {
    counts = read(JSON.parse(readFileSync(file, 'utf8')));
  } catch {
    console.log(`✗ ${name} left no report`);
  }
  if (status !== 0 && counts.failed === 0) counts.failed = 1;
  tally.passed += counts.passed;
  tally.failed += counts.failed;
}

function lockHasNoAddresses() {
  const isClean = !readFileSync(`${root}package-lock.json`, 'utf8').includes('"resolved"');
  if (!isClean) console.log('✗ package-lock.json names download addresses');
  tally[isClean ? 'passed' : 'failed'] += 1;
}

lockHasNoAddresses();
check('generated files', 'npm', ['run', '--silent', 'gen', '--', '--check']);
check('lint', 'npm', ['run', '--silent', 'lint']);
check('types', 'npm', ['run', '--silent', 'types']);
check('dependency rule', 'npm', ['run', '--silent', 'deps']);
check('build', 'npm', ['run', '--silent', 'build'], { stdio: ['ignore', 'ignore', 2] });
const unit = `${reports}/unit.json`;
suite(
  'unit tests',
  ['vitest', 'run', '--reporter=default', '--reporter=json', `--outputFile.json=${unit}`],
  unit,
  {},
  (r) => ({
    passed: r.numPassedTests,
    failed: r.numFailedTests,
  }),
);
const e2e = `${reports}/e2e.json`;
suite(
  'end-to-end tests',
  ['playwright', 'test', '--reporter=list,json'],
  e2e,
  { PLAYWRIGHT_JSON_OUTPUT_NAME: e2e },
  (r) => ({
    passed: r.stats.expected,
    failed: r.stats.unexpected + r.stats.flaky,
  }),
);

console.log(`\n${tally.passed} passed, ${tally.failed} failed`);
process.exitCode = tally.failed > 0 ? 1 : 0;

/** `npm test`: everything that has to hold, each step counted; closes with `N passed, N failed`. */
import { spawn } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { ensureChromium } from './chromium.mjs';
import { ensureInstalled, root, run } from './install.mjs';

ensureInstalled();
ensureChromium();

const reports = `${root}test-results/reports`;
rmSync(reports, { recursive: true, force: true });
mkdirSync(reports, { recursive: true });
const tally = { passed: 0, failed: 0 };

/** One check; what it says is shown when it is through, so that two at once don't talk over each other. */
function check([name, script, ...rest]) {
  return new Promise((done) => {
    const child = spawn('npm', ['run', '--silent', script, ...rest], { cwd: root });
    let said = '';
    const hear = (data) => {
      said += data;
    };
    child.stdout.on('data', hear);
    child.stderr.on('data', hear);
    const end = (status) => {
      console.log(`\n— ${name}`);
      tally[status === 0 ? 'passed' : 'failed'] += 1;
      if (status !== 0) console.log(`${said}✗ ${name}`);
      done();
    };
    child.on('error', (error) => {
      said += error.message;
      end(1);
    });
    child.on('close', end);
  });
}

/** Checks one after the other. */
async function inTurn(checks) {
  for (const c of checks) await check(c);
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
// Each of these keeps one processor busy: two of them run at once.
await Promise.all([
  inTurn([
    ['types', 'types'],
    ['lint', 'lint'],
    ['dependency rule', 'deps'],
  ]),
  inTurn([
    ['generated files', 'gen', '--', '--check'],
    ['build', 'build'],
  ]),
]);
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

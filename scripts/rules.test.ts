import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { afterAll, describe, expect, it } from 'vitest';

const root = fileURLToPath(new URL('..', import.meta.url));
const bin = (name: string) => join(root, 'node_modules/.bin', name);
const THING = 'export const thing = 1;\n';
const planted = mkdtempSync(join(root, 'node_modules/.planted-'));
afterAll(() => rmSync(planted, { recursive: true, force: true }));

function plant(files: Record<string, string>): string {
  const dir = mkdtempSync(join(planted, 'case-'));
  for (const [path, text] of Object.entries(files)) {
    mkdirSync(dirname(join(dir, path)), { recursive: true });
    writeFileSync(join(dir, path), text);
  }
  writeFileSync(
    join(dir, 'tsconfig.json'),
    '{"compilerOptions":{"module":"ESNext","moduleResolution":"bundler","allowImportingTsExtensions":true,"noEmit":true}}',
  );
  return dir;
}

function cruise(files: Record<string, string>) {
  const config = join(root, '.dependency-cruiser.cjs');
  const done = spawnSync(bin('depcruise'), ['--config', config, '--output-type', 'err', 'src'], {
    cwd: plant(files),
    encoding: 'utf8',
  });
  return { status: done.status, output: done.stdout + done.stderr };
}

/** One wrong tree for each rule, all in one: each case has names of its own. */
const WRONG: readonly (readonly [what: string, files: Record<string, string>, rule: string, from: string])[] =
  [
    [
      'core that imports a screen',
      { 'src/core/a.ts': "import '../app/b.ts';\n", 'src/app/b.ts': THING },
      'core-imports-only-core',
      'src/core/a.ts',
    ],
    [
      'core that imports Node',
      { 'src/core/c.ts': "import 'node:fs';\n" },
      'core-imports-only-core',
      'src/core/c.ts',
    ],
    [
      'storage that imports the app',
      { 'src/storage/a.ts': "import '../app/b.ts';\n" },
      'storage-imports-core',
      'src/storage/a.ts',
    ],
    [
      'an app that imports the inside of a worker',
      { 'src/app/a.ts': "import '../workers/inside/b.ts';\n", 'src/workers/inside/b.ts': THING },
      'app-reaches-down',
      'src/app/a.ts',
    ],
    [
      'a screen that imports another',
      { 'src/app/screens/bench/a.ts': "import '../weaves/b.ts';\n", 'src/app/screens/weaves/b.ts': THING },
      'screens-never-import-each-other',
      'src/app/screens/bench/a.ts',
    ],
    [
      'a circle',
      { 'src/core/d.ts': "import './e.ts';\n", 'src/core/e.ts': "import './d.ts';\n" },
      'no-cycles',
      'src/core/d.ts',
    ],
  ];

describe('the dependency rule', () => {
  const all = cruise(Object.assign({}, ...WRONG.map(([, files]) => files)));

  it.each(WRONG)('catches %s', (_what, _files, rule, from) => {
    // The report: "error rule: from → to".
    expect(all.output).toMatch(new RegExp(`${rule}: ${from}`));
    expect(all.status).not.toBe(0);
  });

  it('passes what goes one way', () => {
    expect(cruise({ 'src/core/a.ts': THING, 'src/app/b.ts': "import '../core/a.ts';\n" }).status).toBe(0);
  });
});

describe('the lint rule for a pure core', () => {
  const calls = ['Math.random()', 'Date.now()', 'new Date()'];
  const fileOf = (call: string) => join(root, `src/core/planted-${call.replace(/\W/g, '')}.ts`);

  it(`catches ${calls.join(', ')}`, () => {
    for (const call of calls) writeFileSync(fileOf(call), `export const planted = ${call};\n`);
    try {
      const done = spawnSync(bin('biome'), ['lint', ...calls.map(fileOf)], { cwd: root, encoding: 'utf8' });
      expect((done.stdout + done.stderr).split('no clock and no randomness')).toHaveLength(calls.length + 1);
      expect(done.status).not.toBe(0);
    } finally {
      for (const call of calls) rmSync(fileOf(call));
    }
  });
});

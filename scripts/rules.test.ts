import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { afterAll, describe, expect, it } from 'vitest';

const root = fileURLToPath(new URL('..', import.meta.url));
const bin = (name: string) => join(root, 'node_modules/.bin', name);
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

describe('the dependency rule', () => {
  const thing = 'export const thing = 1;\n';

  it.each<[string, Record<string, string>, string]>([
    [
      'core that imports a screen',
      { 'src/core/a.ts': "import '../app/b.ts';\n", 'src/app/b.ts': thing },
      'core-imports-only-core',
    ],
    ['core that imports Node', { 'src/core/a.ts': "import 'node:fs';\n" }, 'core-imports-only-core'],
    [
      'storage that imports the app',
      { 'src/storage/a.ts': "import '../app/b.ts';\n", 'src/app/b.ts': thing },
      'storage-imports-core',
    ],
    [
      'an app that imports the inside of a worker',
      { 'src/app/a.ts': "import '../workers/inside/b.ts';\n", 'src/workers/inside/b.ts': thing },
      'app-reaches-down',
    ],
    [
      'a screen that imports another',
      { 'src/app/screens/bench/a.ts': "import '../weaves/b.ts';\n", 'src/app/screens/weaves/b.ts': thing },
      'screens-never-import-each-other',
    ],
    [
      'a circle',
      { 'src/core/a.ts': "import './b.ts';\n", 'src/core/b.ts': "import './a.ts';\n" },
      'no-cycles',
    ],
  ])('catches %s', (_name, files, rule) => {
    const { status, output } = cruise(files);
    expect(output).toContain(rule);
    expect(status).not.toBe(0);
  });

  it('passes what goes one way', () => {
    expect(cruise({ 'src/core/a.ts': thing, 'src/app/b.ts': "import '../core/a.ts';\n" }).status).toBe(0);
  });
});

describe('the lint rule for a pure core', () => {
  it.each(['Math.random()', 'Date.now()', 'new Date()'])('catches %s', (call) => {
    const file = join(root, `src/core/planted-${call.replace(/\W/g, '')}.ts`);
    writeFileSync(file, `export const planted = ${call};\n`);
    try {
      const done = spawnSync(bin('biome'), ['lint', file], { cwd: root, encoding: 'utf8' });
      expect(done.stdout + done.stderr).toContain('no clock and no randomness');
      expect(done.status).not.toBe(0);
    } finally {
      rmSync(file);
    }
  });
});

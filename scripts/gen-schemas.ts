/** Compiles every schema ahead into a validator module without imports, and into types. `--check` only compares. */
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { Ajv } from 'ajv';
import standaloneModule from 'ajv/dist/standalone/index.js';
import { compile } from 'json-schema-to-typescript';
import { rolldown } from 'rolldown';

const root = fileURLToPath(new URL('..', import.meta.url));
const target = join(root, 'src/core/formats');
const work = join(root, 'node_modules/.cache/warp-beam-gen');
const standalone =
  (standaloneModule as unknown as { default: typeof standaloneModule }).default ?? standaloneModule;

async function validator(schema: object, name: string): Promise<string> {
  const ajv = new Ajv({ code: { source: true, esm: true }, allErrors: true, strict: true });
  const code = standalone(ajv, ajv.compile(schema));
  mkdirSync(work, { recursive: true });
  const entry = join(work, `${name}.mjs`);
  writeFileSync(entry, code);
  const bundle = await rolldown({ input: entry, logLevel: 'silent' });
  const { output } = await bundle.generate({ format: 'esm', minify: true });
  rmSync(entry);
  const text = output[0].code.replace(/\/\/#(?:region|endregion).*\n/g, '');
  return `// Generated from schemas/${name}.schema.json by npm run gen. Do not edit.\n${text}`;
}

async function outputs(): Promise<Map<string, string>> {
  const files = new Map<string, string>();
  for (const file of readdirSync(join(root, 'schemas')).filter((f) => f.endsWith('.schema.json'))) {
    const name = file.replace('.schema.json', '');
    const schema = JSON.parse(readFileSync(join(root, 'schemas', file), 'utf8'));
    files.set(`${name}.validate.gen.js`, await validator(schema, name));
    files.set(
      `${name}.validate.gen.d.ts`,
      `import type { ErrorObject } from '../validation.ts';\n\ndeclare const validate: ((data: unknown) => boolean) & { errors?: ErrorObject[] | null };\nexport default validate;\n`,
    );
    const banner = `// Generated from schemas/${file} by npm run gen. Do not edit.`;
    files.set(
      `${name}.gen.ts`,
      await compile(schema, name, {
        bannerComment: banner,
        additionalProperties: false,
        ignoreMinAndMaxItems: true,
      }),
    );
  }
  files.set('limits.gen.ts', limitsFile());
  return files;
}

function limitsFile(): string {
  const all = schemaFiles().map(([name, schema]) => {
    const lines = limitsOf(schema).map(([path, limit]) => `    '${path}': ${limit},\n`);
    return `  '${name}': {\n${lines.join('')}  },\n`;
  });
  return `// Generated from schemas/ by npm run gen. Do not edit.

/** The most characters of a text or entries of a list, by document and place; \`*\` is any entry. */
export const LIMITS = {
${all.join('')}} as const;
`;
}

const schemaFiles = (): [string, Node][] =>
  readdirSync(join(root, 'schemas'))
    .filter((f) => f.endsWith('.schema.json'))
    .map((f) => [f.replace('.schema.json', ''), JSON.parse(readFileSync(join(root, 'schemas', f), 'utf8'))]);

/** Every limit that a schema sets on the length of a text or list, by its place in the document. */
function limitsOf(schema: Node, path = ''): [string, number][] {
  const own = schema.maxLength ?? schema.maxItems;
  return [
    ...(own === undefined ? [] : [[path, own] as [string, number]]),
    ...Object.entries(schema.properties ?? {}).flatMap(([key, node]) => limitsOf(node, `${path}/${key}`)),
    ...(schema.items ? limitsOf(schema.items, `${path}/*`) : []),
  ];
}

interface Node {
  readonly maxLength?: number;
  readonly maxItems?: number;
  readonly properties?: Readonly<Record<string, Node>>;
  readonly items?: Node;
}

const isCheck = process.argv.includes('--check');
for (const [name, text] of await outputs()) {
  const path = join(target, name);
  const current = existsSync(path) ? readFileSync(path, 'utf8') : '';
  if (current === text) continue;
  if (isCheck) {
    console.error(`${name} is not what the schema says; run npm run gen`);
    process.exitCode = 1;
  } else {
    writeFileSync(path, text);
    console.log(`wrote ${name}`);
  }
}

/**
 * `npm run bench` or `npm run bench -- sweep --every 97`: a file of `bench/`, built as the application is. Run as sources, each
 * function would be given its name whenever it is made, which slows a plan by a third and is not so in a browser.
 */
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { bundle } from './bundle.mjs';
import { ensureInstalled, root } from './install.mjs';

const [name = 'run', ...rest] = process.argv.slice(2);
const out = join(root, '.cache/bench', name);

ensureInstalled();
await bundle(`bench/${name}.ts`, out);
process.chdir(root);
process.argv = [...process.argv.slice(0, 2), ...rest];
await import(pathToFileURL(join(out, 'main.js')).href);

import ts from 'typescript';
import { isText } from './isText.ts';
import { type MessagePart, messageOf, partsOf, type Translate } from './message.ts';

/** A text of a source file, with the line on which it begins. */
export interface FoundText {
  readonly message: string;
  readonly line: number;
}

interface Work {
  readonly file: ts.SourceFile;
  readonly translate: Translate;
  readonly keys: ReadonlySet<string>;
  readonly found: FoundText[];
}

/**
 * A source file in another language: every text that people read is looked up, and its parts are put in the order of the
 * translation. What is not translated stays as it is. Also tells which texts there are.
 */
export function rewrite(
  name: string,
  source: string,
  translate: Translate,
  keys: ReadonlySet<string>,
): { readonly code: string; readonly found: readonly FoundText[] } {
  const file = parsed(name, source);
  const found: FoundText[] = [];
  return { code: printed(file, { file, translate, keys, found }), found };
}

const trees = new Map<string, ts.SourceFile>();

/** A source file as a tree; one that was read before is not read again. */
export function parsed(name: string, source: string): ts.SourceFile {
  const kind = name.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS;
  const key = `${kind} ${source}`;
  const tree = trees.get(key) ?? ts.createSourceFile(name, source, ts.ScriptTarget.Latest, true, kind);
  trees.set(key, tree);
  return tree;
}

/** A node's source with all texts in it looked up. */
function printed(node: ts.Node, work: Work): string {
  const own = ownText(node, work);
  if (own !== undefined) return own;
  const { text } = work.file;
  let at = node.getFullStart();
  let out = '';
  ts.forEachChild(node, (child) => {
    out += text.slice(at, child.getFullStart()) + printed(child, work);
    at = child.end;
  });
  return out + text.slice(at, node.end);
}

/** Its leading blanks and comments, which are left alone. */
const leading = (node: ts.Node, { file }: Work): string =>
  file.text.slice(node.getFullStart(), node.getStart(file));

function ownText(node: ts.Node, work: Work): string | undefined {
  if (ts.isJsxElement(node) || ts.isJsxFragment(node)) return withChildren(node, work);
  if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) {
    const isWhy = isTagged(node.parent);
    if (!isWhy && !isText(node, node.text, work.keys)) return undefined;
    if (isWhy && !/\p{L}/u.test(node.text)) return undefined;
    const [part] = lookedUp([node.text], 0, node, work) ?? [];
    if (typeof part !== 'string') return undefined;
    const quoted = isWhy ? `\`${escaped(part)}\`` : JSON.stringify(part);
    return leading(node, work) + (ts.isJsxAttribute(node.parent) ? `{${quoted}}` : quoted);
  }
  if (ts.isTemplateExpression(node)) return withSpans(node, work);
  return undefined;
}

const isTagged = (node: ts.Node): boolean =>
  ts.isTaggedTemplateExpression(node) && node.tag.getText() === 'why';

function withSpans(node: ts.TemplateExpression, work: Work): string | undefined {
  const texts = [node.head.text, ...node.templateSpans.map((s) => s.literal.text)];
  const isWhy = isTagged(node.parent);
  const said = texts.join(' ');
  if (ts.isTaggedTemplateExpression(node.parent) && !isWhy) return undefined;
  if (isWhy ? !/\p{L}{2,}/u.test(said) : !isText(node, said, work.keys)) return undefined;
  const parts = texts.flatMap((text, i): MessagePart[] => (i === 0 ? [text] : [i - 1, text]));
  const read = lookedUp(
    parts.filter((p) => p !== ''),
    node.templateSpans.length,
    node,
    work,
  );
  if (!read) return undefined;
  const spans = node.templateSpans.map((s) => printed(s.expression, work));
  const body = read.map((p) => (typeof p === 'number' ? `\${${spans[p]}}` : escaped(p))).join('');
  return `${leading(node, work)}\`${body}\``;
}

function withChildren(node: ts.JsxElement | ts.JsxFragment, work: Work): string | undefined {
  const children = node.children.flatMap((child) => {
    const text = jsxText(child);
    if (text === '') return [];
    return [text ?? child];
  });
  const isSaid = children.some((c) => typeof c === 'string' && /\p{L}{2,}/u.test(c));
  if (!isSaid) return undefined;
  const placed: ts.Node[] = [];
  const parts: MessagePart[] = [];
  for (const child of children) {
    if (typeof child !== 'string') parts.push(placed.push(child) - 1);
    else if (typeof parts.at(-1) === 'string') parts.push(`${parts.pop()}${child}`);
    else parts.push(child);
  }
  const said = lookedUp(parts, placed.length, node, work);
  if (!said) return undefined;
  const sources = placed.map((p) => printed(p, work));
  const [open, close] = ts.isJsxElement(node)
    ? [node.openingElement, node.closingElement]
    : [node.openingFragment, node.closingFragment];
  const body = said
    .map((p) => (typeof p === 'number' ? sources[p]!.trim() : `{${JSON.stringify(p)}}`))
    .join('');
  return leading(node, work) + printed(open, work).trimStart() + body + printed(close, work).trimStart();
}

/** Text between tags as it is read; nothing for other children. An expression that is but a text reads as one, too. */
function jsxText(child: ts.JsxChild): string | undefined {
  if (ts.isJsxText(child)) {
    const lines = child.text.split('\n');
    return lines
      .map((line, i) => {
        const start = i === 0 ? line : line.trimStart();
        return i === lines.length - 1 ? start : start.trimEnd();
      })
      .filter((line) => line !== '')
      .join(' ');
  }
  if (ts.isJsxExpression(child) && child.expression && ts.isStringLiteral(child.expression))
    return child.expression.text;
  return undefined;
}

/** The parts of what a text reads in the other language; nothing where it stays as it is. */
function lookedUp(
  parts: readonly MessagePart[],
  count: number,
  node: ts.Node,
  work: Work,
): MessagePart[] | undefined {
  const message = messageOf(parts);
  work.found.push({
    message,
    line: work.file.getLineAndCharacterOfPosition(node.getStart(work.file)).line + 1,
  });
  const said = work.translate(message);
  return said === undefined ? undefined : partsOf(said, count);
}

const escaped = (text: string): string => text.replace(/[`\\]|\$(?=\{)/g, '\\$&');

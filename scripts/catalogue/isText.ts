import ts from 'typescript';
import { isOfNames } from './keys.ts';

/** Two words beside each other, or one that begins a sentence or is a name. */
const WORDS = /\p{L}{2,}[,;:.…’)]* (?:\p{L}|[0-9(“±])|^\s*\p{Lu}[\p{L}’-]+|\p{L}{3,}[.…?!]$/u;
/** Small letters and signs only, as class names have them. */
const CODE = /^[\sa-z0-9:[\]/._\-()%#!&>*,=+'"~|@^$]*$/;
/** One class name: with a condition before a colon, of parts joined by hyphens, or one of those of a single word. */
const CLASS =
  /^(?:[a-z0-9-]+:.+|-?[a-z0-9]+(?:-[a-z0-9.[\]/%(),_#*+:]+)+|flex|grid|block|hidden|absolute|relative|fixed|sticky|inline|rounded|border|figure|italic|underline|truncate|grow|shrink|uppercase)$/;
/** CSS, SVG and keys that look like words. */
const NO_TEXT =
  /^(?:Escape|Enter|Tab|Space|Backspace|Delete|Home|End|PageUp|PageDown|Arrow(?:Left|Right|Up|Down)|Control|Shift|Meta|Alt|AbortError|NotFoundError|QuotaExceededError|Content-\S+|GET|POST|PUT|[A-Z]{1,3}\d*|M|Infinity|NaN)$|^\/|^@font|^(?:weave|knot|open) [^\n]*\n|^weave |^(?:accents|checks|picture|schema)\.|^(?:lot|family|keys|share|logHeadings)\s*$|\.(?:csv|txt|svg|json|ics|png|pdf|zip)$|^Atkinson|^Bricolage|^(?:\d*\.?\d*px |var\(|repeat(?:ing-[a-z-]+)?\(|rotate\(|translate\(|scale\(|matrix\(|url\(|calc\(|https?:|data:|image\/|text\/|application\/)/;

/** Properties and attributes whose value is read by people, also where it is one small word. */
const SAID = new Set(
  'header name title label word words text message looks look advice say ask hint how what description placeholder alt aria-label legend caption note reason why'.split(
    ' ',
  ),
);
/** Attributes whose value nobody reads. */
const SILENT =
  /^(?:class|className|style|id|htmlFor|for|d|viewBox|href|to|src|type|role|key|data-.*|aria-(?!label$|description$|roledescription$|valuetext$).*|fill|stroke.*|transform|font.*|textAnchor|dominantBaseline|preserveAspectRatio|inputMode|autoComplete|accept|rel|target|method|placement|strategy|mode|look|as|points|values|offset|gradientUnits|clipPath|mask|marker.*|paintOrder|dataKey|tick.*|domain|margin)$/;
const SAID_TO = new Set(['plural', 'counted', 'withArticle', 'capital']);
const SILENT_CALLS =
  /^(?:RegExp|Worker|URL|URLSearchParams|querySelector(?:All)?|closest|matches|createElement(?:NS)?|addEventListener|removeEventListener|matchMedia|setAttribute|getAttribute|glob|split|replace(?:All)?|startsWith|endsWith|includes|indexOf|test|localeCompare|format|parse|get|put|delete|transaction|objectStore|index|createIndex|createObjectStore|toSorted)$/;

/** With something put in, one word between blanks is enough; and a sign of adding before a word. */
const SOME_WORD = /(?:^|[\s(])\p{L}{3,}(?=[\s,.:;)]|$)/u;
const ADDED = /^[+−] \p{L}{3}/u;
/** What joins two things: a word with a blank on either side. */
const JOINS = /^,? \p{L}{3,} $/u;

/** Class names: half of its words at least are some, as a sentence with a hyphen or a colon in it never has. */
function isClasses(text: string): boolean {
  if (!CODE.test(text)) return false;
  const words = text.trim().split(/\s+/);
  return 2 * words.filter((word) => CLASS.test(word)).length >= words.length;
}

const isWords = (text: string, isTemplate: boolean): boolean =>
  (WORDS.test(text) || ADDED.test(text) || JOINS.test(text) || (isTemplate && SOME_WORD.test(text))) &&
  !NO_TEXT.test(text.trim()) &&
  !isClasses(text);

const calledName = (call: ts.CallExpression | ts.NewExpression): string =>
  ts.isPropertyAccessExpression(call.expression) ? call.expression.name.text : call.expression.getText();

/** Of these the value is read by people even where the program decides by the same word elsewhere. */
const ONLY_SAID = new Set(['name', 'header', 'title', 'label', 'aria-label', 'placeholder', 'word', 'words']);

/** Whether what stands here is read by people: told by what it is part of, by whether it has words, and by what is a key. */
export function isText(node: ts.Node, text: string, keys: ReadonlySet<string>): boolean {
  if (!/\p{L}/u.test(text)) return false;
  if (isOfNames(node)) return !isNamed(node.parent) || node.parent.name !== node;
  if (isShown(node)) return !NO_TEXT.test(text.trim());
  const isTemplate = ts.isTemplateExpression(node);
  if (keys.has(text) && !(isNamed(node.parent) && ONLY_SAID.has(node.parent.name.getText()))) return false;
  for (let child = node, at = node.parent; at; child = at, at = at.parent) {
    if (ts.isImportDeclaration(at) || ts.isExportDeclaration(at) || ts.isTypeNode(at)) return false;
    if (ts.isCaseClause(at) && at.expression === child) return false;
    if (ts.isElementAccessExpression(at) && at.argumentExpression === child) return false;
    if (ts.isBinaryExpression(at) && /^[=!]==?$|^in$/.test(at.operatorToken.getText())) return false;
    if (ts.isPropertyAssignment(at)) {
      if (at.name === child) return false;
      const name = at.name.getText().replace(/['"]/g, '');
      if (SAID.has(name))
        return isSaidAlone(child, node) ? !NO_TEXT.test(text.trim()) : isWords(text, isTemplate);
      if (SILENT.test(name) && name !== 'role') return false;
      return isWords(text, isTemplate);
    }
    if (ts.isJsxAttribute(at)) {
      const name = at.name.getText();
      if (SILENT.test(name)) return false;
      return SAID.has(name) ? !NO_TEXT.test(text.trim()) : isWords(text, isTemplate);
    }
    if (ts.isCallExpression(at) || ts.isNewExpression(at)) {
      if (at.expression === child) continue;
      const name = calledName(at);
      if (SAID_TO.has(name)) return true;
      if (SILENT_CALLS.test(name)) return false;
      if (child === node && isBesideWhy(at, child)) return true;
      return isWords(text, isTemplate);
    }
    if (ts.isTaggedTemplateExpression(at) || ts.isFunctionLike(at) || ts.isStatement(at)) break;
  }
  return isWords(text, isTemplate);
}

/** What stands between tags, itself or as one of several that are chosen from. */
function isShown(node: ts.Node): boolean {
  for (let child = node, at = node.parent; at; child = at, at = at.parent) {
    if (ts.isJsxExpression(at)) return !ts.isJsxAttribute(at.parent);
    const isChosen =
      (ts.isConditionalExpression(at) && at.condition !== child) ||
      (ts.isBinaryExpression(at) &&
        at.right === child &&
        /^(?:&&|\|\||\?\?)$/.test(at.operatorToken.getText()));
    if (!isChosen && !ts.isParenthesizedExpression(at)) return false;
  }
  return false;
}

const isNamed = (node: ts.Node): node is ts.PropertyAssignment | ts.JsxAttribute =>
  ts.isPropertyAssignment(node) || ts.isJsxAttribute(node);

/** A label beside a working, as in size('travel', 12, why`…`). */
const isBesideWhy = (call: ts.CallExpression | ts.NewExpression, child: ts.Node): boolean =>
  (call.arguments ?? []).some(
    (a) => a !== child && ts.isTaggedTemplateExpression(a) && a.tag.getText() === 'why',
  );

const isSaidAlone = (value: ts.Node, node: ts.Node): boolean => value === node || !ts.isCallExpression(value);

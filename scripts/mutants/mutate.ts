import ts from 'typescript';

/** One small change to a source. */
export interface Mutant {
  readonly file: string;
  readonly line: number;
  readonly from: number;
  readonly to: number;
  readonly was: string;
  readonly becomes: string;
  /** The line that it is in. */
  readonly text: string;
  /** The smallest expression, or the key of a property, that it changes. */
  readonly of: { readonly from: number; readonly to: number; readonly isKey: boolean };
}

const { SyntaxKind: K } = ts;

const SWAPS: ReadonlyMap<ts.SyntaxKind, string> = new Map([
  [K.PlusToken, '-'],
  [K.MinusToken, '+'],
  [K.AsteriskToken, '/'],
  [K.SlashToken, '*'],
  [K.LessThanToken, '<='],
  [K.LessThanEqualsToken, '<'],
  [K.GreaterThanToken, '>='],
  [K.GreaterThanEqualsToken, '>'],
  [K.EqualsEqualsEqualsToken, '!=='],
  [K.ExclamationEqualsEqualsToken, '==='],
  [K.AmpersandAmpersandToken, '||'],
  [K.BarBarToken, '&&'],
]);

const CALLS: ReadonlyMap<string, string> = new Map([
  ['Math.min', 'Math.max'],
  ['Math.max', 'Math.min'],
  ['Math.ceil', 'Math.floor'],
  ['Math.floor', 'Math.ceil'],
  ['Math.round', 'Math.floor'],
]);

/** A number that is off by so much that somebody who cuts by it would notice: whole ones by one, others by a tenth. */
const nudged = (text: string): string => {
  const value = Number(text.replaceAll('_', ''));
  return String(
    Number.isInteger(value) && Math.abs(value) < 10 ? value + 1 : Number((value * 1.1).toPrecision(6)),
  );
};

/** Every mutation of a source, in order. Words for people, types, ids and hints of difficulty and time are left alone. */
export function mutantsOf(file: string, source: string): Mutant[] {
  const tree = ts.createSourceFile(file, source, ts.ScriptTarget.Latest, true);
  const out: Mutant[] = [];
  const add = (node: ts.Node, becomes: string, whole: ts.Node = node) => {
    const from = node.getStart(tree);
    const to = node.getEnd();
    const { line } = tree.getLineAndCharacterOfPosition(from);
    const text = source.split('\n')[line]!.trim();
    const isKey = ts.isPropertyAssignment(whole.parent) && whole.parent.name === whole;
    const of = { from: whole.getStart(tree), to: whole.getEnd(), isKey };
    out.push({ file, line: line + 1, from, to, was: source.slice(from, to), becomes, text, of });
  };
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isTypeNode(node) || ts.isInterfaceDeclaration(node)) return;
    if (ts.isTypeAliasDeclaration(node)) return;
    // Words, with what they quote.
    if (ts.isTemplateExpression(node) || ts.isTaggedTemplateExpression(node)) return;
    if (ts.isNumericLiteral(node)) add(node, nudged(node.text));
    else if (node.kind === K.TrueKeyword) add(node, 'false');
    else if (node.kind === K.FalseKeyword) add(node, 'true');
    else if (ts.isBinaryExpression(node)) {
      const other = SWAPS.get(node.operatorToken.kind);
      const isText = [node.left, node.right].some((side) => ts.isStringLiteralLike(side));
      if (other && !(isText && node.operatorToken.kind === K.PlusToken)) add(node.operatorToken, other, node);
    } else if (ts.isPrefixUnaryExpression(node) && node.operator === K.ExclamationToken)
      add(node, node.operand.getText(tree));
    else if (ts.isPrefixUnaryExpression(node) && node.operator === K.MinusToken)
      add(node, node.operand.getText(tree));
    else if (ts.isCallExpression(node)) {
      const other = CALLS.get(node.expression.getText(tree));
      if (other) add(node.expression, other, node);
    }
    ts.forEachChild(node, visit);
  };
  visit(tree);
  return out;
}

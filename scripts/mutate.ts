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
  /** The expression that is evaluated whenever the mutation matters; null where it is none (a key, say). */
  readonly seen: { readonly from: number; readonly to: number } | null;
}

/** The source with a call of `__met(index)` in front of what each of its mutants changes, to learn which tests meet it. */
export function observed(source: string, mutants: readonly (Mutant & { readonly index: number })[]): string {
  const marks = mutants.flatMap(({ seen, index }) =>
    seen
      ? [
          {
            at: seen.from,
            length: seen.to - seen.from,
            text: `(globalThis.__met?.(${index}), `,
            opens: true,
          },
          { at: seen.to, length: seen.to - seen.from, text: ')', opens: false },
        ]
      : [],
  );
  // Of what ends and what begins at one place, the ends come first; outer ones open first and close last.
  marks.sort(
    (a, b) =>
      a.at - b.at ||
      Number(a.opens) - Number(b.opens) ||
      (a.opens ? b.length - a.length : a.length - b.length),
  );
  let out = '';
  let from = 0;
  for (const mark of marks) {
    out += source.slice(from, mark.at) + mark.text;
    from = mark.at;
  }
  return out + source.slice(from);
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
  const add = (node: ts.Node, becomes: string, met: ts.Node = node) => {
    const from = node.getStart(tree);
    const to = node.getEnd();
    const { line } = tree.getLineAndCharacterOfPosition(from);
    const text = source.split('\n')[line]!.trim();
    const isKey = ts.isPropertyAssignment(met.parent) && met.parent.name === met;
    const seen = isKey ? null : { from: met.getStart(tree), to: met.getEnd() };
    out.push({ file, line: line + 1, from, to, was: source.slice(from, to), becomes, text, seen });
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
      if (other && !(isText && node.operatorToken.kind === K.PlusToken))
        add(node.operatorToken, other, node.left);
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

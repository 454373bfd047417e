import ts from 'typescript';

/**
 * Strings by which the program decides: named in a type, compared with, a case of a switch, a quoted name of a property, or
 * in a constant list of nothing but strings. They are never texts, whatever they read like.
 */
export function keysIn(file: ts.SourceFile): Set<string> {
  const keys = new Set<string>();
  const visit = (node: ts.Node): void => {
    if (ts.isStringLiteral(node) && isKey(node)) keys.add(node.text);
    ts.forEachChild(node, visit);
  };
  visit(file);
  return keys;
}

function isKey(node: ts.StringLiteral): boolean {
  const { parent } = node;
  if (ts.isLiteralTypeNode(parent)) return true;
  if (ts.isCaseClause(parent)) return parent.expression === node;
  if (ts.isBinaryExpression(parent)) return /^[=!]==?$|^in$/.test(parent.operatorToken.getText());
  if (ts.isPropertyAssignment(parent) || ts.isPropertySignature(parent)) return parent.name === node;
  if (ts.isElementAccessExpression(parent)) return parent.argumentExpression === node;
  return (
    ts.isArrayLiteralExpression(parent) &&
    parent.elements.every(ts.isStringLiteral) &&
    ts.isAsExpression(parent.parent) &&
    parent.parent.type.getText() === 'const' &&
    !isOfNames(node)
  );
}

/** Tables of what things are called: all in them is read, also what the program decides by elsewhere. */
const NAMES = /(?:^|_)(?:NAMES|KNOWN|TITLES|LABELS|STAYS)$/;

export function isOfNames(node: ts.Node): boolean {
  let at = node.parent;
  while (at && !ts.isStatement(at) && !ts.isFunctionLike(at)) {
    if (ts.isVariableDeclaration(at)) return NAMES.test(at.name.getText());
    at = at.parent;
  }
  return false;
}

import ts from 'typescript';

/** What an operator is mistaken for. */
const MISTAKEN = {
  '<': '<=',
  '<=': '<',
  '>': '>=',
  '>=': '>',
  '===': '!==',
  '!==': '===',
  '&&': '||',
  '||': '&&',
  '+': '-',
  '-': '+',
  '*': '/',
  '/': '*',
  '??': '&&',
};
const NAMES = { min: 'max', max: 'min', some: 'every', every: 'some', floor: 'ceil', ceil: 'floor' };

/** Faults that can be put into a file: which characters become what, and on which line. */
export function faultsOf(file, text) {
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
  const faults = [];
  const add = (start, end, to) => {
    const { line } = source.getLineAndCharacterOfPosition(start);
    faults.push({ file, start, end, line: line + 1, from: text.slice(start, end), to });
  };
  const visit = (node) => {
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node)) return;
    for (const fault of faultsAt(node)) add(...fault);
    ts.forEachChild(node, visit);
  };
  visit(source);
  return faults;
}

function faultsAt(node) {
  if (ts.isBinaryExpression(node)) {
    const { operatorToken: sign } = node;
    const to = MISTAKEN[sign.getText()];
    return to && !isText(node) ? [[sign.getStart(), sign.getEnd(), to]] : [];
  }
  if (ts.isPropertyAccessExpression(node) && NAMES[node.name.text])
    return [[node.name.getStart(), node.name.getEnd(), NAMES[node.name.text]]];
  if (ts.isNumericLiteral(node) && !ts.isPropertyAssignment(node.parent))
    return [[node.getStart(), node.getEnd(), `(${node.getText()} + 1)`]];
  if (ts.isIfStatement(node) || ts.isConditionalExpression(node)) {
    const test = ts.isIfStatement(node) ? node.expression : node.condition;
    return [
      [test.getStart(), test.getEnd(), 'true'],
      [test.getStart(), test.getEnd(), 'false'],
    ];
  }
  return [];
}

/** A plus between words joins them; a minus there is no fault that anyone makes. */
const isText = ({ left, right }) =>
  [left, right].some((side) => ts.isStringLiteralLike(side) || ts.isTemplateExpression(side));

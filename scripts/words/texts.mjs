import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';

/** Where texts live that a person reads. Tests, fixtures and what is generated hold none. */
const PLACES = ['core/src', 'contract/src', 'language/src', 'paper/src', 'server/src', 'app/app', 'app/src'];
const NOT_READ = /\.(test|spec)\.tsx?$|\/testing\/|\/testing\.tsx?$|\.d\.ts$|\/generated\/|saturationTable\.ts$/;

/** Attributes and properties that take ids, not words. */
const NOT_WORDS =
  /^(testID|icon|left|right|mode|variant|type|role|accessibilityRole|href|key|id|kind|field|style|className|source|d|fill|stroke|transform|viewBox|pathname|method|path|to|from|tone|as|align|format|pattern|autoComplete|inputMode|keyboardType|accept|rel|charset|fontFamily|operationId|\$ref|in|shapeOf|code)$/;
/** Functions whose arguments are not read by a person. */
const NOT_READ_CALLS =
  /^(require|query|exec|one|all|sql|get|set|has|startsWith|endsWith|includes|join|split|replace|replaceAll|match|test|indexOf|setHeader|header|header|on|once|emit|addEventListener|removeEventListener|createElement|querySelector|getItem|setItem|Symbol|RegExp)$/;
const SQL = /^\s*(SELECT|INSERT|UPDATE|DELETE|CREATE|WITH|BEGIN|COMMIT|SET|DO|ALTER|NOTIFY|LISTEN|VACUUM|CHECKPOINT)\b/;
/** Capitalized words that are names of keys, headers or types of the machine. */
const MACHINE =
  /^(Enter|Escape|Backspace|Delete|Tab|Home|End|Page(Up|Down)|Arrow(Up|Down|Left|Right)|Shift|Control|Alt|Meta|Content-[A-Za-z-]+|Accept|Authorization|Cache-Control|Retry-After|Etag|ETag|Host|Origin|Cookie|Location|Helvetica.*|Courier.*|Times.*|Atkinson.*|Error|TypeError|[A-Z][a-z]+Error|[A-Z][a-z]+[A-Z]\w*|[A-Z]{1,5}\d*)$/;

function filesOf(root) {
  return PLACES.flatMap((place) => {
    const folder = path.join(root, place);
    let names;
    try {
      names = readdirSync(folder, { recursive: true });
    } catch {
      return [];
    }
    return names
      .map((name) => path.join(place, name).split(path.sep).join('/'))
      .filter((name) => /\.tsx?$/.test(name) && !NOT_READ.test(name))
      .sort();
  });
}

/** True for what a person may read; false for ids, paths, code and numbers. */
function readable(text) {
  const plain = text.trim();
  if (!/[A-Za-z]{2}/.test(plain) || SQL.test(plain) || MACHINE.test(plain)) return false;
  if (
    /^[a-z]+:\/\/|^\/|^#|^\.|=>|;\s*$|^[\w-]+\/[\w.+-]+(;|$)|^M-?\d/.test(plain) ||
    /^(no-|max-age|default-src|text\/)/.test(plain)
  )
    return false;
  const bare = plain.replace(/\{[^}]*\}/g, ' ').trim();
  if (!/[A-Za-z]{2}/.test(bare)) return false;
  if (/\s/.test(plain)) return /[A-Za-z]{3,}/.test(bare);
  return /^[A-Z][a-z]/.test(plain);
}

const nameOf = (expression) =>
  ts.isIdentifier(expression) ? expression.text : ts.isPropertyAccessExpression(expression) ? expression.name.text : '';

/** The short name of what is put into a sentence: `{cfm}` for `${num(flow.cfm)}`. */
function slot(expression) {
  const text = expression.getText();
  const names = text.match(/[A-Za-z_$][\w$]*/g) ?? ['…'];
  return `{${names.at(-1)}}`;
}

function textOf(node) {
  if (ts.isStringLiteralLike(node)) return node.text;
  if (ts.isTemplateExpression(node)) {
    return node.head.text + node.templateSpans.map((span) => slot(span.expression) + span.literal.text).join('');
  }
  if (ts.isBinaryExpression(node) && node.operatorToken.kind === ts.SyntaxKind.PlusToken) {
    const left = textOf(node.left);
    const right = textOf(node.right);
    if (left === undefined && right === undefined) return undefined;
    return (left ?? slot(node.left)) + (right ?? slot(node.right));
  }
  if (ts.isParenthesizedExpression(node)) return textOf(node.expression);
  return undefined;
}

const COMPARING = new Set([
  ts.SyntaxKind.EqualsEqualsEqualsToken,
  ts.SyntaxKind.ExclamationEqualsEqualsToken,
  ts.SyntaxKind.InKeyword,
]);

function heldForMachine(node) {
  const parent = node.parent;
  if (ts.isImportDeclaration(parent) || ts.isExportDeclaration(parent) || ts.isExternalModuleReference(parent))
    return true;
  if (ts.isLiteralTypeNode(parent) || ts.isCaseClause(parent) || ts.isElementAccessExpression(parent)) return true;
  if (
    ts.isPropertyAssignment(parent) &&
    (parent.name === node || NOT_WORDS.test(parent.name.getText().replace(/['"]/g, '')))
  )
    return true;
  if (ts.isBinaryExpression(parent) && COMPARING.has(parent.operatorToken.kind)) return true;
  // The name of an icon or a field of a form; as a property it is what a person reads.
  if (ts.isJsxAttribute(parent) && /^name$/.test(parent.name.getText()) && /^[a-z-]+$/.test(node.text ?? ''))
    return true;
  if (ts.isJsxAttribute(parent) && NOT_WORDS.test(parent.name.getText())) return true;
  if (ts.isCallExpression(parent) && parent.expression !== node) return NOT_READ_CALLS.test(nameOf(parent.expression));
  if (ts.isNewExpression(parent)) return NOT_READ_CALLS.test(nameOf(parent.expression));
  if (ts.isTaggedTemplateExpression(parent) || ts.isEnumMember(parent)) return true;
  return false;
}

/** What the text is: a button or a label is held to shorter words than a sentence. */
function roleOf(node) {
  for (let at = node; at.parent; at = at.parent) {
    const parent = at.parent;
    if (ts.isJsxElement(parent)) {
      const tag = parent.openingElement.tagName.getText();
      return /Button$|^Chip$/.test(tag) ? 'button' : 'text';
    }
    if (ts.isJsxAttribute(parent)) return parent.name.getText() === 'label' ? 'label' : 'text';
    if (ts.isPropertyAssignment(parent)) return /^(label|short)$/.test(parent.name.getText()) ? 'label' : 'text';
    if (ts.isFunctionLike(parent) || ts.isStatement(parent)) return 'text';
  }
  return 'text';
}

/**
 * Every text of a source that a person may read, in its order. What is put into a sentence stands in braces.
 *
 * @returns {{ file: string, line: number, text: string, role: 'button' | 'label' | 'text' }[]}
 */
export function textsOfSource(file, source) {
  const tree = ts.createSourceFile(
    file,
    source,
    ts.ScriptTarget.Latest,
    true,
    file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
  );
  const found = [];
  const add = (node, text) => {
    const plain = text.replace(/\s+/g, ' ').trim();
    // What stands between tags is always read.
    if (ts.isJsxText(node) ? !/[A-Za-z]{2}/.test(plain) : !readable(plain)) return;
    const line = tree.getLineAndCharacterOfPosition(node.getStart()).line + 1;
    found.push({ file, line, text: plain, role: roleOf(node) });
  };
  const walk = (node) => {
    if (ts.isJsxText(node)) {
      add(node, node.text);
      return;
    }
    const text = textOf(node);
    if (text !== undefined) {
      if (!heldForMachine(node)) add(node, text);
      // Words inside what is put in: `${many ? 'many' : 'few'}`.
      const inner = (at) => {
        if (ts.isStringLiteralLike(at)) return;
        if (ts.isTemplateExpression(at)) at.templateSpans.forEach((span) => walk(span.expression));
        else if (ts.isBinaryExpression(at) && textOf(at) !== undefined)
          [at.left, at.right].forEach((side) => (textOf(side) === undefined ? walk(side) : inner(side)));
        else if (ts.isParenthesizedExpression(at)) inner(at.expression);
      };
      inner(node);
      return;
    }
    ts.forEachChild(node, walk);
  };
  walk(tree);
  return found;
}

/** Every text of the app that a person may read, file by file. */
export const textsOf = (root) =>
  filesOf(root).flatMap((file) => textsOfSource(file, readFileSync(path.join(root, file), 'utf8')));

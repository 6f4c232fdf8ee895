import { expect } from 'chai';
import { readdirSync, readFileSync } from 'node:fs';
import ts from 'typescript';

const SILENCE = '// prettier-ignore';
const WIDEST = 110;
const FOLDERS = ['src', 'tests', 'scripts', 'bench', 'probes'];
const FILES = FOLDERS.flatMap((folder) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' }).map((name) => `${folder}/${name}`),
).filter((file) => /\.(?:ts|mjs)$/.test(file) && !/\.(?:table|test|spec|d)\.ts$/.test(file));

const bare = (node: ts.Expression | undefined): ts.Expression | undefined =>
  node && (ts.isAsExpression(node) || ts.isSatisfiesExpression(node)) ? bare(node.expression) : node;

/** Whether a node is rows: a list, an object or a type of literals, with no function that does something step by step. */
function isTable(node: ts.Node, source: ts.SourceFile): boolean {
  if (/=>\s*\{|\bfunction\b/.test(node.getText(source))) return false;
  if (ts.isTypeAliasDeclaration(node)) return true;
  const value = ts.isVariableStatement(node)
    ? node.declarationList.declarations[0]?.initializer
    : ts.isPropertyAssignment(node)
      ? node.initializer
      : ts.isExpression(node)
        ? node
        : undefined;
  const rows = bare(value);
  return (
    !!rows &&
    (ts.isArrayLiteralExpression(rows) || ts.isObjectLiteralExpression(rows) || ts.isNewExpression(rows))
  );
}

/** The outermost node that ends where the silence stands, or begins after one that has its line to itself. */
function findSilenced(source: ts.SourceFile, at: number): ts.Node | null {
  const line = source.text.lastIndexOf('\n', at) + 1;
  const isAbove = source.text.slice(line, at).trim() === '';
  let found: ts.Node | null = null;
  const visit = (node: ts.Node): void => {
    const [start, end] = [node.getStart(source), node.getEnd()];
    const fits = isAbove
      ? start > at && (!found || start < found.getStart(source))
      : end <= at && end > line && (!found || end > found.getEnd());
    if (fits) found = node;
    ts.forEachChild(node, visit);
  };
  ts.forEachChild(source, visit);
  return found;
}

describe('how code stands', () => {
  it('is the formatter’s to say, but for rows of tables', () => {
    const silenced = FILES.flatMap((file) => {
      const text = readFileSync(file, 'utf8');
      if (!text.includes(SILENCE)) return [];
      const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
      return [...text.matchAll(new RegExp(SILENCE, 'g'))].map(({ index }) => {
        const node = findSilenced(source, index);
        return {
          file,
          isTable: node !== null && isTable(node, source),
          says: node?.getText(source).slice(0, 60),
        };
      });
    });
    expect(silenced.filter((each) => !each.isTable)).to.deep.equal([]);
    expect(silenced.length).to.be.greaterThan(20);
  });

  it(`is ${WIDEST} columns wide: only words, patterns and rows of tables are wider`, () => {
    const wide = FILES.flatMap((file) =>
      readFileSync(file, 'utf8')
        .split('\n')
        .filter((line) => line.length > WIDEST && !/^\s*(?:\/\/|\*|\/\*)/.test(line))
        // What cannot be broken: a text, a template, a pattern; a row of literals.
        .filter((line) => !/['`"/].{30,}['`"/]|^\s*(?:'?[\w/.-]+'?: )?(?:row\()?[[{].*[\]}]\)?,?$/.test(line))
        .map((line) => `${file}: ${line.trim().slice(0, 100)}`),
    );
    expect(wide).to.deep.equal([]);
  });
});

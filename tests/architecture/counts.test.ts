import { expect } from 'chai';
import { relative } from 'node:path';
import { MATERIALS, PART_KINDS, SYSTEMS, TUBE_JOINS } from '#core/catalogue';
import { RECORD_NAMES } from '#core/runs/document';
import { files, readSource, ROOT } from './sources.ts';

/** Shipped files that name something as a text or a key, from `lib/` on. */
const listNaming = (name: string): string[] =>
  files
    .filter((file) => new RegExp(`'${name}'|^\\s+${name}:`, 'm').test(readSource(file)))
    .map((file) => relative(ROOT, file).replace(/^lib\//, ''));

describe('how many files a new one touches', () => {
  // `black-iron` is also a metal of ends and what a pipe is found to be, `csst` also a kind of tube.
  for (const material of MATERIALS.filter((each) => each !== 'black-iron' && each !== 'csst'))
    it(`a material: its folder and the list (${material})`, () => {
      const outside = listNaming(material).filter((file) => !file.startsWith('core/materials/'));
      expect(outside.filter((file) => file !== 'words/quick-cut.ts').sort()).to.deep.equal([
        'core/catalogue/pipe.ts',
      ]);
      const own = listNaming(material).filter((file) => file.startsWith('core/materials/'));
      expect(new Set(own.map((file) => file.split('/')[2])).size, own.join()).to.equal(1);
    });

  for (const join of TUBE_JOINS)
    it(`a way of joining: its file, the list and the table (${join})`, () => {
      const tables = listNaming(join).filter(
        (file) =>
          file.startsWith('core/catalogue/') &&
          !file.includes('/tables/') &&
          !/-(?:parts|threads|ends|registry)\.ts$/.test(file),
      );
      expect(tables.filter((file) => !/\/(?:part|joins\/joins|pipe)\.ts$/.test(file))).to.deep.equal([
        `core/catalogue/joins/${join}.ts`,
      ]);
    });

  it('a way of joining, a kind of joint: nothing branches on one, and no table beside theirs has them all', () => {
    const found = files.flatMap((file) =>
      readSource(file)
        .split('\n')
        .filter((line) =>
          /\bjoin\s*[!=]==\s*'|Set<TubeJoin>|Record<TubeJoin, (?!Join\b)|Partial<Record<(?:TubeJoin|JointKindId)/.test(
            line,
          ),
        )
        .map((line) => `${relative(ROOT, file)}: ${line.trim()}`),
    );
    expect(found.filter((line) => !/joins\/joins\.ts/.test(line))).to.deep.equal([]);
  });

  for (const system of SYSTEMS)
    it(`a craft: eight files at the most, its folder and the lists (${system})`, () => {
      const own = files.filter((file) => file.includes(`/core/materials/${system}/`));
      const lists = files
        .filter((file) => !file.includes(`/core/materials/${system}/`))
        .filter((file) => new RegExp(`from './${system}/|SYSTEMS = `).test(readSource(file)))
        .map((file) => relative(ROOT, file));
      expect(lists.filter((file) => !file.endsWith('/index.ts')).sort()).to.deep.equal([
        'lib/core/catalogue/pipe.ts',
        'lib/core/materials/crafts.ts',
        'lib/core/materials/materials.ts',
      ]);
      expect(own.length).to.be.greaterThan(1);
      expect(own.length + 3, own.join()).to.be.at.most(8);
    });

  it('a kind of part: one row, and no other table has them all', () => {
    const tables = files.filter((file) =>
      /: Readonly<Record<(?:PartKind|BoughtKind|InlineKind), /.test(readSource(file)),
    );
    expect(tables.map((file) => relative(ROOT, file))).to.deep.equal([]);
    for (const kind of PART_KINDS) {
      const rows = readSource(`${ROOT}/lib/core/catalogue/part-kinds.ts`).match(
        new RegExp(`^  (?:'${kind}'|${kind}): `, 'gm'),
      );
      expect(rows, kind).to.have.length(1);
    }
  });

  const checks = files.filter((file) => /core\/checks\/[\w-]+\.ts$/.test(file));
  const judging = checks.filter((file) => /^export function check[A-Z]/m.test(readSource(file)));
  for (const file of judging.filter((each) => !each.endsWith('/checks.ts')))
    it(`a check: a file and a line (${relative(`${ROOT}/lib/core/checks`, file)})`, () => {
      const name = /^export function (check\w+)\((?:layout|\{)/m.exec(readSource(file))![1]!;
      // Whoever asks for one of them alone goes by the face of the room; the room itself has it in one table.
      const naming = checks
        .filter((each) => new RegExp(`import .*\\b${name}\\b`).test(readSource(each)))
        .map((each) => relative(`${ROOT}/lib/core/checks`, each));
      expect(naming).to.deep.equal(['checks.ts']);
      const table = readSource(`${ROOT}/lib/core/checks/checks.ts`);
      expect(
        table.match(new RegExp(`^  \\{ check: ${name}, restsOn: '(?:bodies|all)' \\},$`, 'gm')),
      ).to.have.length(1);
    });

  it('a collection of the run: its file, the table, its name, and the step of its version', () => {
    const bookkeeping = files
      .map((file) => relative(ROOT, file))
      .filter((file) =>
        /core\/(?:runs\/(?:changes\/|document\/(?:check-run|collections|fullness|hanging)\.ts|commands\/(?:copy-run|write-run)\.ts)|formats\/(?:run-doc\.schema|apply-to-run-doc|check-history|carry-up|read-run-doc|change\.schema)\.ts)/.test(
          file,
        ),
      );
    expect(bookkeeping.length).to.be.greaterThan(12);
    const named = bookkeeping.flatMap((file) =>
      RECORD_NAMES.filter((name) =>
        new RegExp(`'${name}'|\\bdoc\\.${name}\\b`).test(readSource(`${ROOT}/${file}`)),
      ).map((name) => `${file}: ${name}`),
    );
    expect(named).to.deep.equal([]);
  });

  it('are counted of things there are', () => {
    expect([MATERIALS.length, TUBE_JOINS.length, RECORD_NAMES.length].every((count) => count > 2)).to.equal(
      true,
    );
  });
});

import { expect } from 'chai';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { dirname, join, relative, resolve } from 'node:path';

const ROOT = resolve('src');
const files = (readdirSync(ROOT, { recursive: true }) as string[])
  .filter((name) => /\.(?:ts|svelte)$/.test(name) && !/\.(?:test|d)\.ts$/.test(name))
  .map((name) => join(ROOT, name));

/** Where an import leads inside src, as a path; null for a package. */
function resolveImport(from: string, specifier: string): string | null {
  const alias = /^#(core|words|server)\/(.*)$/.exec(specifier);
  if (alias) return join(ROOT, 'lib', alias[1]!, alias[2]!);
  if (specifier.startsWith('$lib/')) return join(ROOT, 'lib', specifier.slice(5));
  return specifier.startsWith('.') ? resolve(dirname(from), specifier) : null;
}

function readImports(file: string): { specifier: string; target: string | null; isType: boolean }[] {
  const source = readFileSync(file, 'utf8');
  const pattern =
    /(?:import|export)\s+(type\s+)?[^'";]*?from\s*'([^']+)'|import\s*\(\s*'([^']+)'\s*\)|import\s+'([^']+)'/g;
  return [...source.matchAll(pattern)].map((match) => {
    const specifier = match[2] ?? match[3] ?? match[4]!;
    return { specifier, target: resolveImport(file, specifier), isType: match[1] !== undefined };
  });
}

/** The layers, lowest first; server and ui are siblings. */
function getLayer(path: string): 'core' | 'words' | 'server' | 'ui' | 'routes' | 'app' {
  const name = relative(ROOT, path);
  const lib = /^lib\/(core|words|server|ui)\//.exec(name);
  if (lib) return lib[1] as 'core' | 'words' | 'server' | 'ui';
  return name.startsWith('routes/') ? 'routes' : 'app';
}

const MAY_USE = {
  core: ['core'],
  words: ['core', 'words'],
  server: ['core', 'words', 'server'],
  ui: ['core', 'words', 'ui'],
  routes: ['core', 'words', 'server', 'ui', 'routes', 'app'],
  app: ['core', 'words', 'server', 'app'],
} as const;

/** The folders of the core in the order in which its README lists them. */
const CORE_ORDER = [...readFileSync('src/lib/core/README.md', 'utf8').matchAll(/^\d+\. `([a-z-]+)\/`/gm)].map(
  (match) => match[1]!,
);

const getCoreFolder = (path: string): string => relative(join(ROOT, 'lib/core'), path).split('/')[0]!;

describe('imports', () => {
  it('lead to files that exist, with their endings', () => {
    for (const file of files) {
      for (const { specifier, target } of readImports(file)) {
        if (!target || specifier.endsWith('/$types')) continue;
        expect(
          existsSync(target) && /\.[a-z]+$/.test(target),
          `${relative(ROOT, file)}: ${specifier}`,
        ).to.equal(true);
      }
    }
  });

  it('never reach upward: core, words, then server and ui side by side, then routes', () => {
    for (const file of files) {
      const layer = getLayer(file);
      for (const { specifier, target } of readImports(file)) {
        if (!target || specifier.endsWith('/$types')) continue;
        const used = getLayer(target);
        expect(MAY_USE[layer], `${relative(ROOT, file)} uses ${specifier}`).to.include(used);
      }
    }
  });

  it('in the core follow its reading order', () => {
    const core = files.filter((file) => getLayer(file) === 'core');
    expect(new Set(core.map(getCoreFolder))).to.deep.equal(new Set(CORE_ORDER));
    for (const file of core) {
      for (const { specifier, target } of readImports(file)) {
        if (!target) continue;
        const [from, to] = [getCoreFolder(file), getCoreFolder(target)].map((folder) =>
          CORE_ORDER.indexOf(folder),
        );
        expect(to, `${relative(ROOT, file)} uses ${specifier}`).to.be.at.most(from!);
      }
    }
  });

  it('of the core bring in no interface, no node, no database, and only packages that compute', () => {
    for (const file of files.filter((each) => getLayer(each) === 'core')) {
      for (const { specifier, target } of readImports(file)) {
        if (!target)
          expect(
            ['@tarikjabiri/dxf', 'fastest-levenshtein', 'fractional-indexing', 'joi', 'jsonc-parser'],
            `${relative(ROOT, file)}`,
          ).to.include(specifier);
      }
    }
  });

  it('ask what a leg is made of in one place: materials, their folders and the table of crafts', () => {
    const names = '(?:threaded-steel|black-iron|steel-r|NPT|R)';
    const branches = new RegExp(
      `(?:[=!]==?|case|\\?\\?)\\s*'${names}'|'${names}'\\s*[=!]==?|family === |from '[^']*/materials/(?!craft)`,
    );
    // Data, the rules about pairs and about places, what is identified, and words are about threads and materials themselves.
    const isAbout =
      /^lib\/(?:core\/(?:catalogue|ends|identify|instruments|joints|house-rules|allowances|materials|permissions)\/|words\/)|\/drawing\/(?:lens\/|draw-joint|thread-profile)|formats\/carry-up|ui\/(?:instruments\/|screens\/(?:identify|joints)\/)/;
    const found = files
      .filter((file) => !isAbout.test(relative(ROOT, file)))
      .flatMap((file) =>
        readFileSync(file, 'utf8')
          .split('\n')
          .flatMap((line, i) =>
            branches.test(line) ? [`${relative(ROOT, file)}:${i + 1}: ${line.trim()}`] : [],
          ),
      );
    expect(found).to.deep.equal([]);
  });

  it('bring the catalogue in at one place for the screens and one for the server; everything else is given it', () => {
    const found = files.filter(
      (file) =>
        getLayer(file) !== 'core' &&
        /\bstandard(?:Catalogue|Threads|Tubes)\b/.test(readFileSync(file, 'utf8')),
    );
    expect(found.map((file) => relative(ROOT, file)).sort()).to.deep.equal([
      'lib/server/catalogue.ts',
      'lib/ui/catalogue.ts',
      'lib/ui/threads.ts',
    ]);
  });

  it('read the published tables in two files only', () => {
    const readers = files.filter((file) =>
      readImports(file).some(({ specifier }) => specifier.endsWith('.table.ts')),
    );
    expect(readers.map((file) => relative(ROOT, file))).to.deep.equal([
      'lib/core/catalogue/standard-catalogue.ts',
      'lib/core/catalogue/standard-threads.ts',
    ]);
  });

  it('make no cycle', () => {
    const graph = new Map(
      files.map((file) => [
        file,
        readImports(file).flatMap(({ target, isType }) => (target && !isType ? [target] : [])),
      ]),
    );
    const state = new Map<string, 'open' | 'done'>();
    const visit = (file: string, path: readonly string[]): void => {
      if (state.get(file) === 'done') return;
      const trail = [...path, relative(ROOT, file)];
      expect(state.get(file), `cycle: ${trail.join(' → ')}`).not.to.equal('open');
      state.set(file, 'open');
      for (const next of graph.get(file) ?? []) visit(next, trail);
      state.set(file, 'done');
    };
    for (const file of files) visit(file, []);
  });

  it('keep the libraries of the first page small: schemas and CSV come when they are needed', () => {
    const lazily =
      /^(?:joi|csv-stringify)|\.schema\.ts$|read-(?:with|run-doc|answers|specimens|quick-bench|shop-parts|counter-list|parts-file)\.ts$/;
    for (const file of files.filter((each) => ['ui', 'routes'].includes(getLayer(each)))) {
      // What runs in a thread of its own is fetched by that thread, and is no page's.
      if (
        /\+server\.ts$|\.worker\.ts$|read-(?:answers|specimens|quick-bench|shop-parts|counter-list|parts-file)\.ts$/.test(
          file,
        )
      )
        continue;
      const source = readFileSync(file, 'utf8');
      const eager = [...source.matchAll(/^\s*import (?!type)[^;(]*? from '([^']+)'/gm)].map(
        (match) => match[1]!,
      );
      expect(
        eager.filter((specifier) => lazily.test(specifier)),
        relative(ROOT, file),
      ).to.deep.equal([]);
    }
  });
});

describe('names', () => {
  it('are of one concept each: no file called utils, helpers, common, shared or misc', () => {
    const vague = files.filter((file) =>
      /(?:^|[/-])(?:utils?|helpers?|common|shared|misc)\b/.test(relative(ROOT, file)),
    );
    expect(vague).to.deep.equal([]);
  });

  it('of what the core gives out are explained: every exported function says what it gives', () => {
    const silent = files
      .filter((file) => getLayer(file) === 'core' && !file.endsWith('.table.ts'))
      .flatMap((file) => {
        const lines = readFileSync(file, 'utf8').split('\n');
        return lines.flatMap((line, i) =>
          /^export (?:function|class|const \w+ = (?:<[^>]*>)?\()/.test(line) &&
          !lines[i - 1]?.trim().endsWith('*/')
            ? [`${relative(ROOT, file)}:${i + 1}`]
            : [],
        );
      });
    expect(silent).to.deep.equal([]);
  });
});

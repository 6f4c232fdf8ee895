import { expect } from 'chai';
import { existsSync } from 'node:fs';
import { relative } from 'node:path';
import { MATERIALS, SYSTEMS, TUBE_JOINS } from '#core/catalogue';
import { files, findBehind, getRoom, readImports, readSource, ROOMS, ROOT } from './sources.ts';

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

const core = files.filter((file) => getLayer(file) === 'core');

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
    expect(new Set(core.map(getRoom))).to.deep.equal(new Set(ROOMS));
    for (const file of core)
      for (const { specifier, target } of readImports(file)) {
        if (!target) continue;
        const [from, to] = [getRoom(file), getRoom(target)].map((room) => ROOMS.indexOf(room!));
        expect(to, `${relative(ROOT, file)} uses ${specifier}`).to.be.at.most(from!);
      }
  });

  it('enter a room of the core by its face, and nowhere else', () => {
    const otherDoors = files.flatMap((file) =>
      readImports(file).flatMap(({ specifier, target }) => {
        const room = target && getRoom(target);
        if (!room || (getRoom(file) === room && specifier.startsWith('.'))) return [];
        return specifier === `#core/${room}` && ROOMS.includes(room)
          ? []
          : [`${relative(ROOT, file)}: ${specifier}`];
      }),
    );
    expect(otherDoors).to.deep.equal([]);
  });

  it('bring in nothing for what it does when it is loaded: the core and the words do nothing then', () => {
    const bare = files
      .filter((file) => ['core', 'words'].includes(getLayer(file)))
      .filter((file) => /^import '/m.test(readSource(file)));
    expect(bare).to.deep.equal([]);
  });

  it('of the core bring in no interface, no node, no database, and only packages that compute', () => {
    for (const file of core) {
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
    const names = `(?:${[...SYSTEMS, ...MATERIALS, ...TUBE_JOINS, 'NPT', 'R'].join('|')})`;
    const branches = new RegExp(`(?:[=!]==?|case|\\?\\?)\\s*'${names}'|'${names}'\\s*[=!]==?|family === `);
    // A kind of tube at an end, an ink and a school of a house rule may be called like a system.
    const isOfAnother = /\b(?:\w+\??\.of|ink|option) [!=]==/;
    // Data, the rules about pairs and about places, what is identified, and words are about threads and materials themselves.
    const isAbout =
      /^lib\/(?:core\/(?:catalogue|ends|identify|instruments|joints|house-rules|allowances|materials|permissions)\/|words\/)|\/drawing\/(?:lens\/|draw-joint|thread-profile)|formats\/carry-up|ui\/(?:instruments\/|screens\/(?:identify|joints)\/)/;
    const found = files
      .filter((file) => !isAbout.test(relative(ROOT, file)))
      .flatMap((file) =>
        readSource(file)
          .split('\n')
          .flatMap((line, i) =>
            branches.test(line) && !isOfAnother.test(line)
              ? [`${relative(ROOT, file)}:${i + 1}: ${line.trim()}`]
              : [],
          ),
      );
    expect(found).to.deep.equal([]);
  });

  it('bring the catalogue in at one place for the screens and one for the server; everything else is given it', () => {
    const found = files.filter(
      (file) => getLayer(file) !== 'core' && /\bstandard(?:Catalogue|Threads|Tubes)\b/.test(readSource(file)),
    );
    expect(found.map((file) => relative(ROOT, file)).sort()).to.deep.equal([
      'lib/server/catalogue.ts',
      'lib/ui/catalogue.ts',
      'lib/ui/threads.ts',
    ]);
  });

  it('read the published tables in two files only', () => {
    const readers = files.filter(
      (file) =>
        !file.endsWith('/index.ts') &&
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

  it('of rooms of screens go one way: what two need of each other belongs to all', () => {
    const screens = `${ROOT}/lib/ui/screens/`;
    const roomOf = (file: string): string | null =>
      file.startsWith(screens) ? file.slice(screens.length).split('/')[0]! : null;
    const uses = new Map<string, Set<string>>();
    for (const file of files)
      for (const { target } of readImports(file)) {
        const [from, to] = [roomOf(file), target && roomOf(target)];
        if (from && to && from !== to) uses.set(from, (uses.get(from) ?? new Set()).add(to));
      }
    expect(uses.size).to.be.greaterThan(8);
    const reach = (room: string, seen = new Set<string>()): Set<string> => {
      for (const next of uses.get(room) ?? []) if (!seen.has(next)) reach(next, seen.add(next));
      return seen;
    };
    expect([...uses.keys()].filter((room) => reach(room).has(room))).to.deep.equal([]);
  });

  it('of routes show a screen: what it is made of stands in its room', () => {
    const long = files.filter(
      (file) => file.endsWith('+page.svelte') && readSource(file).split('\n').length > 40,
    );
    expect(long.map((file) => relative(ROOT, file))).to.deep.equal([]);
  });

  it('keep the libraries of the first page small: schemas and CSV come when they are needed', () => {
    // What a module takes along when it is loaded: behind a face only what defines the names that are taken.
    const takesLibrary = (file: string, seen: Set<string>): boolean => {
      if (seen.has(file)) return false;
      seen.add(file);
      return readImports(file).some(({ specifier, target, isType, isLazy, values }) => {
        if (isType || isLazy) return false;
        if (!target) return /^(?:joi|csv-stringify)/.test(specifier);
        if (!existsSync(target)) return false;
        const behind =
          target.endsWith('index.ts') && getRoom(target)
            ? values.map((name) => findBehind(target, name)!)
            : [target];
        return behind.some((each) => takesLibrary(each, seen));
      });
    };
    // What runs in a thread of its own is fetched by that thread, and is no page's; what is fetched when it is asked for is no page's either.
    const fetched = new Set(
      files.flatMap((file) =>
        readImports(file).flatMap(({ target, isLazy }) => (target && isLazy ? [target] : [])),
      ),
    );
    const isApart = (file: string): boolean =>
      /\+(?:page|layout)?\.?server\.ts$|\.worker\.ts$/.test(file) || fetched.has(file);
    const pages = files.filter((file) => getLayer(file) === 'routes' && !isApart(file));
    const heavy = pages.filter((file) => takesLibrary(file, new Set()));
    expect(heavy.map((file) => relative(ROOT, file))).to.deep.equal([]);
    expect(fetched.size).to.be.greaterThan(10);
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
    const silent = core
      .filter((file) => !file.endsWith('.table.ts'))
      .flatMap((file) => {
        const lines = readSource(file).split('\n');
        return lines.flatMap((line, i) =>
          /^export (?:function|class|const \w+ = (?:<[^>]*>)?\()/.test(line) &&
          !lines[i - 1]?.trim().endsWith('*/')
            ? [`${relative(ROOT, file)}:${i + 1}`]
            : [],
        );
      });
    expect(silent).to.deep.equal([]);
  });
  it('of what the core gives out are each of one thing: none is defined twice', () => {
    const where = new Map<string, string[]>();
    for (const file of core)
      for (const [, name] of readSource(file).matchAll(
        /^export (?:async )?(?:function\*?|class|const|interface|type) ([\w$]+)/gm,
      ))
        where.set(name!, [...(where.get(name!) ?? []), relative(ROOT, file)]);
    expect([...where].filter(([, places]) => places.length > 1)).to.deep.equal([]);
  });
});

describe('the faces of the core', () => {
  const faces = core.filter((file) => file.endsWith('/index.ts'));

  it('are one a room', () => {
    expect(faces.map(getRoom).sort()).to.deep.equal([...ROOMS].sort());
  });

  it('hand names on, one by one, and do nothing else', () => {
    for (const face of faces)
      expect(
        readSource(face)
          .replace(/\/\*\*[^]*?\*\/|export (?:type )?\{[^}]*\} from '\.\/[^']+';/g, '')
          .trim(),
        face,
      ).to.equal('');
  });
});

describe('the core', () => {
  it('knows no clock and no chance', () => {
    const found = core.filter((file) =>
      /\bDate\.now|new Date\(\)|Math\.random|crypto\./.test(readSource(file)),
    );
    expect(found.map((file) => relative(ROOT, file))).to.deep.equal([]);
  });
});

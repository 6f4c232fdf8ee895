import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, relative, resolve } from 'node:path';

export const ROOT = resolve('src');
const CORE = join(ROOT, 'lib/core');

/** Everything that is shipped: no tests, no declarations. */
export const files = (readdirSync(ROOT, { recursive: true }) as string[])
  .filter((name) => /\.(?:ts|svelte)$/.test(name) && !/\.(?:test|d)\.ts$/.test(name))
  .map((name) => join(ROOT, name));

/** An import as it is written, and where it leads: the module, and behind a face the modules that define what is taken. */
export interface Import {
  readonly specifier: string;
  /** Null for a package. */
  readonly target: string | null;
  readonly isType: boolean;
  /** Fetched when it is asked for. */
  readonly isLazy: boolean;
  readonly names: readonly string[];
  /** Of these, those that are there when it runs. */
  readonly values: readonly string[];
}

/** Where an import leads inside src, as a path; null for a package. */
function resolveImport(from: string, specifier: string): string | null {
  if (specifier.startsWith('#core/')) return join(CORE, specifier.slice(6), 'index.ts');
  const alias = /^#(words|server)\/(.*)$/.exec(specifier);
  if (alias) return join(ROOT, 'lib', alias[1]!, alias[2]!);
  if (specifier.startsWith('$lib/')) return join(ROOT, 'lib', specifier.slice(5));
  return specifier.startsWith('.') ? resolve(dirname(from), specifier) : null;
}

const sources = new Map<string, string>();
/** The text of a file, read once. */
export function readSource(file: string): string {
  const known = sources.get(file) ?? readFileSync(file, 'utf8');
  sources.set(file, known);
  return known;
}

const imports = new Map<string, readonly Import[]>();
/** What a file takes in, and hands on. */
export function readImports(file: string): readonly Import[] {
  const known = imports.get(file);
  if (known) return known;
  const pattern =
    /(?:import|export)\s+(type\s+)?([^'";]*?)from\s*'([^']+)'|import\s*\(\s*'([^']+)'\s*\)|import\s+'([^']+)'/g;
  const found = [...readSource(file).matchAll(pattern)].map((match): Import => {
    const specifier = match[3] ?? match[4] ?? match[5]!;
    const braces = /\{([^}]*)\}/.exec(match[2] ?? '')?.[1] ?? '';
    const taken = [...braces.matchAll(/(?:^|,)\s*(type\s+)?([\w$]+)/g)];
    const names = taken.map(([, , name]) => name!);
    const values = match[1] ? [] : taken.filter(([, type]) => !type).map(([, , name]) => name!);
    const isType = match[1] !== undefined || (names.length > 0 && values.length === 0);
    return {
      specifier,
      target: resolveImport(file, specifier),
      isType,
      isLazy: match[4] !== undefined,
      names,
      values,
    };
  });
  imports.set(file, found);
  return found;
}

/** The room of the core a file stands in: a folder, or of the run one of its rooms; null outside the core. */
export function getRoom(file: string): string | null {
  const [first, second] = relative(CORE, file).split('/');
  if (!first || first === '..' || !second) return null;
  return first === 'runs' ? `runs/${second}` : first;
}

/** The rooms of the core in the order in which its README lists them. */
export const ROOMS = [
  ...readFileSync('src/lib/core/README.md', 'utf8').matchAll(/^(?:\d+\.| +-) `([a-z-]+(?:\/[a-z-]+)?)\/`/gm),
]
  .map((match) => match[1]!)
  // A house of rooms has none of its own files.
  .filter((room) => room !== 'runs');

/** The module that defines a name which a face hands on. */
export const findBehind = (face: string, name: string): string | null =>
  readImports(face).find(({ names }) => names.includes(name))?.target ?? null;

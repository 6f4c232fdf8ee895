import { expect } from 'chai';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';

const FOLDERS = ['src', 'docs', 'tests', 'scripts', 'bench', 'probes', 'drizzle', 'static'];
const FILES = [
  ...readdirSync('.').filter((name) => name.includes('.')),
  ...FOLDERS.flatMap((folder) =>
    readdirSync(folder, { recursive: true, encoding: 'utf8' }).map((name) => join(folder, name)),
  ),
];
const PAGES = FILES.filter((file) => file.endsWith('.md'));

/** Names that are made when the app is built, run or measured: no file of the checkout. */
const MADE = /^(?:build|\.porthole|node_modules|\.svelte-kit|coverage|test-results)\b/;

/** Roots from which the pages speak: the checkout, what they say `core/…` and the like of. */
const ROOTS = ['', 'src/lib', 'src/lib/core', 'src/lib/ui', 'src/lib/server', 'src', 'tests', 'scripts'];

/** The paths and file names a page gives as code: `core/runs/run.ts`, `rules/`, `bench/x.mjs`; what is no path is left alone. */
const listNamed = (text: string): string[] =>
  [...text.matchAll(/`([^`\n]+)`/g)]
    .map(([, code]) => code!.trim())
    .filter((code) => /^[\w.@/-]+$/.test(code) && /(?:\.(?:ts|mjs|svelte|md|json|css|cjs)|\/)$/.test(code))
    .filter((code) => !code.startsWith('/') && !MADE.test(code));

const isThere = (named: string, page: string): boolean => {
  const bare = named.replace(/\/$/, '');
  if ([...ROOTS, dirname(page)].some((root) => existsSync(join(root, bare)))) return true;
  // A file or folder by its own name, inside what was spoken of before.
  return FILES.some((file) => file.endsWith(`/${bare}`) || file.includes(`/${bare}/`));
};

describe('what the pages name', () => {
  for (const page of PAGES)
    it(`is there: ${page}`, () => {
      const text = readFileSync(page, 'utf8');
      const gone = listNamed(text).filter((named) => !isThere(named, page));
      expect(gone).to.deep.equal([]);
      const links = [...text.matchAll(/\]\(([^)#\s]+)[^)]*\)/g)].map(([, to]) => to!);
      const broken = links.filter((to) => !/^[a-z]+:/.test(to) && !existsSync(join(dirname(page), to)));
      expect(broken).to.deep.equal([]);
    });

  it('of how Porthole is built is read in ten minutes', () => {
    const words = readFileSync('docs/architecture.md', 'utf8').split(/\s+/).length;
    expect(words).to.be.below(2400);
  });

  it('are many', () => {
    const named = PAGES.flatMap((page) => listNamed(readFileSync(page, 'utf8')));
    expect(named.length).to.be.greaterThan(150);
  });
});

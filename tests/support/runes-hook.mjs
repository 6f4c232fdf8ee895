import { readFile } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';
import { transform } from 'esbuild';
import { compileModule } from 'svelte/compiler';

/**
 * A module with runes is stripped of its types and compiled as in the browser; every other goes its usual way.
 * @type {import('node:module').LoadHook}
 */
export async function load(url, context, nextLoad) {
  if (!url.includes('.svelte.ts')) return nextLoad(url, context);
  const filename = fileURLToPath(url.split('?')[0] ?? url);
  const { code } = await transform(await readFile(filename, 'utf8'), {
    loader: 'ts',
    target: 'esnext',
    tsconfigRaw: { compilerOptions: { verbatimModuleSyntax: true } },
  });
  const { js } = compileModule(code, { generate: 'client', filename });
  return { format: 'module', source: js.code, shortCircuit: true };
}

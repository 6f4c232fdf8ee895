import adapter from '@sveltejs/adapter-node';
import { join } from 'node:path';
import { build } from 'vite';

/**
 * The adapter for Node.js, and beside the server what its threads do, which they load by its path. All but the PDF library is in it:
 * a thread that begins has one file to read and not a thousand.
 * @param {string} out
 * @returns {import('@sveltejs/kit').Adapter}
 */
export function adaptWithWorker(out) {
  const node = adapter({ out, precompress: true });
  return {
    ...node,
    async adapt(builder) {
      await node.adapt(builder);
      await build({
        configFile: false,
        publicDir: false,
        logLevel: 'warn',
        ssr: { noExternal: true, external: ['pdfkit', 'piscina', 'pg-native'] },
        build: {
          ssr: 'src/lib/server/work/worker.ts',
          outDir: join(out, 'work'),
          emptyOutDir: true,
          target: 'node20',
          rolldownOptions: { output: { entryFileNames: 'worker.js' } },
        },
      });
    },
  };
}

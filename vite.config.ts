import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vite';

/** The core and the words do nothing when they are loaded: of what comes through a face only what is used is taken along. */
const treeshake = { moduleSideEffects: [{ test: /\/src\/lib\/(?:core|words)\//, sideEffects: false }] };

export default defineConfig({
  plugins: [tailwindcss(), sveltekit()],
  build: { rolldownOptions: { treeshake } },
  worker: { format: 'es', rolldownOptions: { treeshake, output: { codeSplitting: false } } },
});

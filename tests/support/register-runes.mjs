/** Lets Mocha import `.svelte.ts` modules: `node --import ./tests/support/register-runes.mjs`. */
import { register } from 'node:module';

register('./runes-hook.mjs', import.meta.url);

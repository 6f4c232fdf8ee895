import { createContext } from 'svelte';
import type { RunStore } from './run-store.svelte.ts';

/** The run that the screens below a run's address show. */
export const [getRunStore, setRunStore] = createContext<RunStore>();

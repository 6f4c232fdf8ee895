/** stop: do not cut; ask: something must be found out first; note: worth knowing. */
export type Severity = 'stop' | 'ask' | 'note';

/** Where a job is, for the rules that outrank the shop. `ask` is a real answer: find out before work begins. */
export const JURISDICTIONS = ['us-model', 'canada', 'uk', 'australia', 'uk-vehicle', 'ask'] as const;
export type Jurisdiction = (typeof JURISDICTIONS)[number];

export const GASES = ['natural', 'lp'] as const;
export type Gas = (typeof GASES)[number];

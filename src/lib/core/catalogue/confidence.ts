/** How sure a published figure is. */
export type Confidence = 'certain' | 'likely' | 'approximate';

/** Where a figure came from and how sure it is. */
export interface Provenance {
  readonly source: string;
  readonly confidence: Confidence;
}

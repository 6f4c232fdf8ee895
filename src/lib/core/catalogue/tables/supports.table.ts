import type { SupportByOutside, SupportBySize } from '../support-row.ts';

/** Steel, screwed or pressed, by nominal size. Tables of support of each jurisdiction, as published or met. */
export const steelSupportsTable: readonly SupportBySize[] = [
  { jurisdiction: 'us-model', upTo: '1/2', level: 6, upright: 6, unit: 'ft', source: 'model-code', confidence: 'certain' },
  { jurisdiction: 'us-model', upTo: '1', level: 8, upright: 8, unit: 'ft', source: 'model-code', confidence: 'certain' },
  { jurisdiction: 'us-model', upTo: '4', level: 10, upright: 'floor', unit: 'ft', source: 'model-code', confidence: 'certain' },
  { jurisdiction: 'canada', upTo: '1/2', level: 6, upright: 'floor', unit: 'ft', source: 'model-code', confidence: 'likely' },
  { jurisdiction: 'canada', upTo: '1', level: 8, upright: 'floor', unit: 'ft', source: 'model-code', confidence: 'likely' },
  { jurisdiction: 'canada', upTo: '2-1/2', level: 10, upright: 'floor', unit: 'ft', source: 'model-code', confidence: 'likely' },
  { jurisdiction: 'canada', upTo: '4', level: 15, upright: 'floor', unit: 'ft', source: 'model-code', confidence: 'approximate' },
  { jurisdiction: 'uk', upTo: '1/2', level: 2, upright: 2.5, unit: 'm', source: 'model-code', confidence: 'likely' },
  { jurisdiction: 'uk', upTo: '1', level: 2.5, upright: 3, unit: 'm', source: 'model-code', confidence: 'likely' },
  { jurisdiction: 'uk', upTo: '1-1/4', level: 2.7, upright: 3, unit: 'm', source: 'model-code', confidence: 'approximate' },
  { jurisdiction: 'australia', upTo: '1/2', level: 2, upright: 2, unit: 'm', source: 'model-code', confidence: 'approximate' },
  { jurisdiction: 'australia', upTo: '1', level: 2.5, upright: 2.5, unit: 'm', source: 'model-code', confidence: 'approximate' },
  { jurisdiction: 'uk-vehicle', upTo: '1', level: 1, upright: 1, unit: 'm', source: 'practice', confidence: 'approximate' },
]; // prettier-ignore

/** Copper tube, however it is joined, by its outside. Tables of support of each jurisdiction, as published or met. */
export const copperSupportsTable: readonly SupportByOutside[] = [
  { jurisdiction: 'us-model', from: 0.5, below: 0.625, outsideIn: 'in', level: 4, upright: 4, unit: 'ft', source: 'model-code', confidence: 'certain' },
  { jurisdiction: 'us-model', from: 0.625, below: 0.875, outsideIn: 'in', level: 6, upright: 6, unit: 'ft', source: 'model-code', confidence: 'certain' },
  { jurisdiction: 'us-model', from: 0.875, below: 1, outsideIn: 'in', level: 8, upright: 8, unit: 'ft', source: 'model-code', confidence: 'certain' },
  { jurisdiction: 'us-model', from: 1, below: 1.2, outsideIn: 'in', level: 8, upright: 'floor', unit: 'ft', source: 'model-code', confidence: 'certain' },
  { jurisdiction: 'canada', from: 0.3, below: 0.501, outsideIn: 'in', level: 4, upright: 4, unit: 'ft', source: 'model-code', confidence: 'approximate' },
  { jurisdiction: 'uk', from: 15, below: 22, outsideIn: 'mm', level: 1.5, upright: 2, unit: 'm', source: 'model-code', confidence: 'likely' },
  { jurisdiction: 'uk', from: 22, below: 28.1, outsideIn: 'mm', level: 2, upright: 2.5, unit: 'm', source: 'model-code', confidence: 'likely' },
  { jurisdiction: 'australia', from: 15, below: 18, outsideIn: 'mm', level: 1.5, upright: 2, unit: 'm', source: 'model-code', confidence: 'approximate' },
  { jurisdiction: 'uk-vehicle', from: 5.9, below: 22.1, outsideIn: 'mm', level: 0.5, upright: 0.5, unit: 'm', source: 'practice', confidence: 'approximate' },
]; // prettier-ignore

/** Corrugated tubing: what makers ask typically; the maker's own sheet goes before it. That it needs none is a mistake that circulates. */
export const tubingSupportsTable: readonly SupportBySize[] = [
  { jurisdiction: 'any', upTo: '3/8', level: 4, upright: 10, unit: 'ft', source: 'maker', confidence: 'approximate' },
  { jurisdiction: 'any', upTo: '1/2', level: 6, upright: 10, unit: 'ft', source: 'maker', confidence: 'approximate' },
  { jurisdiction: 'any', upTo: '2', level: 8, upright: 10, unit: 'ft', source: 'maker', confidence: 'approximate' },
]; // prettier-ignore

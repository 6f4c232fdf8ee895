import type { PartKind } from '#core/catalogue';
import type { Jurisdiction } from '#core/house-rules';
import type { TransitionQuestion } from './question.ts';

type Asked = Pick<TransitionQuestion, 'bearers' | 'gas'>;
type Fits = (asked: Asked, jurisdiction: Jurisdiction) => boolean;

const isBritish = (jurisdiction: Jurisdiction): boolean =>
  jurisdiction === 'uk' || jurisdiction === 'uk-vehicle';

/**
 * Where something flexible may be offered, by its listing and the pack: a hose for liquefied petroleum is for cylinders and for appliances that are
 * moved, never for natural gas or one that stays; a bayonet hose is for a British cooker, a hose clipped to its nozzle for British
 * liquefied petroleum. A gas that nobody said is not known to be the one a hose is for.
 */
const FITS: Readonly<Partial<Record<PartKind, Fits>>> = {
  hose: ({ bearers, gas }) =>
    gas !== 'natural' && (bearers.includes('cylinder') || (gas === 'lp' && bearers.includes('movable'))),
  'cooker-hose': ({ bearers }, jurisdiction) =>
    jurisdiction === 'uk' && (bearers.includes('appliance') || bearers.includes('movable')),
  'clipped-hose': ({ gas }, jurisdiction) => gas === 'lp' && isBritish(jurisdiction),
};

/** Whether a part of this kind may be offered for what is asked, as far as it is flexible; what is not is no matter of this. */
export const mayServe = (kind: PartKind, asked: Asked, jurisdiction: Jurisdiction): boolean =>
  FITS[kind]?.(asked, jurisdiction) ?? true;

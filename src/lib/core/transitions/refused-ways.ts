import { readTaperEnd } from '#core/catalogue';
import type { End } from '#core/ends';
import type { HouseRules } from '#core/house-rules';
import { type PairVerdict, getSystem, type ThreadSystem } from '#core/joints';
import type { Where } from './transition-index.ts';

/** What is asked for at the counter and refused by rule. */
export const REFUSED_WAYS = [
  'straight-in-taper',
  'sixty-in-fifty-five',
  'cones-differ',
  'push-fit',
  'conduit',
  'galvanised',
  'soft-solder',
  'compression',
  'concealed',
  'ammonia',
  'hose-barb',
] as const;
export type RefusedWay = (typeof REFUSED_WAYS)[number];

interface Asked {
  readonly ends: readonly [End, End];
  /** What becomes of the two as they are. */
  readonly verdict: PairVerdict;
  readonly rules: HouseRules;
  readonly where: Where | null;
}

const isCopper = (end: End): boolean => end.kind === 'tube' && end.of === 'copper';
const isOfSystem =
  (system: ThreadSystem) =>
  (end: End): boolean =>
    end.kind === 'thread' && getSystem(end.family) === system;
const isAmericanPipe = isOfSystem('american-pipe');
const isBritishPipe = isOfSystem('british-pipe');

/** Whose business each refusal is. */
const CONCERNS: Readonly<Record<RefusedWay, (asked: Asked) => boolean>> = {
  'straight-in-taper': ({ verdict }) =>
    verdict.cause === 'straight-in-taper' || verdict.cause === 'taper-in-straight',
  'sixty-in-fifty-five': ({ verdict, ends }) =>
    verdict.cause === 'sixty-in-fifty-five' || (ends.some(isAmericanPipe) && ends.some(isBritishPipe)),
  'cones-differ': ({ verdict }) => verdict.cause === 'cones-differ',
  'push-fit': ({ ends }) => ends.some(isCopper),
  conduit: ({ ends }) => ends.some(isAmericanPipe),
  galvanised: ({ ends, rules }) =>
    rules.galvanised.option !== 'allowed' && ends.some((end) => readTaperEnd(end) !== null),
  'soft-solder': ({ ends, rules }) => rules['soft-solder'].option !== 'capillary' && ends.some(isCopper),
  compression: ({ ends, rules }) => rules.compression.option === 'forbidden' && ends.some(isCopper),
  concealed: ({ where, rules }) => where?.zone === 'concealed' && rules.concealed.option !== 'allowed',
  ammonia: ({ where }) => where?.ammonia === true,
  'hose-barb': ({ ends }) => ends.some(isAmericanPipe),
};

/**
 * Ways that may come to mind between two ends, and are refused by rule: whatever chains are offered, these are in none of them. Source: domain rules
 * on transitions; house rules decide about galvanised metal, solder, olives and what is concealed.
 */
export const listRefusedWays = (asked: Asked): readonly RefusedWay[] =>
  REFUSED_WAYS.filter((way) => CONCERNS[way](asked));

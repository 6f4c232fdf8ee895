import Joi from 'joi';
import { endSchema, shopPartsSchema, ruleChoicesSchema, oneOfSchema } from '#core/formats';
import { GASES, JURISDICTIONS, resolveRules } from '#core/house-rules';
import { SIDES } from '#core/catalogue';
import { ZONES } from '#core/permissions';
import {
  findBore,
  listChainParts,
  findTransitions,
  BEARERS,
  MOVEMENTS,
  WISHES,
  TransitionIndex,
} from '#core/transitions';
import { catalogue } from '../../catalogue.ts';
import type { TransitionAsked, TransitionTold } from './transition-message.ts';

const schema = Joi.object<TransitionAsked>({
  id: Joi.number().integer().min(0).required(),
  from: endSchema,
  to: endSchema,
  moves: Joi.array().items(oneOfSchema(MOVEMENTS)).length(2).required(),
  bearers: Joi.array().items(oneOfSchema(BEARERS)).length(2).required(),
  sides: Joi.array().items(oneOfSchema(SIDES)).length(2).required(),
  gas: oneOfSchema(GASES).allow(null),
  insulates: Joi.boolean().required(),
  mayNarrow: Joi.boolean().required(),
  wish: oneOfSchema(WISHES),
  rules: ruleChoicesSchema,
  shopParts: shopPartsSchema,
  where: Joi.object({
    zone: oneOfSchema(ZONES).allow(null),
    jurisdiction: oneOfSchema(JURISDICTIONS),
    ammonia: Joi.boolean().required(),
  }).required(),
}).required();

/** An index holds for one set of house rules: the last is kept. */
let kept: { readonly of: string; readonly index: TransitionIndex } | null = null;

function answer(data: unknown): TransitionTold {
  const read = schema.validate(data, { convert: false });
  if (read.error) return { id: Number((data as { id?: unknown } | null)?.id ?? -1), unreadable: true };
  const { id, from, to, mayNarrow, rules, where, shopParts, ...asked } = read.value;
  const of = JSON.stringify([rules, where, shopParts]);
  if (kept?.of !== of)
    kept = {
      of,
      index: new TransitionIndex(catalogue, resolveRules(rules), where, listChainParts(catalogue, shopParts)),
    };
  const bores = [findBore(from, catalogue), findBore(to, catalogue)].filter((bore) => bore !== null);
  const leastBore = mayNarrow || bores.length === 0 ? null : Math.min(...bores);
  return { id, answer: findTransitions(kept.index, { from, to, ...asked, leastBore }) };
}

addEventListener('message', ({ data }: MessageEvent<unknown>) => postMessage(answer(data)));

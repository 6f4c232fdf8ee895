import Joi from 'joi';
import { endSchema } from '#core/formats/end.schema.ts';
import { oneOf } from '#core/formats/one-of.ts';
import { ruleChoicesSchema } from '#core/formats/rule-choices.schema.ts';
import { resolveRules } from '#core/house-rules/house-rules.ts';
import { findBore } from '#core/transitions/chain-part.ts';
import { findTransitions, MOVEMENTS, WISHES } from '#core/transitions/find-transitions.ts';
import { TransitionIndex } from '#core/transitions/transition-index.ts';
import { catalogue } from '../../catalogue.ts';
import type { TransitionAsked, TransitionTold } from './transition-message.ts';

const schema = Joi.object<TransitionAsked>({
  id: Joi.number().integer().min(0).required(),
  from: endSchema,
  to: endSchema,
  moves: Joi.array().items(oneOf(MOVEMENTS)).length(2).required(),
  mayNarrow: Joi.boolean().required(),
  wish: oneOf(WISHES),
  rules: ruleChoicesSchema,
}).required();

/** An index holds for one set of house rules: the last is kept. */
let kept: { readonly of: string; readonly index: TransitionIndex } | null = null;

function answer(data: unknown): TransitionTold {
  const read = schema.validate(data, { convert: false });
  if (read.error) return { id: Number((data as { id?: unknown } | null)?.id ?? -1), unreadable: true };
  const { id, from, to, moves, mayNarrow, wish, rules } = read.value;
  const of = JSON.stringify(rules);
  if (kept?.of !== of) kept = { of, index: new TransitionIndex(catalogue, resolveRules(rules)) };
  const bores = [findBore(from, catalogue), findBore(to, catalogue)].filter((bore) => bore !== null);
  const leastBore = mayNarrow || bores.length === 0 ? null : Math.min(...bores);
  return { id, answer: findTransitions(kept.index, { from, to, moves, leastBore, wish }) };
}

addEventListener('message', ({ data }: MessageEvent<unknown>) => postMessage(answer(data)));

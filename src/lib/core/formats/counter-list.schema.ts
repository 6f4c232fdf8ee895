import Joi from 'joi';
import { LIMITS } from '#core/shapes';
import { textSchema } from './text.schema.ts';

/** A line of a list that is read out at a counter. */
export interface CounterLine {
  /** The id of the part. */
  readonly part: string;
  /** As the shop calls a part of its own; null for one of the catalogue, which is named by what it is. */
  readonly name: string | null;
  readonly count: number;
  /** It was got. */
  readonly isTicked: boolean;
}

export const counterListSchema = Joi.array<CounterLine[]>()
  .items(
    Joi.object<CounterLine>({
      part: textSchema(LIMITS.print),
      name: textSchema(LIMITS.name).allow(null),
      count: Joi.number().integer().min(1).max(10_000).required(),
      isTicked: Joi.boolean().required(),
    }).optional(),
  )
  .max(500)
  .required();

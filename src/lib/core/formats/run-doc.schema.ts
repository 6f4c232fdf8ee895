import Joi from 'joi';
import { GUARDS, PASSAGES, ZONES } from '#core/permissions';
import {
  MOST_COVER,
  type Collection,
  findOverfullLeg,
  MOST_IN,
  MOST_PARTS_IN_LEG,
  INLINE_KINDS,
  REF_POINTS,
  RUN_SCHEMA,
  getSpecId,
  type LegSpec,
  type OffsetGeometry,
  type RunDoc,
} from '#core/runs/document';
import { PART_KINDS } from '#core/catalogue';
import { CRAFTS, getCraftOf } from '#core/materials';
import { AXES, getOpposite, WAYS } from '#core/geometry';
import { LONGEST_MEASURE } from '#core/units';
import { applianceSchema } from './appliance.schema.ts';
import { endOf, endSchema } from './end.schema.ts';
import { idSchema } from './id.schema.ts';
import { ID, SPEC_ID } from './is-id.ts';
import { bendRadius, length, short } from './length.schema.ts';
import { LIMITS } from './limits.ts';
import { text } from './text.schema.ts';
import { oneOf } from './one-of.ts';
import { CONDITIONS } from '#core/joints';
import { shopPartSchema } from './shop-part.schema.ts';
import { ruleChoicesSchema } from './rule-choices.schema.ts';

const empty = Joi.object({}).required();
const map = (entity: Joi.Schema, most: number, ids: RegExp) =>
  Joi.object().pattern(ids, entity).max(most).required();
/** Every entity says its own id, and it is the key it stands under. */
const entity = (fields: Joi.SchemaMap) => Joi.object({ id: idSchema, ...fields }).required();

const nodeSchema = entity({
  part: Joi.alternatives()
    .try(
      Joi.object({ kind: oneOf(['auto']) }),
      Joi.object({ kind: oneOf(['chosen']), part: oneOf(PART_KINDS) }),
      Joi.object({
        kind: oneOf(['bend']),
        radius: bendRadius.required(),
        typed: text(LIMITS.typed).allow(''),
      }),
    )
    .required(),
  terminal: Joi.alternatives()
    .try(
      Joi.object({ kind: oneOf(['open', 'cap', 'plug']) }),
      applianceSchema,
      Joi.object({ kind: oneOf(['existing']), specimen: idSchema, end: endOf(['thread', 'unknown']) }),
    )
    .allow(null)
    .required(),
});

const typed = text(LIMITS.typed).allow('');
const offsetSide = Joi.object({ way: oneOf(AXES), length, typed });

/** Set and roll go to the side: square to the way onward and to each other. */
const isSquareOffset: Joi.CustomValidator<OffsetGeometry> = (offset, helpers) => {
  const { along, set, roll } = offset;
  const lines = [along, set.way, ...(roll ? [roll.way] : [])].map((way) =>
    AXES.indexOf(way) < AXES.indexOf(getOpposite(way)) ? way : getOpposite(way),
  );
  return new Set(lines).size === lines.length ? offset : helpers.error('any.invalid');
};

const geometrySchema = Joi.alternatives()
  .conditional('.kind', {
    switch: [
      {
        is: 'offset',
        then: Joi.object({
          kind: oneOf(['offset']),
          along: oneOf(AXES),
          set: offsetSide.required(),
          roll: offsetSide.allow(null).required(),
          angle: Joi.number().valid(45).required(),
        }).custom(isSquareOffset),
      },
      {
        is: 'connector',
        then: Joi.object({
          kind: oneOf(['connector']),
          axis: oneOf(WAYS),
          ends: Joi.array()
            .items(endOf(['thread']))
            .length(2)
            .required(),
          length: length.allow(null),
          typed,
          isNew: Joi.boolean().allow(null).required(),
        }),
      },
      {
        is: 'made-up',
        then: Joi.object({ kind: oneOf(['made-up']), axis: oneOf(WAYS), male: oneOf(['from', 'to']) }),
      },
    ],
    otherwise: Joi.object({ kind: oneOf(['axis', 'route']), axis: oneOf(WAYS) }),
  })
  .required();

/** `leg.system` */
const specId = Joi.string().pattern(SPEC_ID).required();

/** A size of one material of a system need not be one of another: press fittings are for steel and for copper. */
const isMadeSo = ({ material, size }: LegSpec): boolean =>
  getCraftOf(material).listSizes(material).includes(size);

const isUnderItsLeg: Joi.CustomValidator<LegSpec> = (spec, helpers) =>
  spec.id === getSpecId(spec.leg, spec.system) && isMadeSo(spec) ? spec : helpers.error('any.invalid');
const specSchema = Joi.alternatives()
  .conditional('.system', {
    switch: Object.values(CRAFTS).map(({ system, fields }) => ({
      is: system,
      then: Joi.object({
        id: specId,
        leg: idSchema,
        system: oneOf([system]),
        ...Object.fromEntries(Object.entries(fields).map(([field, values]) => [field, oneOf(values)])),
      }).custom(isUnderItsLeg),
    })),
    otherwise: Joi.forbidden(),
  })
  .required();

const partSchema = entity({
  leg: idSchema,
  part: oneOf(INLINE_KINDS),
  share: Joi.number().min(0).max(1).required(),
});

const legSchema = entity({
  from: idSchema,
  to: idSchema.invalid(Joi.ref('from')),
  geometry: geometrySchema,
  system: oneOf(Object.keys(CRAFTS)),
  rank: Joi.string()
    .pattern(/^[0-9A-Za-z]{1,60}$/)
    .required(),
  tag: Joi.number().integer().min(1).max(LIMITS.tag).required(),
});

const refSchema = Joi.object({
  kind: oneOf(['node', 'inline']),
  id: idSchema,
  at: oneOf(REF_POINTS),
  gap: Joi.number().integer().min(0).max(LONGEST_MEASURE).required(),
}).required();
const measureSchema = entity({
  from: refSchema,
  to: refSchema,
  along: Joi.string()
    .valid(...AXES)
    .allow(null)
    .required(),
  value: length,
  typed,
  instrument: text(LIMITS.name).allow(null),
});

const ownPartSchema = entity({
  of: Joi.string()
    .pattern(/^[a-z][A-Za-z0-9/-]{2,119}$/)
    .required(),
  reaches: Joi.object()
    .pattern(/^[a-z][a-z-]{0,20}$/, short)
    .max(4)
    .required(),
  depths: Joi.object()
    .pattern(/^[a-z][a-z-]{0,20}$/, short)
    .max(4)
    .required(),
  typed,
  by: text(LIMITS.name).allow(''),
});

const anchorSchema = entity({ node: idSchema, role: oneOf(['source']) });

const station = Joi.string()
  .pattern(/^[a-z][a-z0-9]{7,39}(\.[a-z][a-z0-9-]{0,20})?$/)
  .required();
const partId = Joi.string()
  .pattern(/^[a-z][A-Za-z0-9/-]{2,119}$/)
  .required();
const pickSchema = entity({
  station,
  leg: idSchema,
  forEnds: Joi.array().items(endSchema).length(2).required(),
  parts: Joi.array()
    .items(entity({ part: partId, dated: text(LIMITS.dated).allow('') }))
    .min(1)
    .max(LIMITS.partsInPick)
    .required(),
  agreed: Joi.array().items(oneOf(CONDITIONS).optional()).max(CONDITIONS.length).required(),
});

const degrees = Joi.number().integer().min(0).max(359).required();
const clockingSchema = entity({
  station,
  leg: idSchema,
  handTight: degrees,
  wanted: degrees,
  whole: Joi.number().integer().min(0).max(6).required(),
});

const zoneSchema = entity({ zone: oneOf(ZONES) });
const coverSchema = entity({ cover: Joi.number().integer().min(1).max(MOST_COVER).required(), typed });
const bearingSchema = entity({ degrees });
const printSchema = entity({
  text: text(LIMITS.print).allow(''),
  bury: Joi.number().integer().min(1).max(MOST_COVER).allow(null).required(),
  typed,
});
const passageSchema = entity({
  leg: idSchema,
  kind: oneOf(PASSAGES),
  share: Joi.number().min(0).max(1).required(),
  guard: oneOf(GUARDS).allow(null),
});
const fishedSchema = entity({ text: text(LIMITS.reason), reason: text(LIMITS.reason) });

const idsMatchKeys: Joi.CustomValidator<RunDoc> = (doc, helpers) => {
  for (const collection of [
    doc.ownParts,
    doc.shopParts,
    doc.nodes,
    doc.legs,
    doc.specs,
    doc.parts,
    doc.measures,
    doc.picks,
    doc.anchors,
    doc.clockings,
    doc.zones,
    doc.covers,
    doc.bearings,
    doc.prints,
    doc.passages,
    doc.fished,
  ]) {
    for (const [key, { id }] of Object.entries(collection)) {
      if (key !== id) return helpers.error('any.invalid');
    }
  }
  return doc;
};

type Entities = Exclude<Collection, 'ruleChoices'>;

/** What an entry of each collection must be. */
export const ENTITY_SCHEMAS: Readonly<Record<Entities, Joi.Schema>> = {
  ownParts: ownPartSchema,
  shopParts: shopPartSchema,
  nodes: nodeSchema,
  legs: legSchema,
  specs: specSchema,
  parts: partSchema,
  measures: measureSchema,
  picks: pickSchema,
  anchors: anchorSchema,
  clockings: clockingSchema,
  zones: zoneSchema,
  covers: coverSchema,
  bearings: bearingSchema,
  prints: printSchema,
  passages: passageSchema,
  fished: fishedSchema,
};

const isRoomInLegs: Joi.CustomValidator<RunDoc['parts']> = (parts, helpers) =>
  findOverfullLeg(parts) === null ? parts : helpers.error('object.max', { limit: MOST_PARTS_IN_LEG });

const mapOf = (collection: Entities) =>
  map(ENTITY_SCHEMAS[collection], MOST_IN[collection], collection === 'specs' ? SPEC_ID : ID);

/** The run document as it is stored and sent, in its present version. */
export const runDocSchema: Joi.ObjectSchema<RunDoc> = Joi.object<RunDoc>({
  schema: Joi.number().valid(RUN_SCHEMA).required(),
  id: idSchema,
  catalogueVersion: text(LIMITS.name),
  ownParts: mapOf('ownParts'),
  shopParts: mapOf('shopParts'),
  ruleChoices: ruleChoicesSchema,
  nodes: mapOf('nodes'),
  legs: mapOf('legs'),
  specs: mapOf('specs'),
  parts: mapOf('parts').custom(isRoomInLegs),
  measures: mapOf('measures'),
  picks: mapOf('picks'),
  anchors: mapOf('anchors'),
  clockings: mapOf('clockings'),
  obstacles: empty,
  zones: mapOf('zones'),
  covers: mapOf('covers'),
  bearings: mapOf('bearings'),
  prints: mapOf('prints'),
  passages: mapOf('passages'),
  fished: mapOf('fished'),
})
  .required()
  .custom(idsMatchKeys);

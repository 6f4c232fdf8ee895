import type { Material, Stock, SystemId } from '#core/catalogue';
import type { LegSize } from '#core/ends';
import { CRAFTS, getCraftOf, type Settings } from '#core/materials';
import { by, fields, ID, oneOf, pattern, SPEC_ID, type Shape } from '#core/shapes';
import { onLeg, recordKind } from './record-kind.ts';

/** The settings of a leg in one material system. */
export interface LegSpec extends Settings {
  /** `leg.system` */
  readonly id: string;
  readonly leg: string;
}

/** Under what the settings of a leg in a system stand. */
export const getSpecId = (leg: string, system: SystemId): string => `${leg}.${system}`;

/** A size of one material of a system need not be one of another: press fittings are for steel and for copper. */
const isMadeSo = ({ material, size }: LegSpec): boolean =>
  getCraftOf(material).listSizes(material).includes(size);

const SPEC: Shape<LegSpec> = by(
  'system',
  Object.fromEntries(
    Object.values(CRAFTS).map((craft): [SystemId, Shape<LegSpec>] => [
      craft.system,
      fields(
        {
          id: pattern(SPEC_ID),
          leg: pattern(ID),
          system: oneOf([craft.system]),
          material: oneOf(craft.fields.material as readonly Material[]),
          size: oneOf(craft.fields.size as readonly LegSize[]),
          stock: oneOf(craft.fields.stock as readonly Stock[]),
        },
        (spec) => spec.id === getSpecId(spec.leg, spec.system) && isMadeSo(spec),
      ),
    ]),
  ),
);

/** Settings of legs by material system; those of a system a leg is not made of now stay. */
export const SPECS = recordKind<LegSpec>(SPEC, 48_000, { keys: SPEC_ID, hangsOn: onLeg });

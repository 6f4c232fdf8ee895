import type { Finding, Placeable } from '#core/checks';
import type { Jurisdiction } from '#core/house-rules';
import type {
  Permit,
  PermitCondition,
  PermitReason,
  PermitRuling,
  BodyPlaced,
  JointPlaced,
  ZoneId,
} from '#core/permissions';
import type { PartPlaced } from '#core/catalogue';
import { JOINT_WORDS } from './joints.ts';
import { MATERIAL_NAMES } from './parts.ts';

/** Where a leg runs: in a list, and at the end of a sentence. */
export const ZONE_NAMES: Readonly<Record<ZoneId, { readonly name: string; readonly where: string }>> = {
  indoors: { name: 'indoors, in sight', where: 'in sight indoors' },
  concealed: { name: 'concealed in a wall or floor', where: 'concealed in a wall or floor' },
  chase: { name: 'in a chase', where: 'in a chase' },
  cavity: { name: 'in a cavity, lengthwise', where: 'lengthwise in the cavity of a wall' },
  'under-slab': { name: 'under a slab or building', where: 'under a slab or building' },
  outdoors: { name: 'outdoors, above ground', where: 'outdoors above the ground' },
  buried: { name: 'buried', where: 'in the ground' },
  vehicle: { name: 'in a vehicle', where: 'in a vehicle' },
  wet: { name: 'wet or salty', where: 'where it is wet or salty' },
  vibration: { name: 'where it shakes', where: 'where it shakes or moves' },
  duct: { name: 'in a duct or chimney', where: 'in a duct or chimney' },
};

export const PERMIT_NAMES: Readonly<Record<Permit, string>> = {
  allowed: 'allowed',
  if: 'allowed if',
  ask: 'ask',
  forbidden: 'forbidden',
};

/** Each as what comes after “if”. */
export const PERMIT_CONDITION_NAMES: Readonly<Record<PermitCondition, string>> = {
  bonded: 'the tubing is bonded as the electrical code asks',
  'strike-plates': 'its maker’s listed plates keep nails and screws from it',
  'listed-concealed': 'its maker lists it for being concealed',
  vented: 'the chase is vented and can be opened',
  'vented-conduit': 'it lies in a conduit that is vented outdoors',
  'listed-sleeve': 'it lies in a sleeve or conduit that is listed for it',
  coated: 'it is coated or wrapped, joints and all',
  'corrosion-protected': 'it is painted or coated against rust',
  guarded: 'it is guarded against blows',
  'jacket-whole': 'its jacket is whole, and closed up to the fittings',
  'no-dissimilar-metal': 'no other metal touches it where it is damp',
  'clips-and-grommets': 'clips hold it closely and every edge has a grommet',
  accessible: 'it can be reached',
  counted: 'it is counted among the joints outside the compartment',
  'tested-before-fill': 'it is tested before it is covered',
  'cover-and-tracer':
    'it has the cover that is asked for, and a tracer wire beside it (tape alone only where the local code says so)',
  'sleeve-or-grommet': 'a sleeve or a grommet keeps the edge from it',
  'above-grade': 'it passes above the ground',
  'building-shut-off': 'a shut-off closes the building',
  'only-in-a-repair': 'it is a repair, and the local code lets repairs be made so',
  'vent-led': 'its vent is led outdoors, clear of openings and rain, or limited as it is listed',
  'listed-outdoors': 'its maker lists it for outdoors',
  'copper-olives': 'its olives are of copper',
};

export const PERMIT_REASON_NAMES: Readonly<Record<PermitReason, string>> = {
  'never-in-ducts': 'gas pipe never passes an air duct, a chimney, a flue or a shaft: lead it round',
  'only-in-the-ground': 'polyethylene is for the ground outdoors; above it, only inside a riser',
  'no-joint-under-slab': 'no joint lies under a building: lead it round, or in one piece',
  'comes-apart-concealed': 'what comes apart is not concealed: move it to where it is seen, or change the house rule “concealed joints” where the local code lets you',
  'comes-apart-in-ground': 'nothing that comes apart lies in the ground',
  'not-for-the-ground': 'this joint is not made for the ground',
  'maker-and-code': 'the maker’s sheet and the local code say it',
  'moves-with-what-shakes': 'how it is parted from what shakes or moves is for the maker and the local code to say',
  chlorides: 'salt and cleaning agents eat stainless tubing: ask its maker',
  'must-be-reached': 'what is shut, opened or emptied is reached without breaking anything up: move it to where a hand gets at it (behind a door or panel that opens is no concealed place)',
  'flexible-in-sight': 'a flexible connector or hose is seen from end to end, whatever the house lets be concealed: it passes no wall, floor or ceiling and is not hidden; bring the pipe through to it',
  'lengthwise-in-cavity': 'no gas pipe runs lengthwise in the cavity of a wall: cross it the shortest way in a sleeve, or lead it elsewhere',
  'gas-may-eat-copper': 'the gas may hold more than 0.3 grain of hydrogen sulphide in 100 cubic feet, which eats copper and brass: ask its supplier, and say the answer in the house rule',
  'house-forbids': 'the house forbids this joint wherever it is',
  'own-way': 'the house has a way of its own for this joint: look there',
  'not-settled': 'nothing here settles it: ask the inspector',
}; // prettier-ignore

const JURISDICTION_RULES: Readonly<Record<Jurisdiction, string>> = {
  'us-model': 'United States model rules',
  canada: 'Canadian rules',
  uk: 'British rules',
  australia: 'Australian and New Zealand rules',
  'uk-vehicle': 'British rules for vehicles',
  ask: 'no rules chosen yet',
};
/** By whose rules something was answered; which edition is in force is asked. */
export const sayJurisdiction = (jurisdiction: Jurisdiction): string =>
  `${JURISDICTION_RULES[jurisdiction]}, edition in force to be confirmed`;

export const namePlacedPipe = (pipe: BodyPlaced): string => MATERIAL_NAMES[pipe];

export const namePlacedJoint = (joint: JointPlaced): string => {
  if (joint === 'press-steel') return 'pressed joint on steel';
  return joint === 'press-copper' ? 'pressed joint on copper' : JOINT_WORDS[joint].name;
};

const PART_NAMES: Readonly<Record<PartPlaced, string>> = {
  valve: 'valve',
  cap: 'cap, of a trap, a drip or an outlet',
  regulator: 'regulator',
  union: 'union',
  bushing: 'bushing',
  connector: 'flexible connector',
  hose: 'hose',
};
export const namePlacedPart = (part: PartPlaced): string => PART_NAMES[part];

const namePlaced = (what: Placeable): string => {
  if (what.kind === 'pipe') return namePlacedPipe(what.pipe);
  return what.kind === 'part' ? namePlacedPart(what.part) : namePlacedJoint(what.joint);
};

const joinAnd = (each: readonly string[]): string =>
  each.length < 2 ? each.join('') : `${each.slice(0, -1).join(', ')} and ${each.at(-1)}`;

/** `allowed if …`, `forbidden: …`: a ruling, as the middle of a sentence. */
export function sayPermit({ permit, conditions, reason }: PermitRuling): string {
  if (permit === 'if') return `allowed if ${joinAnd(conditions.map((each) => PERMIT_CONDITION_NAMES[each]))}`;
  return reason ? `${PERMIT_NAMES[permit]}: ${PERMIT_REASON_NAMES[reason]}` : PERMIT_NAMES[permit];
}

/** What is to be said of pipe or a joint where it runs. */
export function sayPlace({
  marks,
  zone,
  what,
  permission,
  jurisdiction,
}: Extract<Finding, { code: 'place' }>): string {
  const legs = `${marks.length === 1 ? 'leg' : 'legs'} ${marks.toSorted((a, b) => Number(a) - Number(b)).join(', ')}`;
  const name = namePlaced(what);
  const by = jurisdiction === 'ask' ? '' : ` (${JURISDICTION_RULES[jurisdiction]})`;
  return `${name.charAt(0).toUpperCase()}${name.slice(1)} ${ZONE_NAMES[zone].where}, ${legs}: ${sayPermit(permission)}${by}.`;
}

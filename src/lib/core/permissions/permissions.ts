import { JURISDICTIONS, type Jurisdiction } from '#core/house-rules';
import { ruleByHouse, type HouseRuling } from '#core/joints';
import {
  ask,
  forbidden,
  PERMITS,
  type Permit,
  type PermitRule,
  type AnyPlaced,
  type PermitRuling,
  type PlaceQuestion,
} from './permission.ts';
import { getPipeFamily, isOfCopper, type BodyPlaced, type JointPlaced, toJoint } from './placed.ts';
import type { PartPlaced } from '#core/catalogue';
import { ducts } from './rules/ducts.ts';
import { flexiblePart } from './rules/flexible-part.ts';
import { jointConcealed } from './rules/joint-concealed.ts';
import { jointInAVehicle } from './rules/joint-in-a-vehicle.ts';
import { jointInACavity } from './rules/joint-in-a-cavity.ts';
import { jointInTheGround } from './rules/joint-in-the-ground.ts';
import { jointInTheOpen } from './rules/joint-in-the-open.ts';
import { jointThatShakes } from './rules/joint-that-shakes.ts';
import { jointUnderSlab } from './rules/joint-under-slab.ts';
import { partInAVehicle } from './rules/part-in-a-vehicle.ts';
import { partInTheOpen } from './rules/part-in-the-open.ts';
import { partReached } from './rules/part-reached.ts';
import { partThatShakes } from './rules/part-that-shakes.ts';
import { pipeConcealed } from './rules/pipe-concealed.ts';
import { pipeInAVehicle } from './rules/pipe-in-a-vehicle.ts';
import { pipeInACavity } from './rules/pipe-in-a-cavity.ts';
import { pipeInTheGround } from './rules/pipe-in-the-ground.ts';
import { pipeInTheOpen } from './rules/pipe-in-the-open.ts';
import { pipeInTheWet } from './rules/pipe-in-the-wet.ts';
import { pipeThatShakes } from './rules/pipe-that-shakes.ts';
import { pipeUnderSlab } from './rules/pipe-under-slab.ts';
import { polyethyleneJoint } from './rules/polyethylene-joint.ts';
import { polyethylenePipe } from './rules/polyethylene-pipe.ts';

/** Rules about pipe: the first that has the question for its business decides. */
export const PIPE_RULES: readonly PermitRule<BodyPlaced>[] = [
  ducts,
  polyethylenePipe,
  pipeUnderSlab,
  pipeInTheGround,
  pipeInAVehicle,
  pipeInTheWet,
  pipeThatShakes,
  pipeInACavity,
  pipeConcealed,
  pipeInTheOpen,
];

/** Rules about joints: the first that has the question for its business decides. */
export const JOINT_RULES: readonly PermitRule<JointPlaced>[] = [
  ducts,
  polyethyleneJoint,
  jointUnderSlab,
  jointInACavity,
  jointConcealed,
  jointInTheGround,
  jointInAVehicle,
  jointThatShakes,
  jointInTheOpen,
];

/** Rules about parts that care where they stand whatever their joints are. What comes apart is asked as its seat is. */
export const PART_RULES: readonly PermitRule<PartPlaced>[] = [
  ducts,
  flexiblePart,
  partInAVehicle,
  partReached,
  partThatShakes,
  partInTheOpen,
];

/** An answer, and which rule gave it; null where none did. */
export interface Permission extends PermitRuling {
  readonly rule: string | null;
}

/**
 * Whether a pipe may run in a place. Nothing that no rule speaks of is fine: it is asked. Typical practice under a jurisdiction's rules; the
 * edition in force, the maker's sheet and the inspector go before it. Where the jurisdiction is not known yet the strictest of all answers.
 */
export const mayRun = (question: PlaceQuestion<BodyPlaced>): Permission =>
  strictest(question, (asked) =>
    getPipeFamily(asked.what) === 'copper'
      ? underGas(decide(PIPE_RULES, asked), asked)
      : decide(PIPE_RULES, asked),
  );

/** Whether a joint may be made up in a place, by the place and by the house; otherwise as `mayRun`. */
export const mayJoin = (question: PlaceQuestion<JointPlaced>): Permission =>
  strictest(question, (asked) => {
    const placed = decide(JOINT_RULES, asked);
    const housed = ruleByHouse(toJoint(asked.what), asked.rules).reduce(underHouse, placed);
    return isOfCopper(asked.what) ? underGas(housed, asked) : housed;
  });

/** Whether a part may stand in a place; otherwise as `mayRun`. */
export const mayStand = (question: PlaceQuestion<PartPlaced>): Permission => {
  const { what } = question;
  // A bushing is taken out and put in as a union is opened: what comes apart.
  if (what === 'union' || what === 'bushing') return mayJoin({ ...question, what: 'union' });
  return strictest({ ...question, what }, (asked) => decide(PART_RULES, asked));
};

function decide<What extends AnyPlaced>(
  rules: readonly PermitRule<What>[],
  question: PlaceQuestion<What>,
): Permission {
  for (const { id, decide: by } of rules) {
    const ruling = by(question);
    if (ruling) return { ...ruling, rule: id };
  }
  return { ...ask(), rule: null };
}

/** The jurisdictions that have rules. */
const SETTLED = JURISDICTIONS.filter((each) => each !== 'ask');

/** Where nobody said yet whose rules hold, the strictest answer of them all, with the conditions of each. */
export function strictest<
  Question extends { readonly jurisdiction: Jurisdiction },
  Ruling extends PermitRuling,
>(question: Question, answer: (question: Question) => Ruling): Ruling {
  if (question.jurisdiction !== 'ask') return answer(question);
  const all = SETTLED.map((jurisdiction) => answer({ ...question, jurisdiction }));
  const worst = getWorst(all.map(({ permit }) => permit));
  const as = all.find(({ permit }) => permit === worst)!;
  return worst === 'if'
    ? { ...as, conditions: [...new Set(all.flatMap(({ conditions }) => conditions))] }
    : as;
}

/** Gas that eats copper, or of which nobody knows that it does not: copper and its brass are asked about, wherever they are. */
function underGas(ruling: Permission, { rules }: PlaceQuestion): Permission {
  if (rules['corrosive-gas'].option === 'under-limit' || ruling.permit === 'forbidden') return ruling;
  return { ...ruling, ...ask('gas-may-eat-copper', 'corrosive-gas'), rule: 'corrosive-gas' };
}

/** What the house says of a joint whatever the place, beside what the place says: the worse of the two. */
function underHouse(ruling: Permission, { rule, ruling: says, condition }: HouseRuling): Permission {
  if (says === 'allows' || ruling.permit === 'forbidden') return ruling;
  if (says === 'forbids') return { ...forbidden('house-forbids', rule), rule };
  if (condition === 'own-way') return { ...ask('own-way', rule), rule };
  if (ruling.permit === 'ask') return ruling;
  const wants = condition === 'copper-olive' ? 'copper-olives' : 'accessible';
  return {
    ...ruling,
    permit: 'if',
    conditions: [...new Set([...ruling.conditions, wants] as const)],
    by: ruling.by ?? rule,
  };
}

/** The worst of several answers: what a pipe with its joints comes to. */
export const getWorst = (permits: readonly Permit[]): Permit =>
  permits.reduce((a, b) => (PERMITS.indexOf(a) >= PERMITS.indexOf(b) ? a : b), 'allowed');

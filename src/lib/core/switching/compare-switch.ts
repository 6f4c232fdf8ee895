import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Material } from '../catalogue/pipe.ts';
import type { Finding } from '../checks/finding.ts';
import { checkRun, type Site } from '../checks/checks.ts';
import { assemble } from '../runs/bodies.ts';
import { applyOps, type PlannedChange } from '../runs/change.ts';
import { planSwitchLegs } from '../runs/commands/resize-legs.ts';
import { getPieces, layOutRun } from '../runs/lay-out-run.ts';
import type { RunLayout } from '../runs/layout.ts';
import { listSupports } from '../supports/list-supports.ts';
import type { Length } from '../units/length.ts';

/** What a run comes to; of what is not known (a cut, a support) how often it is not. */
export interface RunTally {
  readonly pieces: number;
  /** Joints that are made up, and places that may leak: every joint, and every seat inside a union besides. */
  readonly joints: number;
  readonly leakPoints: number;
  readonly fittings: number;
  readonly supports: number;
  readonly supportsAsked: number;
  /** Of all pieces whose cut is known, nm. */
  readonly length: Length;
  readonly cutsUnknown: number;
  /** Fittings of which a length has to be measured before anything is cut over them. */
  readonly unmeasured: number;
}

/** The run with the legs of a scope of another material. */
export interface Switched {
  readonly material: Material;
  readonly change: PlannedChange;
  readonly layout: RunLayout;
  readonly tally: RunTally;
  readonly findings: readonly Finding[];
}

/** Counts what a run comes to, in a job (null: in none). */
export function tallyRun(layout: RunLayout, site: Site | null): RunTally {
  const { bodies, joints } = assemble(layout);
  const supports = listSupports(layout, site?.jurisdiction ?? 'ask');
  let [pieces, length, cutsUnknown] = [0, 0, 0];
  for (const { cut } of getPieces(layout)) {
    pieces++;
    if (cut) length += cut.onTape.length;
    else cutsUnknown++;
  }
  const seats = joints.filter(({ sides: [a, b] }) => a.body === b.body).length;
  const parts = bodies.flatMap((body) => (body.kind === 'part' ? [body.part] : []));
  return {
    pieces,
    joints: joints.length - seats,
    leakPoints: joints.length,
    fittings: parts.length,
    supports: supports.reduce((sum, { at }) => sum + (at?.length ?? 0), 0),
    supportsAsked: supports.filter(({ at }) => at === null).length,
    length,
    cutsUnknown,
    unmeasured: new Set(
      parts
        .filter(({ ports }) => ports.some(({ reach }) => reach.standing === 'unknown'))
        .map(({ id }) => id),
    ).size,
  };
}

/** The run with legs of another material: nothing is changed by asking. A change that does not fit the run is a bug of its planner. */
export function trySwitch(
  before: RunLayout,
  catalogue: Catalogue,
  legs: readonly string[],
  material: Material,
  site: Site | null,
): Switched {
  const change = planSwitchLegs(before.doc, legs, material);
  const applied = applyOps(before.doc, change.ops);
  if (!applied.ok) throw new Error(`a switch to ${material} does not fit the run`);
  const layout = layOutRun(applied.value, catalogue, before.rules, before.facts);
  return { material, change, layout, tally: tallyRun(layout, site), findings: checkRun(layout, site) };
}

import { findForbidden, type Finding, checkRun, type Site } from '#core/checks';
import type { Catalogue, Material } from '#core/catalogue';
import type { LegSize } from '#core/ends';
import { getCraft } from '#core/materials';
import { assemble, getPieces, layOutRun, type RunLayout } from '#core/runs/layout';
import { applyOps, type PlannedChange } from '#core/runs/changes';
import { planSwitchLegs } from '#core/runs/commands';
import { listSupports } from '#core/supports';
import { toMillimetres, type Length } from '#core/units';

/** What a run comes to; of what is not known (a cut, a support) how often it is not. */
export interface RunTally {
  readonly pieces: number;
  /** Joints that are made up, and places that may leak: every joint, and every seat inside a union besides. */
  readonly joints: number;
  readonly leakPoints: number;
  readonly fittings: number;
  readonly supports: number;
  readonly supportsAsked: number;
  /** Of all pieces whose cut is known, nm; and of each material, the first met first. */
  readonly length: Length;
  readonly byMaterial: readonly { readonly material: Material; readonly length: Length }[];
  /** Of the pipe whose cut and whose weight a metre are known, kg; and how many pieces are not in it. */
  readonly mass: number;
  readonly massUnknown: number;
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
  let [pieces, length, cutsUnknown, mass, massUnknown] = [0, 0, 0, 0, 0];
  const byMaterial = new Map<Material, Length>();
  for (const piece of getPieces(layout)) {
    const { cut, leg } = piece;
    pieces++;
    if (!cut || findForbidden(piece, layout)) {
      cutsUnknown++;
      massUnknown++;
      continue;
    }
    const settings = layout.legs.get(leg)!.leg;
    const { material } = settings;
    length += cut.onTape.length;
    byMaterial.set(material, (byMaterial.get(material) ?? 0) + cut.onTape.length);
    const perMetre = getCraft(settings).findMass(settings, layout.catalogue);
    if (perMetre === null) massUnknown++;
    else mass += (toMillimetres(cut.onTape.length) / 1000) * perMetre;
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
    byMaterial: Array.from(byMaterial, ([material, each]) => ({ material, length: each })),
    mass,
    massUnknown,
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

/** A size that has none of its own name in the other material: the nearest made is taken. */
export interface OtherSize {
  readonly marks: readonly number[];
  readonly from: LegSize;
  readonly to: LegSize;
}

/** The sizes that become others by a switch, with the numbers of their legs. */
export function listOtherSizes(before: RunLayout, { layout }: Switched): readonly OtherSize[] {
  const found = new Map<string, { marks: number[]; from: LegSize; to: LegSize }>();
  for (const { id, leg } of before.legs.values()) {
    const now = layout.legs.get(id)!.leg;
    if (now.material === leg.material || now.size === leg.size) continue;
    const key = `${leg.size} ${now.size}`;
    const entry = found.get(key) ?? { marks: [], from: leg.size, to: now.size };
    entry.marks.push(leg.tag);
    found.set(key, entry);
  }
  return [...found.values()];
}

/** What would be said of a run besides, and what no longer: by what is said, not by which piece it is said of first. */
export function compareFindings(
  before: readonly Finding[],
  after: readonly Finding[],
): { readonly gained: readonly Finding[]; readonly lost: readonly Finding[] } {
  const keysOf = (findings: readonly Finding[]) => new Set(findings.map(getKey));
  const [was, is] = [keysOf(before), keysOf(after)];
  return {
    gained: after.filter((finding) => !was.has(getKey(finding))),
    lost: before.filter((finding) => !is.has(getKey(finding))),
  };
}

const getKey = (finding: Finding): string =>
  JSON.stringify({ ...finding, subject: null }, (name, value: unknown) =>
    name === 'part' && typeof value === 'object' && value !== null && 'id' in value ? value.id : value,
  );

import { getShutOffReach } from '#core/house-rules';
import { isOutOfReach, type ZoneId } from '#core/permissions';
import { hasPipe } from '#core/runs/document';
import type { LaidLeg } from '#core/runs/pieces';
import type { Length } from '#core/units';
import type { Drop, Passed } from './drop.ts';
import { findTrapPlace } from './passing.ts';
import type { ShutOffFault } from './trap-finding.ts';

/** An appliance's own shut-off: which of the things the gas passes it is, and what is to be said of it; null where nothing is. */
export interface JudgedShutOff {
  /** Its place among what the gas passes. */
  readonly at: number;
  readonly fault: Exclude<ShutOffFault, { code: 'no-shut-off' }> | null;
}

/**
 * The shut-off of a drop: of the valves before its trap (before the appliance where it has none) the last that counts as the appliance's own:
 * within the reach of the house along the pipe, where a hand gets at it, no floor or wall between. Where none counts, the last of them and
 * why; null without a valve. The length of a connector is not pipe: it has a limit of its own.
 */
export function findShutOff(drop: Drop): JudgedShutOff | null {
  const end = drop.trap ? findTrapPlace({ ...drop, trap: drop.trap }) : drop.passed.length;
  let last: JudgedShutOff | null = null;
  for (let at = end - 1; at >= 0; at--) {
    const passed = drop.passed[at]!;
    if (passed.kind !== 'valve') continue;
    const judged = { at, fault: judge(drop, passed) };
    if (judged.fault === null) return judged;
    // What may be near enough goes before what is not.
    if (last === null || (last.fault?.code !== 'shut-off-asked' && judged.fault.code === 'shut-off-asked'))
      last = judged;
  }
  return last;
}

function judge(drop: Drop, valve: Passed): JudgedShutOff['fault'] {
  const { layout, path } = drop;
  const stands = path.indexOf(valve.leg);
  const zone = getZone(drop, valve.leg);
  if (zone !== null && isOutOfReach(zone)) return { code: 'shut-off-unreached', zone };
  const beyond = Object.values(layout.doc.passages).find(({ leg, share }) => {
    const at = path.findIndex(({ id }) => id === leg);
    return at > stands || (at === stands && isAfter(path[at]!, share, valve));
  });
  if (beyond) return { code: 'shut-off-beyond', passage: beyond.kind };
  const most = getShutOffReach(layout.rules);
  const length = measureFrom(path.slice(stands), valve);
  if (length === null || most === null) return { code: 'shut-off-asked', length, most };
  return length > most ? { code: 'shut-off-far', length, most } : null;
}

const getZone = ({ layout }: Drop, { id }: LaidLeg): ZoneId | null => layout.doc.zones[id]?.zone ?? null;

/** Where a valve stands along its leg, from where the gas comes in, nm; null where that is not known. */
function getStand(leg: LaidLeg, { id, kind }: Passed): Length | null {
  const part = kind === 'node' ? undefined : leg.inline.find((each) => each.id === id);
  return part ? part.at : leg.centreToCentre;
}

/** Whether a share of a leg (from where it was drawn from) lies after the valve, along the gas. Where that cannot be said, it does. */
function isAfter(leg: LaidLeg, share: number, valve: Passed): boolean {
  const along = leg.leg.from === leg.near ? share : 1 - share;
  const stand = getStand(leg, valve);
  return stand === null || leg.centreToCentre === null || along * leg.centreToCentre > stand;
}

/** Pipe from a valve to the end of a way, nm. */
function measureFrom([first, ...after]: readonly LaidLeg[], valve: Passed): Length | null {
  const stand = first ? getStand(first, valve) : null;
  if (!first || stand === null || first.centreToCentre === null) return null;
  return after.reduce<Length | null>(
    (sum, { leg, centreToCentre }) =>
      sum === null || (hasPipe(leg) && centreToCentre === null)
        ? null
        : sum + (hasPipe(leg) ? centreToCentre! : 0),
    first.centreToCentre - stand,
  );
}

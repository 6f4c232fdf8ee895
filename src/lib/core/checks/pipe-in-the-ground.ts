import type { Site } from './site.ts';
import {
  comparePrints,
  findOtherThanLaid,
  listUnreadPipes,
  readPrint,
  getWantedCover,
  listCovers,
  type CoverWanted,
  isInTrench,
  listTrenches,
  type Trench,
  type TrenchPoint,
} from '#core/ground';
import type { Jurisdiction } from '#core/house-rules';
import { findWall } from '#core/identify';
import { getCraft } from '#core/materials';
import { isInside } from '#core/permissions';
import { getVectorFrom } from '#core/runs/document';
import type { RunLayout } from '#core/runs/layout';
import { isInGround } from '#core/runs/reading';
import { inches, getTapeUnit } from '#core/units';
import type { Finding } from './finding.ts';

/**
 * Pipe that is for the ground only lies in it: it goes up in a riser and nowhere else, has a riser where it leaves the ground, cover enough and
 * not more than the riser may have; its print line agrees with what it goes into.
 */
export function checkPipeInTheGround(layout: RunLayout, { jurisdiction }: Site): Finding[] {
  if (!isInGround(layout)) return [];
  const trenches = listTrenches(layout);
  return [
    ...findUpright(layout),
    ...trenches.flatMap((trench) => checkEnds(layout, trench)),
    ...trenches.flatMap((trench) => checkRisers(trench)),
    ...trenches.flatMap((trench) => findInside(layout, trench)),
    ...findTapeAlone(layout, trenches),
    ...checkCovers(layout, trenches, jurisdiction),
    ...checkPrints(layout),
  ];
}

/** Straight up or slanting, it would leave the ground. */
function findUpright({ legs }: RunLayout): Finding[] {
  return [...legs.values()].flatMap((laid): Finding[] => {
    if (!isInTrench(laid) || Math.abs(getVectorFrom(laid.leg, laid.near).z) < 1e-6) return [];
    return [{ code: 'pe-goes-up', severity: 'stop', subject: laid.id, mark: String(laid.leg.tag) }];
  });
}

/** Where it meets anything that is not of the ground it is a riser, or a transition to pipe that is buried too. */
function checkEnds({ doc }: RunLayout, { points, legs }: Trench): Finding[] {
  return [points[0]!, points.at(-1)!].flatMap(({ laid, mark }): Finding[] => {
    if (mark !== 'transition') return [];
    const others = laid.legs.filter((leg) => !getCraft(leg).isForGround);
    if (others.length > 0 && others.every(({ id }) => isUnderGround(doc.zones[id]?.zone))) return [];
    const tag = String(
      legs.find(({ laid: { near, far } }) => near === laid.id || far === laid.id)!.laid.leg.tag,
    );
    return [{ code: 'pe-without-riser', severity: 'stop', subject: laid.id, mark: tag }];
  });
}

const isUnderGround = (zone: string | undefined): boolean => zone === 'buried' || zone === 'under-slab';

function checkRisers({ points, outside }: Trench): Finding[] {
  return points.flatMap(({ laid, riser, cover }): Finding[] => {
    if (!riser) return [];
    const about = { subject: laid.id, mark: String(laid.legs[0]!.tag) };
    const findings: Finding[] = [];
    if (riser.bury === null) findings.push({ code: 'riser-bury-unread', severity: 'ask', ...about });
    else if (riser.buried !== null && cover !== null && outside !== null && riser.buried > riser.bury)
      findings.push({
        code: 'riser-too-short',
        severity: 'stop',
        ...about,
        cover,
        outside,
        bury: riser.bury,
      });
    if (riser.head !== null && riser.head <= 0)
      findings.push({ code: 'riser-head-low', severity: 'stop', ...about, below: -riser.head });
    return findings;
  });
}

/** A riser stands outdoors: what goes on from it is in sight outside, and passes the wall above the ground. */
function findInside({ doc, legs }: RunLayout, { points }: Trench): Finding[] {
  return points.flatMap(({ laid, riser }): Finding[] => {
    if (!riser) return [];
    const onward = laid.legs.filter((leg) => !getCraft(leg).isForGround).map(({ id }) => legs.get(id)!);
    return onward.flatMap((leg): Finding[] => {
      const zone = doc.zones[leg.id]?.zone;
      if (zone === undefined || !isInside(zone)) return [];
      return [{ code: 'riser-inside', severity: 'stop', subject: leg.id, mark: String(leg.leg.tag), zone }];
    });
  });
}

/** Tape is met by the spade and heard by no locator: alone it is asked. No pack here says that it is enough. */
function findTapeAlone({ rules }: RunLayout, [first]: readonly Trench[]): Finding[] {
  if (!first || rules.tracer.option !== 'tape') return [];
  const { laid } = first.legs[0]!;
  return [{ code: 'tape-alone', severity: 'ask', subject: laid.id, mark: String(laid.leg.tag) }];
}

/** What was said of the cover, once for each trench; and what is wanted. */
function checkCovers(
  { rules, catalogue }: RunLayout,
  trenches: readonly Trench[],
  jurisdiction: Jurisdiction,
): Finding[] {
  const wanted = getWantedCover(rules);
  const usual: CoverWanted | null =
    listCovers(catalogue.ground.covers, jurisdiction, getTapeUnit(rules))[0] ?? null;
  return trenches.flatMap(({ points, legs }): Finding[] => {
    const about = { subject: legs[0]!.laid.id, mark: String(legs[0]!.laid.leg.tag) };
    const unsaid = points.filter(({ cover }) => cover === null);
    if (unsaid.length > 0)
      return [{ code: 'cover-unsaid', severity: 'ask', ...about, points: unsaid.length, wanted, usual }];
    const least = points.reduce((a, b) => (b.cover! < a.cover! ? b : a));
    if (wanted === null)
      return [{ code: 'cover-not-settled', severity: 'ask', ...about, least: least.cover!, usual }];
    if (least.cover! >= wanted) return [];
    return [{ code: 'cover-too-little', severity: 'stop', ...markOf(least), least: least.cover!, wanted }];
  });
}

const markOf = ({ laid }: TrenchPoint) => ({ subject: laid.id, mark: String(laid.legs[0]!.tag) });

function checkPrints(layout: RunLayout): Finding[] {
  const findings: Finding[] = [];
  const unread = new Set(listUnreadPipes(layout));
  for (const { joint, station, mark, fitting, comparison } of comparePrints(layout)) {
    if (!fitting) unread.add(station);
    if (!comparison || comparison.verdict === 'match') continue;
    const isWrong = comparison.verdict === 'differ' || comparison.verdict === 'not-gas';
    findings.push({
      code: 'prints-differ',
      severity: isWrong ? 'stop' : 'ask',
      subject: joint,
      mark,
      comparison,
    });
  }
  for (const laid of layout.legs.values()) {
    const line = isInTrench(laid) ? readPrint(layout, laid.id) : null;
    if (!line) continue;
    const about = { subject: laid.id, mark: String(laid.leg.tag) };
    const others = findOtherThanLaid(line, laid.leg.size);
    if (others.length > 0)
      findings.push({ code: 'print-not-as-laid', severity: 'stop', ...about, others, size: laid.leg.size });
    const wall = findWall(line, layout.catalogue.tubeRows);
    const legal =
      layout.catalogue.tubeRows.polyethylene.find(
        (row) => row.size === line.size && row.system === line.system,
      )?.legalWall ?? null;
    if (wall !== null && legal !== null && wall < inches(legal) - inches(0.0005))
      findings.push({ code: 'pe-wall-thin', severity: 'ask', ...about, wall, legal: inches(legal) });
  }
  if (unread.size > 0) {
    const [first] = [...layout.legs.values()].filter(isInTrench);
    findings.push({
      code: 'print-unread',
      severity: 'ask',
      subject: first!.id,
      mark: String(first!.leg.tag),
      count: unread.size,
    });
  }
  return findings;
}

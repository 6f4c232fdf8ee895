import { planBuildTrap, NO_WISH } from '#core/build-in';
import { standardCatalogue, type MakerSheet } from '#core/catalogue';
import { parseMeasure, inches, type LengthUnit } from '#core/units';
import type { Result } from '#core/outcome';
import { applyOps, type PlannedChange, NO_FACTS } from '#core/runs/changes';
import {
  centreToCentre,
  planAddLeg,
  type NewLeg,
  planMeasurePart,
  planCloseEnd,
  planPickTransition,
  planPutPart,
  planPutPassage,
  planSayBearing,
  planSayCover,
  planSayPrint,
  planSayZone,
  planUseMaker,
} from '#core/runs/commands';
import { findOpening } from '#core/runs/reading';
import { layOutRun } from '#core/runs/layout';
import { centreOf, findSource, newRun, type RunDoc, type Terminal } from '#core/runs/document';
import { listDrops } from '#core/traps';
import type { NominalSize } from '#core/ends';
import { resolveRules } from '#core/house-rules';
import { keepSpecimen } from '#server/use-cases/keep-specimen.ts';
import { resolveActor } from '#server/actor.ts';
import { connect } from '#server/db/database.ts';
import { prepareDatabase } from '#server/service.ts';
import { acceptChange } from '#server/use-cases/accept-change.ts';
import { beginRun } from '#server/use-cases/begin-run.ts';
import { keepShopParts } from '#server/use-cases/keep-shop-parts.ts';
import { keepMakerSheets } from '#server/use-cases/keep-maker-sheets.ts';
import { openJob } from '#server/use-cases/open-job.ts';
import { toChangeText } from '#server/work/read-change.ts';
import { DEMO_BAKERY, BAKERY_SPECIMENS } from './demo-specimens.ts';
import {
  BUILT_IN,
  DEMO_JOB,
  DEMO_RUN,
  HEADER,
  TUBING,
  TUBING_PARTS,
  TUBING_ZONES,
  TUBING_RUN,
  VALVE_LENGTHS,
  type DemoLeg,
} from './demo-fernhill.ts';
import {
  LANE,
  LANE_BEARINGS,
  LANE_COVERS,
  LANE_PIPE_PRINTS,
  LANE_RISERS,
  LANE_RUN,
  LANE_ZONES,
} from './demo-fernhill-lane.ts';
import { BURNER, BURNER_PARTS, BURNER_RUN, DEMO_CIDER } from './demo-tidewrack.ts';
import {
  DECK_OVEN,
  DECK_OVEN_RUN,
  PROOFER,
  PROOFER_CHAIN,
  PROOFER_RUN,
  PROOFER_SOURCE,
  SHOP_PARTS,
} from './demo-lantern-street.ts';
import { SHEETS, TUBING_SHEET } from './demo-sheets.ts';
import type { ZoneId } from '#core/permissions';
import { ensureDatabase } from './ensure-database.ts';

const url = process.env['DATABASE_URL'];
if (!url) throw new Error('DATABASE_URL is not set');
await ensureDatabase(url);
await prepareDatabase(url, 'drizzle');
const { db, close } = connect(url, 1);
try {
  await loadFernhill();
  await loadTidewrack();
  await loadLanternStreet();
} finally {
  await close();
}

async function loadFernhill(): Promise<void> {
  const actor = resolveActor();
  get(
    await openJob(db, actor, {
      id: DEMO_JOB,
      name: 'Fernhill Kilns',
      place: 'A shared pottery in a converted dairy',
      units: 'in',
      gas: 'natural',
      jurisdiction: 'us-model',
      edition: '',
      people: ['Ines Marlow', 'Tobin Reed'],
    }),
  );
  const build = await loadRun(DEMO_JOB, DEMO_RUN, 'Header along the north wall', 'in', HEADER);
  if (build) {
    for (const [size, length] of VALVE_LENGTHS) await build.measureValve(size, length);
    await build.buildTrap(BUILT_IN);
  }
  await loadLane();
  const tubing = await loadRun(DEMO_JOB, TUBING_RUN, 'Tubing to the loft and the glaze bench', 'in', TUBING);
  await tubing?.measureValve('1/2', '2 1/8');
  for (const measured of TUBING_PARTS) await tubing?.measurePart(...measured);
  for (const [zone, tags] of TUBING_ZONES) await tubing?.sayZone(zone, tags);
  if (!tubing) return;
  get(
    await keepMakerSheets(
      db,
      resolveActor(),
      SHEETS.map((wanted) => ({ was: null, wanted })),
    ),
  );
  await tubing.useMaker(TUBING_SHEET);
}

/** From the meter to the dairy: polyethylene in the ground, a riser at each end. */
async function loadLane(): Promise<void> {
  const lane = await loadRun(DEMO_JOB, LANE_RUN, 'From the meter to the dairy', 'in', LANE);
  if (!lane) return;
  await lane.measureValve('1', '2 11/16');
  for (const [zone, tags] of LANE_ZONES) await lane.sayZone(zone, tags);
  for (const [tag, cover] of LANE_COVERS) await lane.sayCover(tag, cover);
  for (const [tag, degrees] of LANE_BEARINGS) await lane.sayBearing(tag, degrees);
  for (const [tag, text] of LANE_PIPE_PRINTS) await lane.sayPipePrint(tag, text);
  for (const [tag, text, bury] of LANE_RISERS) await lane.sayMarking(tag, text, bury);
  await lane.passWall(6);
}

/** A cider-press trailer on LP: metric copper with olives, its insertions measured. */
async function loadTidewrack(): Promise<void> {
  get(
    await openJob(db, resolveActor(), {
      id: DEMO_CIDER,
      name: 'Tidewrack Cider',
      place: 'A cider-press trailer, cylinder compartment and burner',
      units: 'mm',
      gas: 'lp',
      jurisdiction: 'uk-vehicle',
      edition: '',
      people: ['Ines Marlow', 'Tobin Reed'],
    }),
  );
  const burner = await loadRun(DEMO_CIDER, BURNER_RUN, 'To the pasteurising burner', 'mm', BURNER);
  for (const measured of BURNER_PARTS) await burner?.measurePart(...measured);
  await burner?.sayZone('vehicle', [1, 2, 3, 4]);
}

/** A run of the demo as it is laid out: what else is done to it. */
interface DemoRun {
  readonly measureValve: (size: NominalSize, typed: string) => Promise<void>;
  readonly buildTrap: (appliance: string) => Promise<void>;
  /** Whose parts it uses. */
  readonly useMaker: (sheet: MakerSheet) => Promise<void>;
  /** Where legs run, by their numbers. */
  readonly sayZone: (zone: ZoneId, tags: readonly number[]) => Promise<void>;
  /** How much ground lies over the far end of a leg; which way it goes; its print line; what stands on what ends it. */
  readonly sayCover: (tag: number, typed: string) => Promise<void>;
  readonly sayBearing: (tag: number, degrees: number) => Promise<void>;
  readonly sayPipePrint: (tag: number, text: string) => Promise<void>;
  readonly sayMarking: (tag: number, text: string, bury: string) => Promise<void>;
  /** Through the building's outer wall, in a sleeve. */
  readonly passWall: (tag: number) => Promise<void>;
  /** What was found where the gas comes in, and what goes between it and the first leg. */
  readonly beginAt: (found: Extract<Terminal, { kind: 'existing' }>) => Promise<void>;
  readonly joinAtSource: (parts: readonly string[]) => Promise<void>;
  /** An opening of a fitting for tube: how far it reaches, and how deep it takes the tube. */
  readonly measurePart: (part: string, port: string, reach: string, depth: string | null) => Promise<void>;
}

/** Lays a run out, change by change as a hand would; null where it is there already. */
async function loadRun(
  job: string,
  run: string,
  name: string,
  unit: LengthUnit,
  legs: readonly DemoLeg[],
): Promise<DemoRun | null> {
  const actor = resolveActor();
  const { revision } = get(await beginRun(db, actor, job, { id: run, name }));
  if (revision > 0) return null;
  let doc: RunDoc = newRun(run, standardCatalogue.version, {});
  let base = 0;
  const make = async ({ label, ops }: PlannedChange) => {
    doc = get(applyOps(doc, ops));
    const id = `${run}change${String(base).padStart(3, '0')}`;
    const change = { id, base, by: 'Ines Marlow', at: new Date().toISOString(), label, ops };
    get(await acceptChange(db, actor, job, run, toChangeText(change)));
    base++;
  };
  const ends: string[] = [];
  let made = 0;
  const newId = () => `${run}thing${String(made++).padStart(3, '0')}`;
  const read = (typed: string) => get(parseMeasure(typed, unit)).length;
  for (const [
    i,
    { from, geometry, size, material, measure, datum, terminal, parts, isNipple },
  ] of legs.entries()) {
    const said = measure === null ? null : centreToCentre(read(measure), measure);
    const begins = from === 0 ? (Object.values(doc.anchors)[0]?.node ?? null) : ends[from - 1]!;
    const leg: NewLeg = {
      from: begins,
      geometry,
      size,
      material: material ?? 'black-iron',
      measure: said && {
        ...said,
        from: isNipple
          ? { ...centreOf(begins!), at: 'end' }
          : datum === undefined
            ? null
            : centreOf(ends[datum - 1]!),
        to: { at: isNipple ? 'end' : 'centre', gap: 0 },
      },
      terminal: terminal ?? null,
    };
    await make(get(planAddLeg(doc, leg, newId)));
    const laid = Object.values(doc.legs).find(({ tag }) => tag === i + 1)!;
    ends.push(laid.to);
    for (const [kind, at] of parts ?? []) {
      const place = { from: laid.from, value: read(at), typed: at };
      await make(get(planPutPart(doc, laid.id, kind, place, newId)));
    }
  }
  const findLeg = (wanted: number): string => Object.values(doc.legs).find(({ tag }) => tag === wanted)!.id;
  return {
    measureValve: async (size, typed) => {
      const valve = standardCatalogue.findPart('valve', size)!;
      const measured = { typed, by: 'Ines Marlow' };
      await make(get(planMeasurePart(doc, valve, { endToEnd: read(typed) }, measured, newId)));
    },
    measurePart: async (id, port, reach, depth) => {
      const part = standardCatalogue.findPartById(id)!;
      const by = 'Ines Marlow';
      await make(get(planMeasurePart(doc, part, { port, reach: read(reach) }, { typed: reach, by }, newId)));
      if (depth === null) return;
      const deep = depth === '0' ? inches(0) : read(depth);
      await make(get(planMeasurePart(doc, part, { port, depth: deep }, { typed: depth, by }, newId)));
    },
    useMaker: async (sheet) => {
      await make(get(planUseMaker(doc, sheet.join, sheet)));
    },
    sayZone: async (zone, tags) => {
      await make(get(planSayZone(doc, tags.map(findLeg), zone)));
    },
    sayCover: async (tag, typed) => {
      await make(get(planSayCover(doc, ends[tag - 1]!, { length: read(typed), typed })));
    },
    sayBearing: async (tag, degrees) => {
      await make(get(planSayBearing(doc, findLeg(tag), degrees)));
    },
    sayPipePrint: async (tag, text) => {
      await make(get(planSayPrint(doc, findLeg(tag), { text, bury: null })));
    },
    sayMarking: async (tag, text, typed) => {
      await make(get(planSayPrint(doc, ends[tag - 1]!, { text, bury: { length: read(typed), typed } })));
    },
    beginAt: async (found) => {
      await make(get(planCloseEnd(doc, findSource(doc)!, found)));
    },
    joinAtSource: async (parts) => {
      const layout = layOutRun(doc, standardCatalogue, resolveRules(doc.ruleChoices), NO_FACTS);
      const opening = findOpening(layout, findSource(doc)!, findLeg(1))!;
      const chosen = { ...opening, forEnds: opening.ends, parts, agreed: ['new-washer'] } as const;
      await make(get(planPickTransition(doc, chosen, [], standardCatalogue, newId)));
    },
    passWall: async (tag) => {
      await make(
        get(planPutPassage(doc, findLeg(tag), { kind: 'outer-wall', share: 0.5, guard: 'sleeve' }, newId)),
      );
    },
    buildTrap: async (appliance) => {
      const layout = layOutRun(doc, standardCatalogue, resolveRules(doc.ruleChoices), NO_FACTS);
      const drop = listDrops(layout).find((each) => each.appliance.name === appliance)!;
      await make(get(planBuildTrap(layout, drop.node.id, NO_WISH, newId)).change);
    },
  };
}

/** Six pieces of old pipework, two of them put in the wrong tray; and a deck oven whose trap does nothing. */
async function loadLanternStreet(): Promise<void> {
  const actor = resolveActor();
  get(
    await openJob(db, actor, {
      id: DEMO_BAKERY,
      name: 'Lantern Street Bakery',
      place: 'An old shop with mixed threads, a deck oven to connect again',
      units: 'mm',
      gas: 'natural',
      jurisdiction: 'us-model',
      edition: '',
      people: ['Ines Marlow', 'Tobin Reed'],
    }),
  );
  for (const input of BAKERY_SPECIMENS) get(await keepSpecimen(db, actor, DEMO_BAKERY, input));
  const oven = await loadRun(DEMO_BAKERY, DECK_OVEN_RUN, 'Deck oven', 'mm', DECK_OVEN);
  await oven?.measureValve('3/4', '61');
  const proofer = await loadRun(DEMO_BAKERY, PROOFER_RUN, 'To the proofer', 'mm', PROOFER);
  await proofer?.measureValve('3/4', '61');
  await proofer?.beginAt(PROOFER_SOURCE);
  await proofer?.joinAtSource(PROOFER_CHAIN);
  get(
    await keepShopParts(
      db,
      actor,
      SHOP_PARTS.map((part) => ({ was: null, wanted: part })),
    ),
  );
}

/** The demo is ours: a refusal here is a bug. */
function get<Value>(result: Result<Value, { code: string }>): Value {
  if (!result.ok) throw new Error(`demo refused: ${JSON.stringify(result.refusal)}`);
  return result.value;
}

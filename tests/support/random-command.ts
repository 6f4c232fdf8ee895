import {
  newAppliance,
  getLegs,
  INLINE_KINDS,
  REF_POINTS,
  type LegGeometry,
  type Ref,
  type RunDoc,
} from '#core/runs/document';
import {
  makeTaperEnd,
  SHEET_JOINS,
  standardCatalogue,
  PART_KINDS,
  MATERIALS,
  STOCKS,
  type ShopPart,
} from '#core/catalogue';
import { planBuildTrap, NO_WISH, planPutRight } from '#core/build-in';
import { listDrops } from '#core/traps';
import { getCraft } from '#core/materials';
import { isNominal } from '#core/ends';
import { AXES, getOpposite, WAYS } from '#core/geometry';
import type { Result } from '#core/outcome';
import type { PlannedChange } from '#core/runs/changes';
import {
  planAddLeg,
  centreToCentre,
  planBranchHere,
  planBushDown,
  planChangeMeasure,
  planChoosePart,
  planSetBend,
  planChooseRule,
  planClockJoint,
  planCloseEnd,
  planInsertLeg,
  planMeasurePart,
  planMoveLeg,
  planDatePart,
  planPickTransition,
  planTakeOutTransition,
  planPutPart,
  planTakeOutPart,
  planRedirectLeg,
  planAddMeasure,
  planReferMeasure,
  planRemoveMeasure,
  planRemoveLegs,
  planResizeLegs,
  planSwitchLegs,
  planGoBack,
  planWriteRun,
  planSayZone,
  planGuardPassage,
  planPutPassage,
  planTakeOutPassage,
  planSayFished,
  planSayBearing,
  planSayCover,
  planSayPrint,
  planUseMaker,
  planTakeOutLeg,
} from '#core/runs/commands';
import { findOpening } from '#core/runs/reading';
import { makeWrittenRun, readShorthand, writeShorthand } from '#core/shorthand';
import { GUARDS, PASSAGES, ZONES } from '#core/permissions';
import { INCH, inches } from '#core/units';
import { layOut, newLeg } from './make-run.ts';
import { makeRandomSheet } from './make-sheet.ts';

type Random = () => number;

/** Tube of every craft. */
const TUBES = [
  { material: 'csst', size: '1/2' },
  { material: 'csst', size: '3/4' },
  { material: 'copper-flared', size: '3/8 ACR' },
  { material: 'copper-flared', size: '1/2 ACR', stock: 'length' },
  { material: 'copper-compression', size: '8 mm' },
  { material: 'steel-pressed', size: '3/4' },
  { material: 'copper-pressed', size: '22 mm' },
  { material: 'pe-stabbed', size: '1 IPS SDR 11' },
  { material: 'pe-fused', size: '3/4 IPS SDR 11', stock: 'length' },
] as const;
/** A part of the shop's own: a nipple as long as it likes them. */
const SHOP_PART: ShopPart = {
  id: 'shopnipple0',
  name: 'long nipple',
  kind: 'nipple',
  material: 'steel',
  ends: [makeTaperEnd('NPT', '3/4', 'male'), makeTaperEnd('NPT', '3/4', 'male')],
  length: inches(3),
  price: 250,
  note: '',
  retired: false,
};
const TUBE_PARTS = [
  'tube/csst/adapter/1-2/NPT-3-4-female',
  'tube/flare/tee/3-8-ACR',
  'tube/press-steel/elbow-90/3-4',
];

/**
 * A random command that may make sense, or null when the one picked refused. Every command of the screens is among them. `mixed`: the run comes
 * to be of tube and pipe; without, it is of steel.
 */
export function planRandomCommand(
  doc: RunDoc,
  random: Random,
  newId: () => string,
  mixed = true,
): PlannedChange | null {
  const pick = <Value>(values: readonly Value[]): Value => values[Math.floor(random() * values.length)]!;
  const take = (result: Result<PlannedChange, unknown>) => (result.ok ? result.value : null);
  const legs = [...getLegs(doc).values()];
  const length = (most: number) => inches(Math.ceil(random() * most));
  if (legs.length === 0) return take(planAddLeg(doc, newLeg(null, pick(AXES), 30), newId));
  const leg = pick(legs);
  const node = pick(Object.keys(doc.nodes));
  const measures = Object.values(doc.measures);
  const parts = legs.flatMap(({ inline }) => Object.keys(inline));
  const layout = () => layOut(doc);
  const pickRef = (): Ref => ({
    kind: 'node',
    id: pick(Object.keys(doc.nodes)),
    at: pick(REF_POINTS),
    gap: 0,
  });
  const pickThread = () => makeTaperEnd('NPT', '3/4', pick(['male', 'female'] as const));
  const pickAppliance = () =>
    random() < 0.3
      ? newAppliance('kiln')
      : newAppliance('kiln', null, {
          ...pick([
            { what: 'kiln' },
            { what: 'range' },
            { what: 'own', ownKind: 'burner bench' },
            {},
          ] as const),
          input: pick([
            null,
            { amount: 80_000, unit: 'Btu/h', basis: null, typed: '80,000 Btu/h' },
            { amount: 24, unit: 'kW', basis: 'net', typed: '24 kW' },
          ] as const),
          gas: pick([null, 'natural', 'lp'] as const),
          pressure: pick([null, { least: 4.5, greatest: 10.5, unit: 'in wc' }] as const),
          hasTrap: pick([null, true, false] as const),
          moves: pick([null, true, false] as const),
          hasShutOff: pick([null, true, false] as const),
          floor:
            random() < 0.5
              ? null
              : { from: pick(['inlet', 'pipe-end'] as const), length: length(40), typed: 't' },
        });
  const pickGeometry = (): LegGeometry => {
    const kind = random();
    if (kind < 0.6) return { kind: 'axis', axis: pick(kind < 0.45 ? AXES : WAYS) };
    if (kind < 0.65)
      return {
        kind: 'connector',
        axis: pick(AXES),
        ends: [pickThread(), pickThread()],
        ...(random() < 0.5 ? { length: null, typed: '' } : { length: length(60), typed: 't' }),
        isNew: pick([true, false, null] as const),
      };
    if (kind < 0.8) return { kind: 'made-up', axis: pick(AXES), male: pick(['from', 'to'] as const) };
    const along = pick(AXES);
    const sides = AXES.filter((axis) => axis !== along && axis !== getOpposite(along));
    const side = { way: pick(sides), length: 12 * INCH, typed: '12' };
    return { kind: 'offset', along, set: side, roll: null, angle: 45 };
  };
  const grown = () => {
    const geometry = pickGeometry();
    const measure = geometry.kind === 'axis' ? centreToCentre(length(300), 't') : null;
    // Tube goes on as tube mostly, so that it comes to turn.
    const { material, size, stock } = leg;
    if (getCraft(leg).turnsBy === 'bend' && random() < 0.7)
      return {
        geometry: random() < 0.1 ? { kind: 'route' as const, axis: pick(AXES) } : geometry,
        measure,
        size,
        material,
        stock,
      };
    if (mixed && random() < 0.15) return { geometry, measure, ...pick(TUBES) };
    return { geometry, measure, size: pick(['1/8', '3/4', '1'] as const), material: 'black-iron' as const };
  };
  const planTrap = (): PlannedChange | null => {
    const laid = layout();
    const drops = listDrops(laid);
    // A drop of some length, square and measured: the others hang mostly where no trap has room.
    if (drops.length === 0 || random() < 0.3) {
      const hang = newLeg(leg.to, pick(['down', 'right', 'back'] as const), 36 + Math.floor(random() * 24));
      return take(planAddLeg(doc, { ...hang, terminal: newAppliance('kiln') }, newId));
    }
    const { node, trap } = drops.find((each) => each.trap) ?? pick(drops);
    const wish = { ...NO_WISH, side: pick(AXES.filter((axis) => axis !== 'up' && axis !== 'down')) };
    const near = pick(drops).path.at(-1)?.near;
    // A stub of some length, wherever it comes to hang: some are right, most are to be put right.
    if (!trap && near && random() < 0.6)
      return take(
        planAddLeg(
          doc,
          {
            ...newLeg(near, 'down', 4 + 2 * random()),
            size: isNominal(leg.size) ? leg.size : '3/4',
            terminal: { kind: 'cap' },
          },
          newId,
        ),
      );
    const built = trap ? planPutRight(laid, node.id, wish, newId) : planBuildTrap(laid, node.id, wish, newId);
    return built.ok ? built.value.change : null;
  };
  const commands: readonly (() => PlannedChange | null)[] = [
    () => take(planAddLeg(doc, { from: node, terminal: null, ...grown() }, newId)),
    () => take(planAddLeg(doc, { from: node, terminal: null, ...grown() }, newId)),
    () => take(planInsertLeg(doc, leg.id, random() < 0.5 ? leg.to : leg.from, grown(), newId)),
    () => (random() < 0.2 ? take(planRemoveLegs(layout(), leg.id)) : null),
    () => take(planTakeOutLeg(layout(), leg.id)),
    () => take(planMoveLeg(layout(), leg.id, node)),
    () =>
      take(planSayZone(doc, random() < 0.7 ? [leg.id] : legs.map(({ id }) => id), pick([...ZONES, null]))),
    () => take(planSayCover(doc, node, random() < 0.2 ? null : { length: length(40), typed: 't' })),
    () => take(planSayBearing(doc, leg.id, random() < 0.2 ? null : Math.floor(random() * 360))),
    () =>
      take(
        planSayPrint(
          doc,
          pick([leg.id, node, ...parts]),
          pick([
            { text: '1 IPS SDR 11 PE2708 GAS', bury: null },
            { text: '', bury: { length: length(48), typed: 't' } },
            { text: '', bury: null },
          ]),
        ),
      ),
    () =>
      take(
        planPutPassage(
          doc,
          leg.id,
          { kind: pick(PASSAGES), share: random(), guard: pick([...GUARDS, null]) },
          newId,
        ),
      ),
    () => {
      const passages = Object.keys(doc.passages);
      if (passages.length === 0) return null;
      return take(
        random() < 0.5
          ? planTakeOutPassage(doc, pick(passages))
          : planGuardPassage(doc, pick(passages), pick([...GUARDS, null])),
      );
    },
    () => {
      const tubing = legs.find(({ material }) => material.startsWith('csst'));
      if (!tubing) return mixed ? planSwitchLegs(doc, [leg.id], 'csst') : null;
      return take(
        planSayFished(
          doc,
          tubing.id,
          random() < 0.3 ? null : { text: 'as its sheet has it', reason: 'closed wall' },
        ),
      );
    },
    () => take(planRedirectLeg(doc, leg.id, pickGeometry())),
    () => {
      const place = { from: pick([leg.from, leg.to]), value: length(30), typed: 't' };
      return take(
        planBranchHere(
          layout(),
          leg.id,
          place,
          random() < 0.5 ? null : { terminal: null, ...grown() },
          newId,
        ),
      );
    },
    () => {
      const place = random() < 0.5 ? { share: random() } : { from: leg.from, value: length(40), typed: 't' };
      return take(planPutPart(doc, leg.id, pick(INLINE_KINDS), place, newId));
    },
    () => (parts.length > 0 ? take(planTakeOutPart(doc, pick(parts))) : null),
    () => take(planChoosePart(doc, node, random() < 0.3 ? null : pick(PART_KINDS))),
    () => {
      const part =
        random() < 0.6 ? pick(standardCatalogue.parts) : standardCatalogue.findPartById(pick(TUBE_PARTS))!;
      const port = part.ports[0]!.id;
      const measured =
        random() < 0.2 ? null : random() < 0.7 ? { port, reach: length(3) } : { port, depth: length(1) };
      return take(planMeasurePart(doc, part, measured, { typed: 't', by: 'A' }, newId));
    },
    () => take(planBushDown(doc, node, standardCatalogue, newId)),
    () => take(planChangeMeasure(doc, leg.id, length(500), 'again', newId)),
    () => {
      const [from, to] = [pickRef(), pickRef()];
      const along = random() < 0.3 ? pick(AXES) : null;
      return take(
        planAddMeasure(doc, {
          id: newId(),
          from,
          to,
          along,
          value: length(400),
          typed: 't',
          instrument: null,
        }),
      );
    },
    () => (measures.length > 0 ? take(planReferMeasure(doc, pick(measures).id, { from: pickRef() })) : null),
    () => (measures.length > 0 ? take(planRemoveMeasure(doc, pick(measures).id)) : null),
    () => planResizeLegs(doc, random() < 0.5 ? leg.id : null, { size: pick(['1/2', '3/4', '1'] as const) }),
    () => {
      if (!mixed) return null;
      const only = random() < 0.9 ? leg.id : null;
      const to = pick([{ material: pick(MATERIALS) }, { stock: pick(STOCKS) }]);
      return only !== null && 'material' in to
        ? planSwitchLegs(doc, [only], to.material)
        : planResizeLegs(doc, only, to);
    },
    () => take(planSetBend(doc, node, random() < 0.3 ? null : { radius: length(6), typed: 't' })),
    () =>
      take(
        planCloseEnd(
          doc,
          node,
          pick([
            { kind: 'cap' },
            { kind: 'open' },
            { kind: 'plug' },
            pickAppliance(),
            pickAppliance(),
            null,
          ] as const),
        ),
      ),
    () => {
      const asked = {
        handTight: Math.floor(random() * 360),
        wanted: Math.floor(random() * 360),
        whole: pick([1, 2, 3] as const),
      };
      return take(
        planClockJoint(
          doc,
          { station: pick([leg.from, leg.to]), leg: leg.id },
          random() < 0.2 ? null : asked,
          newId,
        ),
      );
    },
    () => {
      // What does not go there is refused, which is most of it.
      const station = pick([leg.from, leg.to]);
      const size = isNominal(leg.size) ? leg.size : '3/4';
      const chains: readonly (readonly string[])[] = [
        [`counter/nipple/${size.replace('/', '-')}`, `malleable-150/coupling/${size}`],
        ['malleable-150/hex-bushing/1x3/4'],
        [`own/${SHOP_PART.id}`, `malleable-150/coupling/${size}`],
      ];
      const opening = findOpening(layout(), station, leg.id);
      return (
        opening &&
        take(
          planPickTransition(
            doc,
            { ...opening, forEnds: opening.ends, parts: pick(chains), agreed: [] },
            [SHOP_PART],
            standardCatalogue,
            newId,
          ),
        )
      );
    },
    () => {
      const picks = Object.values(doc.picks);
      if (picks.length === 0) return null;
      const one = pick(picks);
      return take(
        random() < 0.8
          ? planTakeOutTransition(doc, one.id)
          : planDatePart(doc, one.id, one.parts[0]!.id, '2026-05'),
      );
    },
    planTrap,
    planTrap,
    () => planChooseRule(doc, 'trap-measured', { option: pick(['nipple', 'exposed', 'pocket'] as const) }),
    () => {
      const { join, ...says } = makeRandomSheet(
        random,
        'x',
        pick([...SHEET_JOINS.slice(0, 2), 'csst', 'press-steel'] as const),
      );
      return take(planUseMaker(doc, join, random() < 0.2 ? null : { join, ...says }));
    },
    () => planChooseRule(doc, 'tape-rounding', { option: pick(['1/8', '1/16', '1/32', '1 mm'] as const) }),
    () => {
      const { sentences } = readShorthand(`${writeShorthand(doc, 'in')}off source, ${pick(AXES)} 30`, 'in');
      return planWriteRun(doc, makeWrittenRun(sentences, doc, newId).doc);
    },
    () => {
      const one = measures.length > 0 ? pick(measures).id : '';
      return planGoBack(doc, {
        ...doc,
        measures: Object.fromEntries(measures.filter(({ id }) => id !== one).map((each) => [each.id, each])),
      });
    },
  ];
  return pick(commands)();
}

import { standardCatalogue } from '#core/catalogue/standard-catalogue.ts';
import { parseMeasure } from '#core/units/check-measure.ts';
import type { Result } from '#core/outcome/result.ts';
import { applyOps, type PlannedChange } from '#core/runs/change.ts';
import { centreToCentre, planAddLeg, type NewLeg } from '#core/runs/commands/add-leg.ts';
import { planMeasurePart } from '#core/runs/commands/measure-part.ts';
import { planPutPart } from '#core/runs/commands/put-part.ts';
import { centreOf, newRun, type RunDoc } from '#core/runs/run.ts';
import { keepSpecimen } from '#server/use-cases/keep-specimen.ts';
import { resolveActor } from '#server/actor.ts';
import { connect } from '#server/db/database.ts';
import { prepareDatabase } from '#server/service.ts';
import { acceptChange } from '#server/use-cases/accept-change.ts';
import { beginRun } from '#server/use-cases/begin-run.ts';
import { openJob } from '#server/use-cases/open-job.ts';
import { toChangeText } from '#server/work/read-change.ts';
import { DEMO_BAKERY, BAKERY_SPECIMENS } from './demo-specimens.ts';
import { DEMO_JOB, DEMO_RUN, HEADER, VALVE_LENGTH } from './demo-fernhill.ts';
import { ensureDatabase } from './ensure-database.ts';

const url = process.env['DATABASE_URL'];
if (!url) throw new Error('DATABASE_URL is not set');
await ensureDatabase(url);
await prepareDatabase(url, 'drizzle');
const { db, close } = connect(url, 1);
try {
  await loadFernhill();
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
  const { revision } = get(
    await beginRun(db, actor, DEMO_JOB, { id: DEMO_RUN, name: 'Header along the north wall' }),
  );
  if (revision > 0) return;
  let doc: RunDoc = newRun(DEMO_RUN, standardCatalogue.version, {});
  let base = 0;
  const make = async ({ label, ops }: PlannedChange) => {
    doc = get(applyOps(doc, ops));
    const id = `demochange${String(base).padStart(3, '0')}`;
    const change = { id, base, by: 'Ines Marlow', at: new Date().toISOString(), label, ops };
    get(await acceptChange(db, actor, DEMO_JOB, DEMO_RUN, toChangeText(change)));
    base++;
  };
  const ends: string[] = [];
  let made = 0;
  const newId = () => `demothing${String(made++).padStart(4, '0')}`;
  const read = (typed: string) => get(parseMeasure(typed, 'in')).length;
  for (const [i, { from, geometry, size, measure, datum, terminal, part }] of HEADER.entries()) {
    const said = measure === null ? null : centreToCentre(read(measure), measure);
    const leg: NewLeg = {
      from: from === 0 ? null : ends[from - 1]!,
      geometry,
      size,
      material: 'black-iron',
      measure: said && { ...said, from: datum === undefined ? null : centreOf(ends[datum - 1]!) },
      terminal: terminal ?? null,
    };
    await make(get(planAddLeg(doc, leg, newId)));
    const laid = Object.values(doc.legs).find(({ tag }) => tag === i + 1)!;
    ends.push(laid.to);
    if (!part) continue;
    const place = { from: laid.from, value: read(part[1]), typed: part[1] };
    await make(get(planPutPart(doc, laid.id, part[0], place, newId)));
  }
  const valve = standardCatalogue.findPart('valve', '1')!;
  const measured = { typed: VALVE_LENGTH, by: 'Ines Marlow' };
  await make(get(planMeasurePart(doc, valve, { endToEnd: read(VALVE_LENGTH) }, measured, newId)));
}

/** Six pieces of old pipework; two of them were put in the wrong tray. */
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
}

/** The demo is ours: a refusal here is a bug. */
function get<Value>(result: Result<Value, { code: string }>): Value {
  if (!result.ok) throw new Error(`demo refused: ${JSON.stringify(result.refusal)}`);
  return result.value;
}

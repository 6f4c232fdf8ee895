import { standardCatalogue } from '#core/catalogue/standard-catalogue.ts';
import type { Axis } from '#core/geometry/axis.ts';
import { parseMeasure } from '#core/units/check-measure.ts';
import type { Result } from '#core/outcome/result.ts';
import { applyOps, type PlannedChange } from '#core/runs/change.ts';
import { planAddLeg } from '#core/runs/commands/add-leg.ts';
import { planCloseEnd } from '#core/runs/commands/close-end.ts';
import { newRun, type RunDoc } from '#core/runs/run.ts';
import { keepSpecimen } from '#server/use-cases/keep-specimen.ts';
import { resolveActor } from '#server/actor.ts';
import { connect } from '#server/db/database.ts';
import { prepareDatabase } from '#server/service.ts';
import { acceptChange } from '#server/use-cases/accept-change.ts';
import { beginRun } from '#server/use-cases/begin-run.ts';
import { openJob } from '#server/use-cases/open-job.ts';
import { DEMO_BAKERY, BAKERY_SPECIMENS } from './demo-specimens.ts';
import { ensureDatabase } from './ensure-database.ts';

/** Ids of the demo are fixed: loading it again finds what is there. */
export const DEMO_JOB = 'demofernhill';
export const DEMO_RUN = 'demofernhillheader';

/** Leg: where it grows from (the far end of leg n, 0 for the source), the way, the measure as taken; `cap` closes it. */
type DemoLeg = readonly [from: number, axis: Axis, measure: string, end?: 'cap'];

/** The header along the north wall of Fernhill Kilns: from the riser up, over, and along, a drop for each appliance. */
const HEADER: readonly DemoLeg[] = [
  [0, 'up', '4-2 1/2'],
  [1, 'back', `1' 3 3/4"`],
  [2, 'right', '6-4'],
  [3, 'down', '3-1 1/8'],
  [3, 'right', '8-10 1/2'],
  [5, 'down', '3-1 1/8'],
  [5, 'right', '5-7 3/4'],
  [7, 'up', '2-9'],
  [7, 'right', '7-2 1/4'],
  [9, 'down', '14 1/2', 'cap'],
];

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
    get(await acceptChange(db, actor, DEMO_JOB, DEMO_RUN, change));
    base++;
  };
  const ends: string[] = [];
  let made = 0;
  for (const [from, axis, typed, end] of HEADER) {
    const { length } = get(parseMeasure(typed, 'in'));
    const node = from === 0 ? null : ends[from - 1]!;
    const leg = { from: node, axis, size: '1', material: 'black-iron', length, typed } as const;
    const planned = get(planAddLeg(doc, leg, () => `demothing${String(made++).padStart(4, '0')}`));
    await make(planned);
    const far = Object.values(doc.legs).find(({ tag }) => tag === ends.length + 1)!.to;
    ends.push(far);
    if (end === 'cap') await make(get(planCloseEnd(doc, far, { kind: 'cap' })));
  }
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

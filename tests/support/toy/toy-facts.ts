/** A program of its own: a run of a system that is in no list, taken through all that a run goes through. Prints what came of it. */
import './add-toy.ts';

const { TOY } = await import('./toy-pipe.ts');
const { standardCatalogue } = await import('#core/catalogue');
const { checkRun } = await import('#core/checks');
const { makeCutSheet } = await import('#core/cutting');
const { drawLine, makeRecordingSink } = await import('#core/drawing');
const { makePurchaseTable, listBesidePipe, readRunDoc, writeRunDxf } = await import('#core/formats');
const { mayRun } = await import('#core/permissions');
const { planMeasurePart, planSayZone } = await import('#core/runs/commands');
const { newRun } = await import('#core/runs/document');
const { getPieces } = await import('#core/runs/layout');
const { makeWrittenRun, readShorthand, writeShorthand } = await import('#core/shorthand');
const { Counter, listCounterParts } = await import('#core/transitions');
const { millimetres, toMillimetres } = await import('#core/units');
const { describeRun } = await import('#words/describe-run.ts');
const { sayFinding } = await import('#words/findings.ts');
const { namePart, BOUGHT_PIPE, MATERIAL_NAMES } = await import('#words/parts.ts');
const { namePlacedPipe } = await import('#words/places.ts');
const { sayShop } = await import('#words/shop.ts');
const { applyPlan, getLeg, layOut, makeIds, mustBe } = await import('../make-run.ts');

const SITE = { gas: 'natural', jurisdiction: 'us-model' } as const;
const WRITTEN = 'right 40 of 3/4 cranked\nup 30\nright 20 cap';
const SHEET = { width: 800, height: 600, margin: 20, letter: 16, quarters: 0 } as const;
const VERSIONS = { run: 'toy', revision: 1, app: '0', catalogue: '0', rulePack: '0' } as const;

const { sentences, problems } = readShorthand(WRITTEN, 'in');
const empty = newRun('toyrun00000', standardCatalogue.version, {});
const newId = makeIds();
const written = makeWrittenRun(sentences, empty, newId).doc;
const legs = [1, 2, 3].map((tag) => getLeg(written, tag).id);
const placed = applyPlan(written, mustBe(planSayZone(written, legs, 'concealed')));
// Nobody publishes how far its fittings reach: this shop measured an elbow 38 mm and a cap 12 mm.
const doc = makeCutSheet(layOut(placed)).fittings.reduce((said, { part }) => {
  const { id: port } = part.ports[0]!;
  const reach = millimetres(part.kind === 'cap' ? 12 : 38);
  return applyPlan(
    said,
    mustBe(planMeasurePart(said, part, { port, reach }, { typed: 't', by: 'A' }, newId)),
  );
}, placed);
const layout = layOut(doc);
const sheet = makeCutSheet(layout);
const sink = makeRecordingSink();
drawLine(layout, sink, SHEET, 'in');
const read = readRunDoc(JSON.parse(JSON.stringify(doc)));
const beside = listBesidePipe(layout, SITE.jurisdiction);

const counter = new Counter(listCounterParts(standardCatalogue));

/** What came of it, each as the function that says it says it. */
const facts = {
  problems: problems.length,
  isReadAgain: read.ok && JSON.stringify(read.value) === JSON.stringify(doc),
  shorthand: writeShorthand(written, 'in'),
  cutsBefore: [...getPieces(layOut(placed))].map(({ cut }) => cut?.exact ?? null),
  cuts: [...getPieces(layout)].map(({ cut }) => cut?.exact && toMillimetres(cut.exact)),
  joints: [...getPieces(layout)].map(({ ends }) => ends.map(({ joint }) => joint?.verdict.joint ?? null)),
  sizes: sheet.sizes.map(({ material, size }) => `${material} ${size}`),
  findings: checkRun(layout, SITE).map((finding) => ({
    code: finding.code,
    says: sayFinding(finding, 'in'),
  })),
  permit: mayRun({ what: TOY.material, zone: 'concealed', ...SITE, rules: layout.rules }).permit,
  inks: [...new Set(sink.shapes.flatMap((shape) => (shape.kind === 'stroke' ? [shape.role] : [])))],
  dxfHasLayer: writeRunDxf(layout, 'in').text.includes(TOY.material),
  names: [MATERIAL_NAMES[TOY.material], BOUGHT_PIPE[TOY.material], namePlacedPipe(TOY.material)],
  fittings: sheet.fittings.map(({ part, count }) => `${count} ${namePart(part)}`),
  isReadBack: sheet.fittings.map(({ part }) => counter.read(namePart(part)).parts[0]?.id === part.id),
  told: describeRun(layout, 'in').length,
  shop: sayShop(TOY.material, '3/4', layout.rules),
  bought: makePurchaseTable(sheet, layout.rules, VERSIONS, beside).map((row) => row.slice(0, 4).join('; ')),
};
export type ToyFacts = typeof facts;
console.log(JSON.stringify(facts));

import { createHash } from 'node:crypto';
import { readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { makeCutSheet } from '#core/cutting/cut-sheet.ts';
import { writeSvg } from '#core/drawing/write-svg.ts';
import { makeCutSheetTable } from '#core/formats/cut-sheet-csv.ts';
import { listBesidePipe, makePurchaseTable } from '#core/formats/purchase-csv.ts';
import { writeRunDxf } from '#core/formats/run-dxf.ts';
import { RULE_PACKS } from '#core/house-rules/rule-packs.ts';
import { checkRun } from '#core/checks/checks.ts';
import { assemble } from '#core/runs/bodies.ts';
import { explainPiece } from '#core/runs/explain-piece.ts';
import { getPieces } from '#core/runs/lay-out-run.ts';
import { newRun } from '#core/runs/run.ts';
import { readRunDoc } from '#core/formats/read-run-doc.ts';
import { carryUpOps } from '#core/formats/carry-up.ts';
import { applyToRunDoc } from '#core/formats/apply-to-run-doc.ts';
import { writeShorthand } from '#core/shorthand/write-shorthand.ts';
import { standardCatalogue } from '#core/catalogue/standard-catalogue.ts';
import { standardThreads, standardTubes } from '#core/catalogue/standard-threads.ts';
import { writeJointMatrix } from '#words/joint-matrix.ts';
import { writePlaceTable } from '#words/place-table.ts';
import { writeTransitionTable } from '#words/transition-table.ts';
import { writeTrapTable } from '#words/trap-table.ts';
import { makeJobFileSchema, makePartsTableSchema } from '../scripts/make-json-schema.ts';
import { planRandomCommand } from '#support/random-command.ts';
import { makeMixedRun, makeRandom, makeRandomRun } from '#support/random-run.ts';
import { layOut } from '#support/make-run.ts';
import { sayRun, sayLine } from '#support/run-sentences.ts';

const out: Record<string, string> = {};
const seen = new WeakMap<object, string>();
const plain = (value: unknown, depth = 0): unknown => {
  if (value instanceof Map) return ['map', ...[...value].map(([k, v]) => [plain(k, depth + 1), plain(v, depth + 1)])];
  if (value instanceof Set) return ['set', ...[...value].map((v) => plain(v, depth + 1))];
  if (typeof value === 'function') return 'fn';
  if (Array.isArray(value)) return value.map((v) => plain(v, depth + 1));
  if (value && typeof value === 'object') {
    const known = seen.get(value);
    if (known) return known;
    const o: Record<string, unknown> = {};
    for (const k of Object.keys(value).sort()) o[k] = plain((value as Record<string, unknown>)[k], depth + 1);
    const h = createHash('sha1').update(JSON.stringify(o) ?? '').digest('hex').slice(0, 12);
    seen.set(value, h);
    return h;
  }
  return value === undefined ? 'undefined' : value;
};
const put = (key: string, value: unknown): void => {
  const text = typeof value === 'string' ? value : JSON.stringify(plain(value));
  out[key] = createHash('sha1').update(text ?? '').digest('hex').slice(0, 16);
};
const tell = (key: string, doc: Parameters<typeof layOut>[0]): void => {
  const layout = layOut(doc);
  put(`${key} doc`, JSON.stringify(doc));
  put(`${key} nodes`, [...layout.nodes]);
  put(`${key} legs`, [...layout.legs]);
  put(`${key} pieces`, [...getPieces(layout)].map((p) => [p.id, p.mark, p.size, p.centreToCentre, p.path, p.developed, p.cut && { ...p.cut, w: p.cut.whole, t: p.cut.onTape }, p.ends.map((e) => [e.id, e.takeOff, e.unknown, e.thread, e.joint])]));
  put(`${key} bodies`, assemble(layout));
  put(`${key} checks`, checkRun(layout, { gas: 'natural', jurisdiction: 'us-model' } as never));
  put(`${key} why`, [...getPieces(layout)].map((p) => explainPiece(p, layout)));
  for (const unit of ['in', 'mm'] as const) {
    put(`${key} say ${unit}`, [...sayRun(layout, 'us-model', unit), ...sayLine(layout, unit)].join('\n'));
    put(`${key} svg ${unit}`, writeSvg(layout, unit, 'Run', 'Run'));
    try { put(`${key} short ${unit}`, JSON.stringify(writeShorthand(layout.doc as never, unit as never))); } catch (e) { put(`${key} short ${unit}`, String(e)); }
  }
  const versions = { app: '1', catalogue: '2', rulePack: '3', run: 'Run', revision: 1 };
  put(`${key} csv`, JSON.stringify(makeCutSheetTable(makeCutSheet(layout), layout.rules['tape-rounding'].option, versions)));
  put(`${key} buy`, JSON.stringify([makePurchaseTable(makeCutSheet(layout), layout.rules, versions, listBesidePipe(layout,'us-model'))]));
  put(`${key} dxf`, String(writeRunDxf(layout, 'mm').text));
};
put('page joints', writeJointMatrix(standardThreads, standardTubes, standardCatalogue));
put('page places', writePlaceTable());
put('page traps', writeTrapTable());
put('page transitions', writeTransitionTable(standardCatalogue));
put('schema job', JSON.stringify(makeJobFileSchema()));
put('schema parts', JSON.stringify(makePartsTableSchema()));
const packs = Object.values(RULE_PACKS);
for (let i = 0; i < 60; i++) {
  const base = makeMixedRun(3 + (i % 12), 77_000 + i);
  tell(`mixed ${i}`, { ...base, ruleChoices: { ...base.ruleChoices, ...packs[i % packs.length] } });
}
for (let i = 0; i < 12; i++) tell(`steel ${i}`, makeRandomRun(10 + i * 3, 500 + i));
for (let s = 0; s < 12; s++) {
  const random = makeRandom(9_000 + s);
  let doc = newRun('goldenrun0', standardCatalogue.version, {});
  let n = 0;
  const newId = () => `golden${String(s)}x${String(n++).padStart(6, '0')}`;
  let refused = 0;
  for (let k = 0; k < 120; k++) {
    const plan = planRandomCommand(doc, random, newId, s % 3 !== 0);
    if (!plan) { refused++; continue; }
    put(`cmd ${s}.${k}`, JSON.stringify(plan));
    const next = applyToRunDoc(doc, plan.ops);
    if (next.ok) doc = next.value; else put(`cmd ${s}.${k} refused`, JSON.stringify(next.refusal));
    if (k % 40 === 39) tell(`cmd ${s}.${k}`, doc);
  }
  put(`cmd ${s} refused`, String(refused));
}
for (const f of readdirSync('tests/support/histories').sort()) {
  const h = JSON.parse(readFileSync(`tests/support/histories/${f}`, 'utf8')) as Record<string, unknown>;
  const walk = (v: unknown, path: string): void => {
    if (Array.isArray(v)) { v.forEach((x, i) => walk(x, `${path}.${i}`)); return; }
    if (v && typeof v === 'object') {
      const o = v as Record<string, unknown>;
      if ('schema' in o && 'nodes' in o) { const read = readRunDoc(o); put(`hist ${f}${path}`, JSON.stringify(read)); if (read.ok) tell(`hist ${f}${path}`, read.value); return; }
      if ('ops' in o) put(`hist ${f}${path} ops`, JSON.stringify(carryUpOps(o['ops'] as never)));
      for (const [k, x] of Object.entries(o)) walk(x, `${path}.${k}`);
    }
  };
  walk(h, '');
}
const target = process.argv[2] ?? '/tmp/w/golden-now.json';
writeFileSync(target, JSON.stringify(out, null, 1));
console.log(Object.keys(out).length, 'figures');
if (target.endsWith('now.json')) {
  const base = JSON.parse(readFileSync('/tmp/w/golden-base.json', 'utf8')) as Record<string, string>;
  const diff = [...new Set([...Object.keys(base), ...Object.keys(out)])].filter((k) => base[k] !== out[k]);
  console.log(diff.length, 'differ', diff.slice(0, 40));
}

import type { Provenance } from './confidence.ts';
import type { CrestLine, ListedThread } from './listed-thread.ts';
import type { Gender, ThreadFamily } from '#core/ends';
import type { BspRow, NpsmRow } from './pipe-threads.ts';
import type { Flare37Row, FlareRow, LookAlikeRow } from './small-threads.ts';
import type { NptRow } from './thread.ts';

const MM = 25.4;
/** An NPT crest may be cut short by this share of the pitch: 0.16 mm at 14 an inch. */
const NPT_TRUNCATION = 0.088;
/** A crest of a straight external thread lies up to this much under its name, mm. */
const UNDER_NAME = 0.3;
/** A straight bore may be this share of the pitch over its basic size (class 2B and its like). */
const BORE_TOLERANCE = 0.23;
/** ISO 228-1: how far the crest of a male G may be under its name, and of a female over it, mm, by threads an inch. */
const G_TOLERANCE: Readonly<Record<number, { male: number; female: number }>> = {
  28: { male: 0.214, female: 0.282 },
  19: { male: 0.25, female: 0.445 },
  14: { male: 0.284, female: 0.541 },
  11: { male: 0.36, female: 0.64 },
};

type Basics = Pick<ListedThread, 'family' | 'size' | 'designation' | 'perInch' | 'flank'> &
  Partial<Pick<ListedThread, 'hand' | 'acrossFlats' | 'sisterOf' | 'sealedBy' | 'otherGas'>> &
  Provenance;

/** From crest to pitch line, on the diameter, in pitches: a straight 60°, 55° or 29° thread of full form. */
const HALF_DEPTH = { 60: 0.649519, 55: 0.640327, 29: 0.5 } as const;

const list = (basics: Basics, gender: Gender, crest: CrestLine, pitchLine: number): ListedThread => ({
  id: `${basics.family}-${basics.size}-${gender}`,
  hand: 'right',
  acrossFlats: null,
  sisterOf: null,
  sealedBy: [],
  otherGas: null,
  ...basics,
  gender,
  crest,
  pitchLine,
});

const straight = (low: number, high: number, length: number): CrestLine => ({
  low,
  high,
  slope: 0,
  length,
  cap: null,
});

/** NPT and its dryseal sister NPTF. Position on a taper is good to a turn: p/16 on the diameter. */
export function listNpt(row: NptRow): ListedThread[] {
  const p = MM / row.n;
  const turn = p / 16;
  const maleMouth = row.E0 * MM + 0.8 * p;
  const male: CrestLine = {
    low: maleMouth - NPT_TRUNCATION * p - turn,
    high: maleMouth + turn,
    slope: 1 / 16,
    length: row.L4 * MM,
    cap: row.D * MM,
  };
  const boreMouth = row.E1 * MM - 0.8 * p;
  const female: CrestLine = {
    low: boreMouth - turn,
    high: boreMouth + NPT_TRUNCATION * p + turn,
    slope: -1 / 16,
    length: (row.L1 + 3 / row.n) * MM,
    cap: null,
  };
  const make = (family: ThreadFamily, gender: Gender, crest: CrestLine, pitchLine: number) => {
    const designation = `${row.size}-${row.n} ${family.toUpperCase()}`;
    const sisterOf = family === 'nptf' ? `npt-${row.size}-${gender}` : null;
    const { size, n: perInch, source, confidence } = row;
    return list(
      { family, size, designation, perInch, flank: 60, sisterOf, source, confidence },
      gender,
      crest,
      pitchLine,
    );
  };
  return (['npt', 'nptf'] as const).flatMap((family) => [
    make(family, 'male', male, row.E0 * MM),
    make(family, 'female', female, row.E1 * MM),
  ]);
}

/** The male and the female of one row of straight American pipe thread, mm. Source: the row. */
export function listNpsm(row: NpsmRow): ListedThread[] {
  const { size, n, source, confidence } = row;
  const basics: Basics = {
    family: 'npsm',
    size,
    designation: `${size}-${n} NPSM`,
    perInch: n,
    flank: 60,
    source,
    confidence,
  };
  const length = (6 * MM) / n;
  const p = MM / n;
  const [male, female] = [
    row.majorMax * MM - HALF_DEPTH[60] * p,
    row.minorMin * MM + HALF_DEPTH[60] * p * (2 / 3),
  ];
  return [
    list(basics, 'male', straight(row.majorMin * MM, row.majorMax * MM, length), male),
    list(basics, 'female', straight(row.minorMin * MM, row.minorMax * MM, length), female),
  ];
}

/** G of every size; R, Rc and Rp of those that ISO 7-1 has. */
export function listBsp(row: BspRow): ListedThread[] {
  const { size, n, source, confidence } = row;
  const p = MM / n;
  const pitchLine = row.major - HALF_DEPTH[55] * p;
  const make = (family: ThreadFamily, gender: Gender, crest: CrestLine, line = pitchLine) =>
    list(
      {
        family,
        size,
        designation: `${family === 'g' ? 'G' : family === 'r' ? 'R' : family === 'rc' ? 'Rc' : 'Rp'} ${size}`,
        perInch: n,
        flank: 55,
        source,
        confidence,
      },
      gender,
      crest,
      line,
    );
  const tolerance = G_TOLERANCE[n] ?? { male: 0.16 * p, female: 0.3 * p };
  const parallel = [
    make('g', 'male', straight(row.major - tolerance.male, row.major, 8 * p)),
    make('g', 'female', straight(row.minor, row.minor + tolerance.female, 8 * p)),
  ];
  if (row.gaugeLength === null || row.usefulThread === null || row.gaugeTolerance === null) return parallel;
  const end = row.major - row.gaugeLength / 16;
  const offMale = row.gaugeTolerance / 16;
  // A turn and a quarter on the internal thread, ISO 7-1.
  const offFemale = (1.25 * p) / 16;
  const male = { low: end - offMale, high: end + offMale, slope: 1 / 16, length: row.usefulThread + 2 * p };
  const bore = { low: row.minor - offFemale, high: row.minor + offFemale };
  return [
    ...parallel,
    make('r', 'male', { ...male, cap: null }, pitchLine - row.gaugeLength / 16),
    make('rc', 'female', { ...bore, slope: -1 / 16, length: row.usefulThread, cap: null }),
    make('rp', 'female', straight(bore.low, bore.high, row.usefulThread)),
  ];
}

/** Both sides of a straight thread of a name (mm): H = 1.0825 p from crest to crest at 60°, 1.2807 p at 55°. */
function listStraight(basics: Basics, major: number, genders: readonly Gender[]): ListedThread[] {
  const p = MM / basics.perInch;
  const depth = basics.flank === 55 ? 1.280654 : 1.082532;
  const pitchLine = major - HALF_DEPTH[basics.flank] * p;
  return genders.map((gender) =>
    gender === 'male'
      ? list(basics, 'male', straight(major - UNDER_NAME, major, 8 * p), pitchLine)
      : list(
          basics,
          'female',
          straight(major - depth * p, major - depth * p + BORE_TOLERANCE * p, 8 * p),
          pitchLine,
        ),
  );
}

/** Body and nut of one row of 45° flare or connector thread, mm. Source: the row. */
export function listFlare45(row: FlareRow): ListedThread[] {
  const { series: family, thread, n, source, confidence } = row;
  const size = row.series === 'connector' ? `${row.tube} tube, ${thread}` : `${row.tube} tube`;
  const acrossFlats = row.acrossFlats === null ? null : readFraction(row.acrossFlats) * MM;
  const isPlainSae = family === 'connector' && SAE_THREADS_OF_CONNECTORS.has(thread);
  const basics = { family, size, designation: thread, perInch: n, flank: 60, source, confidence } as const;
  const listed = [
    ...listStraight(basics, row.major * MM, ['male']),
    ...listStraight({ ...basics, acrossFlats }, row.major * MM, ['female']),
  ];
  if (!isPlainSae) return listed;
  return listed.map((each) => ({ ...each, sisterOf: `sae-45-${row.tube} tube-${each.gender}` }));
}

/** Connectors met with the ordinary flare thread of their tube: thread and seat are the same, only the part tells. */
const SAE_THREADS_OF_CONNECTORS: ReadonlySet<string> = new Set(['5/8-18 UNF', '3/4-16 UNF']);

/** Body and nut of one row of 37° flare thread, mm. Source: the row. */
export function listFlare37({
  tube,
  dash,
  thread,
  major,
  n,
  source,
  confidence,
}: Flare37Row): ListedThread[] {
  const size = `-${dash} (${tube} tube)`;
  const basics = {
    family: 'jic-37',
    size,
    designation: thread,
    perInch: n,
    flank: 60,
    source,
    confidence,
  } as const;
  return listStraight(basics, major * MM, ['male', 'female']);
}

/** The ends of one look-alike, mm: both genders where the row says so. Source: the row. */
export function listLookAlike(row: LookAlikeRow): ListedThread[] {
  const { family, name, flank, hand, source, confidence } = row;
  const perInch = row.n ?? MM / row.pitch;
  const genders: Gender[] = row.gender === 'both' ? ['male', 'female'] : [row.gender];
  const { sealedBy = [], otherGas = null } = row;
  const basics = {
    family,
    size: name,
    designation: name,
    perInch,
    flank,
    hand,
    sealedBy,
    otherGas,
    source,
    confidence,
  } as const;
  const listed = listStraight(basics, row.major, genders);
  // The nut of an olive joint is cut to G: nothing but what it is on tells it from a G thread.
  const g = /G (\S+)$/.exec(name)?.[1];
  if (family !== 'olive' || !g) return listed;
  return listed.map((each) => ({ ...each, sisterOf: `g-${g}-${each.gender}` }));
}

/** Inches as written in the tables (`1-7/16`) → a decimal. */
export function readFraction(written: string): number {
  const [whole = '', fraction] = written.includes('/') ? splitFraction(written) : [written, undefined];
  const [top, bottom] = fraction?.split('/') ?? [];
  return Number(whole || 0) + (top && bottom ? Number(top) / Number(bottom) : 0);
}

function splitFraction(written: string): [string, string] {
  const dash = written.indexOf('-');
  return dash < 0 ? ['', written] : [written.slice(0, dash), written.slice(dash + 1)];
}

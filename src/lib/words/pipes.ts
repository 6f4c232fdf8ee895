import {
  PE_CLOSE,
  type PeComparison,
  type PrintLineFinding,
  type Naming,
  type PipeLook,
  type PipeKindId,
  type PipeUse,
  type TubeFit,
} from '#core/identify';
import { MILLIMETRE, type LengthUnit } from '#core/units';
import { sayReading } from './length-text.ts';

export const LOOK_QUESTIONS: Readonly<Record<PipeLook, string>> = {
  stuff: 'What is it?',
  shape: 'What shape?',
  colour: 'What colour?',
  ends: 'How does it end?',
  length: 'How long?',
};

export const LOOK_NAMES: Readonly<Record<string, string>> = {
  magnetic: 'a magnet holds',
  'metal-not-magnetic': 'metal, no magnet holds',
  plastic: 'plastic',
  'plastic-over-metal': 'plastic, a metal layer in its cut end',
  rubber: 'rubber',
  glass: 'glass',
  'smooth-rigid': 'smooth and stiff',
  'smooth-bends': 'smooth, bends',
  corrugated: 'corrugated',
  'cast-rough': 'cast: rough, thick, does not bend',
  black: 'black',
  'silver-spangled': 'silver, spangled',
  'silver-plain': 'silver, plain',
  copper: 'copper',
  yellow: 'yellow',
  'black-yellow-stripes': 'black, yellow stripes',
  'white-grey': 'white or grey',
  'red-blue': 'red or blue',
  'clear-green': 'clear or green',
  threaded: 'threaded',
  plain: 'plain, cut',
  'factory-fittings': 'fittings from the factory',
  'set-screws': 'set screws or clamps',
  'pushed-in': 'pushed in',
  bells: 'bells packed with lead or rubber',
  long: 'a run or a coil',
  short: 'shorter than an arm',
};

/** What a kind is called, and why it may or may not carry gas. */
export const PIPE_KIND_TEXTS: Readonly<Record<PipeKindId, { readonly name: string; readonly says: string }>> =
  {
    'black-iron': {
      name: 'Black iron pipe',
      says: 'Named by an old bore. Rusts where wet or salty; dislikes vibration.',
    },
    galvanised: {
      name: 'Galvanised steel pipe',
      says: 'Gas use depends on jurisdiction and gas: zinc may flake. Never mixed into a water line. Ask.',
    },
    csst: {
      name: 'CSST',
      says: 'As listed only: indoors above ground, strike plates where concealed, bonded as its maker and the code say, supported as its maker says, its maker’s own fittings.',
    },
    'appliance-connector': {
      name: 'Flexible appliance connector',
      says: 'Not CSST: the last link to one appliance, in the same room, never through a wall, never used again, no longer than its listing allows, with a shut-off valve before it. Sold by inside or outside size: measure its thread.',
    },
    copper: {
      name: 'Copper tube',
      says: 'Where code allows it: K, L or ACR in the United States, flared or brazed; not where the gas holds more than 0.3 grain of hydrogen sulphide per 100 cubic feet. Flare and bend soft tube only. Named by nominal or by outside: measure. Ask which joints are allowed.',
    },
    polyethylene: {
      name: 'Polyethylene pipe',
      says: 'Underground and outdoors only, with tracer and riser; never in a vehicle, never left in the sun.',
    },
    'cast-iron': {
      name: 'Cast iron pipe',
      says: 'An old main or service, not black iron: it cracks when it is cut, threaded, struck or bent over, and its packed bells leak when it is moved. Touch nothing, put no load on it, and ask the gas supplier: its repair and its replacement are the supplier’s.',
    },
    multilayer: {
      name: 'Multilayer gas pipe',
      says: 'Plastic with a metal layer, not polyethylene: certified for gas in some places only. Read its print line for the gas mark and ask whether the pack has it; then only its maker’s own press fittings and tool, never those for polyethylene. Without a gas mark it is water pipe: never for gas.',
    },
    conduit: {
      name: 'Electrical conduit',
      says: 'Never for gas: thin, seamed, not tested for pressure; its thread only looks like pipe thread.',
    },
    'thread-protector': {
      name: 'Thread protector',
      says: 'Never for gas: it keeps a thread clean in transit and seals nothing.',
    },
    pex: {
      name: 'PEX water pipe',
      says: 'Never for gas: gas passes through its wall, and its joints are for water.',
    },
    'water-hose': {
      name: 'Garden or water hose',
      says: 'Never for gas: fuel gas rots it and its joints leak.',
    },
    nylon: {
      name: 'Nylon air tube',
      says: 'Never for gas: it melts and its push-in joints let go in a fire.',
    },
    pvc: {
      name: 'PVC, CPVC or ABS',
      says: 'Never for gas indoors or out: brittle, and its cement joints fail.',
    },
    'glass-tube': { name: 'Glass', says: 'Never for gas.' },
    'push-fit': {
      name: 'Push-fit or quick coupling',
      says: 'Never as a permanent gas joint: its ring perishes and fire opens it.',
    },
    zinc: {
      name: 'Zinc alloy as a pipe fitting',
      says: 'Never as a pipe fitting for gas: it cracks with age and melts early.',
    },
  };

/** What a caliper over copper does not tell. */
export const COPPER_BY_CALIPER =
  'Type M and drain tube have the same outside and are never for gas: only the wall or the print on the tube tells. Read it, or measure the wall at a clean end.';

export const PIPE_USE_WORDS: Readonly<Record<PipeUse, string>> = {
  gas: 'Used for gas, as local code says',
  depends: 'Depends: ask',
  never: 'Never for gas',
};

/** What a size name means in each way of naming, and what it is used for. */
export const NAMING_TEXTS: Readonly<Record<Naming, { readonly name: string; readonly usedFor: string }>> = {
  'pipe-nominal': {
    name: 'Pipe, nominal',
    usedFor: 'steel pipe, NPT and BSP threads: an old bore, nothing on it measures that',
  },
  'copper-nominal': { name: 'Copper K or L, nominal', usedFor: 'plumbing copper: outside is 1/8 in more' },
  'tube-outside': { name: 'Tube, outside', usedFor: 'ACR copper, flare and compression fittings' },
  'dash-tube': {
    name: 'Dash, tube',
    usedFor: 'flare and hydraulic fittings: sixteenths of the tube’s outside',
  },
  'dash-pipe': {
    name: 'Dash, pipe',
    usedFor: 'pipe threads: sixteenths of the nominal size; pipe has no -10',
  },
  'metric-outside': { name: 'Metric tube, outside', usedFor: 'copper elsewhere than in North America' },
  'pe-ips': { name: 'PE, iron pipe size', usedFor: 'polyethylene with the outside of steel pipe' },
  'pe-cts': { name: 'PE, copper tube size', usedFor: 'polyethylene with the outside of plumbing copper' },
};

export const FIT_WORDS: Readonly<Record<TubeFit['verdict'], string>> = {
  fits: 'grips',
  warn: 'doubtful',
  refuse: 'refused: it slips or is crushed',
};

/** A finding on a print line: what was read, what is wrong, what to do. */
export function sayPrintLineFinding(finding: PrintLineFinding): string {
  switch (finding.code) {
    case 'pe-size-not-said':
      return 'No size with CTS or IPS was read. Both name different pipe: measure the outside.';
    case 'pe-size-unknown':
      return `${finding.size} ${finding.system} is in no table here. Measure outside and wall, and ask its maker.`;
    case 'pe-resin-unknown':
      return `The resin ${finding.resin} is not known here. Ask before fusing it to another.`;
    case 'pe-not-marked-gas':
      return 'The line is not marked for gas. Do not bury it for gas until its maker confirms it.';
    case 'pe-wall-not-as-sdr':
      return `The wall says ${sayReading(finding.wall, 'in')}, SDR ${finding.sdr} would be ${sayReading(finding.asSdr, 'in')}. One of them is wrong: measure the wall.`;
    case 'pe-wall-below-legal':
      return `A wall of ${sayReading(finding.wall, 'in')} is under the legal minimum of ${sayReading(finding.legal, 'in')} (US federal rules; confirm locally). Do not use it.`;
    case 'pe-wall-not-known':
      return 'Neither wall nor SDR was read. The label alone would not do: measure the wall.';
    case 'pe-words-unknown':
      return `Not understood and kept as it stands: ${finding.words.join(', ')}.`;
  }
}

export function sayPeComparison(comparison: PeComparison, unit: LengthUnit): string {
  switch (comparison.verdict) {
    case 'match':
      return `Match: outside and wall agree within ${sayReading(unit === 'in' ? PE_CLOSE : MILLIMETRE / 10, unit)}, the resin is the same, both are marked for gas.`;
    case 'resins':
      return comparison.a && comparison.b
        ? `Sizes match. Resins ${comparison.a} and ${comparison.b}: only by a procedure qualified for both.`
        : `Sizes match. The resin of ${comparison.a ? 'the riser or coupling' : comparison.b ? 'the pipe' : 'both'} was not read: for fusion find it first; a stab coupling must be listed for the pipe’s resin.`;
    case 'not-gas':
      return `No match: ${comparison.which.length === 2 ? 'neither is' : comparison.which[0] === 'a' ? 'the pipe is not' : 'the riser or coupling is not'} marked for gas. Sizes alone do not make gas pipe.`;
    case 'not-known':
      return `Not known: the ${comparison.missing.join(' and the ')} of one of them is missing. Measure it.`;
    case 'differ':
      return `Do not match: ${comparison.by
        .map(({ what, a, b }) => `${what} ${sayReading(a, unit)} against ${sayReading(b, unit)}`)
        .join(', ')}.`;
  }
}

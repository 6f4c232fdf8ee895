/** What is asked of a pipe or tube that is looked at and touched. */
export const PIPE_LOOKS = {
  stuff: ['magnetic', 'metal-not-magnetic', 'plastic', 'plastic-over-metal', 'rubber', 'glass'],
  shape: ['smooth-rigid', 'smooth-bends', 'corrugated', 'cast-rough'],
  colour: ['black', 'silver-spangled', 'silver-plain', 'copper', 'yellow', 'black-yellow-stripes', 'white-grey', 'red-blue', 'clear-green'],
  ends: ['threaded', 'plain', 'factory-fittings', 'set-screws', 'pushed-in', 'bells'],
  length: ['long', 'short'],
} as const; // prettier-ignore
export type PipeLook = keyof typeof PIPE_LOOKS;
export type PipeLooks = { readonly [Key in PipeLook]?: (typeof PIPE_LOOKS)[Key][number] };

export const PIPE_KINDS = [
  'black-iron', 'galvanised', 'csst', 'appliance-connector', 'copper', 'polyethylene',
  'cast-iron', 'multilayer',
  'conduit', 'thread-protector', 'pex', 'water-hose', 'nylon', 'pvc', 'glass-tube', 'push-fit', 'zinc',
] as const; // prettier-ignore
export type PipeKindId = (typeof PIPE_KINDS)[number];

/** `depends`: allowed or not by place, gas and jurisdiction: ask. `never`: refuse, and say why. */
export type PipeUse = 'gas' | 'depends' | 'never';

export interface PipeKind {
  readonly id: PipeKindId;
  readonly use: PipeUse;
  /** What it may look like; a look that is not named here says nothing of it. */
  readonly looks: { readonly [Key in PipeLook]?: readonly (typeof PIPE_LOOKS)[Key][number][] };
}

/** Pipe and tube by its looks, what must never carry gas among them. Trade practice, not a published table. */
export const PIPE_KIND_LIST: readonly PipeKind[] = [
  {
    id: 'black-iron',
    use: 'gas',
    looks: {
      stuff: ['magnetic'],
      shape: ['smooth-rigid'],
      colour: ['black', 'yellow'],
      ends: ['threaded', 'plain'],
    },
  },
  {
    id: 'galvanised',
    use: 'depends',
    looks: {
      stuff: ['magnetic'],
      shape: ['smooth-rigid'],
      colour: ['silver-spangled'],
      ends: ['threaded', 'plain'],
    },
  },
  {
    id: 'csst',
    use: 'gas',
    looks: {
      stuff: ['metal-not-magnetic'],
      shape: ['corrugated'],
      colour: ['yellow', 'black'],
      ends: ['plain'],
      length: ['long'],
    },
  },
  {
    id: 'appliance-connector',
    use: 'depends',
    looks: {
      stuff: ['metal-not-magnetic'],
      shape: ['corrugated'],
      colour: ['yellow', 'silver-plain', 'white-grey'],
      ends: ['factory-fittings'],
      length: ['short'],
    },
  },
  {
    id: 'copper',
    use: 'depends',
    looks: {
      stuff: ['metal-not-magnetic'],
      shape: ['smooth-bends', 'smooth-rigid'],
      colour: ['copper', 'yellow'],
      ends: ['plain', 'factory-fittings'],
    },
  },
  {
    id: 'polyethylene',
    use: 'gas',
    looks: {
      stuff: ['plastic'],
      shape: ['smooth-bends', 'smooth-rigid'],
      colour: ['yellow', 'black-yellow-stripes'],
      ends: ['plain'],
      length: ['long'],
    },
  },
  {
    id: 'cast-iron',
    use: 'depends',
    looks: {
      stuff: ['magnetic'],
      shape: ['cast-rough'],
      colour: ['black', 'white-grey'],
      ends: ['bells', 'plain'],
      length: ['long'],
    },
  },
  {
    id: 'multilayer',
    use: 'depends',
    looks: {
      stuff: ['plastic-over-metal', 'plastic'],
      shape: ['smooth-bends'],
      colour: ['yellow', 'white-grey'],
      ends: ['plain', 'factory-fittings'],
      length: ['long'],
    },
  },
  {
    id: 'conduit',
    use: 'never',
    looks: {
      stuff: ['magnetic'],
      shape: ['smooth-rigid', 'corrugated'],
      colour: ['silver-plain', 'silver-spangled', 'white-grey', 'black'],
      ends: ['set-screws', 'threaded'],
    },
  },
  {
    id: 'thread-protector',
    use: 'never',
    looks: {
      stuff: ['magnetic', 'plastic'],
      colour: ['black', 'red-blue', 'silver-plain'],
      ends: ['threaded'],
      length: ['short'],
    },
  },
  {
    id: 'pex',
    use: 'never',
    looks: {
      stuff: ['plastic'],
      shape: ['smooth-bends'],
      colour: ['white-grey', 'red-blue'],
      ends: ['plain', 'pushed-in'],
    },
  },
  {
    id: 'water-hose',
    use: 'never',
    looks: {
      stuff: ['rubber', 'plastic'],
      shape: ['smooth-bends'],
      colour: ['clear-green', 'black', 'yellow', 'red-blue'],
      ends: ['factory-fittings', 'plain'],
    },
  },
  {
    id: 'nylon',
    use: 'never',
    looks: {
      stuff: ['plastic'],
      shape: ['smooth-bends'],
      colour: ['white-grey', 'black', 'red-blue'],
      ends: ['pushed-in', 'plain'],
      length: ['short'],
    },
  },
  {
    id: 'pvc',
    use: 'never',
    looks: {
      stuff: ['plastic'],
      shape: ['smooth-rigid'],
      colour: ['white-grey', 'yellow', 'black'],
      ends: ['plain', 'threaded'],
    },
  },
  {
    id: 'glass-tube',
    use: 'never',
    looks: { stuff: ['glass'], shape: ['smooth-rigid'], colour: ['clear-green'] },
  },
  {
    id: 'push-fit',
    use: 'never',
    looks: { stuff: ['plastic', 'metal-not-magnetic'], ends: ['pushed-in'] },
  },
  {
    id: 'zinc',
    use: 'never',
    looks: {
      stuff: ['metal-not-magnetic'],
      shape: ['smooth-rigid'],
      colour: ['silver-plain', 'white-grey'],
      ends: ['threaded', 'plain'],
      length: ['short'],
    },
  },
];

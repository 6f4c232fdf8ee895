import { isPeSize } from '../tube-sizes.ts';
import { USUAL, type Join } from './join.ts';

/** Polyethylene melted to polyethylene, end to end. What a fused joint takes of the pipe is the shop’s to say, not the fitting’s. */
export const fusion = {
  ...USUAL,
  tube: 'polyethylene',
  nameTube: (size) => size,
  kinds: ['coupling', 'elbow-90', 'elbow-45', 'tee', 'cap'],
  adapters: ['adapter', 'riser'],
  isMadeIn: isPeSize,
  steps: { coupling: 2, tee: 2 },
  isOfOneRatio: true,
  metal: 'polyethylene',
  adapterMetal: 'steel',
  socket: null,
  makeOpening: (size) => ({ kind: 'fusion-face', takes: { of: 'polyethylene', name: size } }),
  prepared: 'faced',
  findDepth: () => null,
  // Its equal coupling is the butt joint: nothing is bought for it.
  isButt: true,
  name: 'fusion',
  counterWords: 'fusion fused pe poly polyethylene plastic',
  alikeWords: 'butt joint',
} as const satisfies Join;

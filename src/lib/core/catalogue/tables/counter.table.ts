import type { CounterRow } from '../counter-parts.ts';

const source = 'ours, from what is usually sold';
const typical = { source, confidence: 'approximate' } as const;

/**
 * What a counter carries between two ends beside couplings, bushings, unions, nipples and what is made for tube. `ends`: ids of listed threads, gas
 * comes in at the first; `length`: over all, inches, typical; null: it differs from maker to maker.
 */
export const counterTable: readonly CounterRow[] = [
  // Fittings that a flexible appliance connector's nut is screwed on.
  ...connectorFittings('3/8 tube, 5/8-18 UNF', ['3/8', '1/2']),
  ...connectorFittings('1/2 tube, 3/4-16 UNF', ['3/8', '1/2']),
  ...connectorFittings('1/2 tube, 13/16-16 UN', ['1/2', '3/4']),
  ...connectorFittings('5/8 tube, 15/16-16 UN', ['1/2', '3/4']),
  // Flexible appliance connectors: a nut on both ends.
  ...['3/8 tube, 5/8-18 UNF', '1/2 tube, 3/4-16 UNF', '1/2 tube, 13/16-16 UN', '5/8 tube, 15/16-16 UN'].map(
    (size) => row('connector', 'steel', `connector-${size}-female`, `connector-${size}-female`),
  ),
  // Hoses for liquefied petroleum gas, with the ends they come with and a date.
  row('hose', 'as-found', 'sae-45-3/8 tube-female', 'sae-45-3/8 tube-female'),
  row('hose', 'as-found', 'sae-45-3/8 tube-female', 'npt-3/8-male'),
  row('hose', 'as-found', 'sae-45-3/8 tube-female', 'npt-1/2-male'),
  row('hose', 'as-found', 'sae-45-1/2 tube-female', 'sae-45-1/2 tube-female'),
  row('hose', 'as-found', 'sae-45-1/2 tube-female', 'npt-1/2-male'),
  row('hose', 'as-found', 'cylinder-POL nut .880-14 NGO-LH-EXT-male', 'npt-1/4-male'),
  row('hose', 'as-found', 'cylinder-POL nut .880-14 NGO-LH-EXT-male', 'sae-45-3/8 tube-female'),
  row('hose', 'as-found', 'cylinder-5/8 BSP LH (UK/AU POL, BS 341)-male', 'cylinder-W 20 x 1/14 LH (Italy)-female'),
  row('hose', 'as-found', 'cylinder-G 1/4 LH (camping cylinders / hoses)-female', 'cylinder-G 1/4 LH (camping cylinders / hoses)-female'),
  row('hose', 'as-found', 'cylinder-G 1/4 LH (camping cylinders / hoses)-female', 'r-1/4-male'),
  row('hose', 'as-found', 'cylinder-G 3/8 LH-female', 'cylinder-G 3/8 LH-female'),
  row('hose', 'as-found', 'cylinder-G 3/8 LH-female', 'r-3/8-male'),
  row('hose', 'as-found', 'cylinder-G 3/8 LH-female', 'r-1/2-male'),
  // British: a bayonet hose with the socket it is pushed in, for a cooker; a hose clipped to the nozzles screwed in at both its ends.
  row('cooker-hose', 'as-found', 'rp-1/2-female', 'r-1/2-male'),
  row('clipped-hose', 'as-found', 'r-1/4-male', 'r-1/4-male'),
  row('clipped-hose', 'as-found', 'r-1/2-male', 'r-1/2-male'),
  // What screws a cylinder's own connection to pipe thread, rigid.
  row('swivel', 'brass', 'cylinder-POL nut .880-14 NGO-LH-EXT-male', 'npt-1/4-male'),
  row('swivel', 'brass', 'cylinder-5/8 BSP LH (UK/AU POL, BS 341)-male', 'r-1/4-male'),
  // Regulators that screw on a cylinder, and those behind them.
  row('cylinder-regulator', 'as-found', 'cylinder-POL nut .880-14 NGO-LH-EXT-male', 'npt-3/8-female'),
  row('cylinder-regulator', 'as-found', 'cylinder-POL nut .880-14 NGO-LH-EXT-male', 'sae-45-3/8 tube-male'),
  row('cylinder-regulator', 'as-found', 'cylinder-5/8 BSP LH (UK/AU POL, BS 341)-male', 'cylinder-G 1/4 LH (camping cylinders / hoses)-male'),
  row('cylinder-regulator', 'as-found', 'cylinder-5/8 BSP LH (UK/AU POL, BS 341)-male', 'rp-1/2-female'),
  row('cylinder-regulator', 'as-found', 'cylinder-W 20 x 1/14 LH (Italy)-male', 'rp-1/4-female'),
  row('cylinder-regulator', 'as-found', 'cylinder-W 20 x 1/14 LH (Italy)-male', 'cylinder-G 1/4 LH (camping cylinders / hoses)-male'),
  row('cylinder-regulator', 'as-found', 'cylinder-W 21.8 x 1/14 LH (DIN 477 no. 1)-female', 'cylinder-G 1/4 LH (camping cylinders / hoses)-male'),
  row('cylinder-regulator', 'as-found', 'cylinder-W 21.8 x 1/14 LH (DIN 477 no. 1)-female', 'cylinder-G 3/8 LH-male'),
  row('first-stage-regulator', 'as-found', 'cylinder-POL nut .880-14 NGO-LH-EXT-male', 'npt-1/4-female'),
  row('first-stage-regulator', 'as-found', 'cylinder-POL nut .880-14 NGO-LH-EXT-male', 'npt-1/2-female'),
  row('first-stage-regulator', 'as-found', 'npt-1/4-female', 'npt-1/2-female'),
  row('first-stage-regulator', 'as-found', 'cylinder-W 20 x 1/14 LH (Italy)-male', 'rp-1/4-female'),
  row('second-stage-regulator', 'as-found', 'npt-1/4-female', 'npt-3/8-female'),
  row('second-stage-regulator', 'as-found', 'npt-1/2-female', 'npt-1/2-female'),
  row('second-stage-regulator', 'as-found', 'npt-1/2-female', 'npt-3/4-female'),
  row('second-stage-regulator', 'as-found', 'npt-3/4-female', 'npt-3/4-female'),
  row('second-stage-regulator', 'as-found', 'rp-1/4-female', 'rp-1/4-female'),
  row('second-stage-regulator', 'as-found', 'rp-1/2-female', 'rp-1/2-female'),
  row('second-stage-regulator', 'as-found', 'rp-3/4-female', 'rp-3/4-female'),
  // Flare nuts that turn on a body: to another size of flare, and to pipe thread.
  ...flareSwivels([['3/8', '1/4'], ['1/2', '3/8'], ['5/8', '1/2'], ['3/4', '5/8']], 'male'),
  ...flareSwivels([['1/4', '3/8'], ['3/8', '1/2'], ['1/2', '5/8']], 'male'),
  ...['1/4', '3/8', '1/2', '5/8', '3/4'].map((tube) => row('swivel', 'brass', `sae-45-${tube} tube-female`, `sae-45-${tube} tube-female`)),
  ...flareNutsOnPipe([['1/4', '1/4'], ['3/8', '3/8'], ['3/8', '1/2'], ['1/2', '1/2'], ['5/8', '3/4'], ['3/4', '3/4']]),
]; // prettier-ignore

function row(
  kind: CounterRow['kind'],
  material: CounterRow['material'],
  one: string,
  other: string,
): CounterRow {
  return { kind, material, ends: [one, other], length: null, ...typical };
}

function connectorFittings(size: string, pipes: readonly string[]): CounterRow[] {
  return pipes.flatMap((pipe) =>
    (['male', 'female'] as const).map((gender) =>
      row('connector-fitting', 'brass', `connector-${size}-male`, `npt-${pipe}-${gender}`),
    ),
  );
}

function flareSwivels(sizes: readonly (readonly [string, string])[], gender: 'male'): CounterRow[] {
  return sizes.map(([nut, body]) => row('swivel', 'brass', `sae-45-${nut} tube-female`, `sae-45-${body} tube-${gender}`)); // prettier-ignore
}

function flareNutsOnPipe(sizes: readonly (readonly [string, string])[]): CounterRow[] {
  return sizes.flatMap(([tube, pipe]) =>
    (['male', 'female'] as const).map((gender) =>
      row('swivel', 'brass', `sae-45-${tube} tube-female`, `npt-${pipe}-${gender}`),
    ),
  );
}

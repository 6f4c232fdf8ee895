import { newAppliance } from '#core/runs/document';
import { straight, type DemoLeg } from './demo-fernhill.ts';

export const DEMO_CIDER = 'demotidewrack';
export const BURNER_RUN = 'demotidewrackburner';

const OLIVES = { size: '8 mm', material: 'copper-compression' } as const;

/** From the regulator in the cylinder compartment along the chassis, up through the floor and back to the pasteurising burner. */
export const BURNER: readonly DemoLeg[] = [
  straight(0, 'right', '640', OLIVES),
  straight(1, 'up', '345', OLIVES),
  straight(2, 'right', '790', { ...OLIVES, parts: [['valve', '400']] }),
  straight(3, 'back', '265', {
    ...OLIVES,
    terminal: newAppliance(
      'pasteurising burner',
      {
        kind: 'thread',
        family: 'rp',
        size: '1/4',
        gender: 'female',
        hand: null,
        seat: 'none',
        metal: 'brass',
      },
      {
        what: 'own',
        ownKind: 'pasteurising burner',
        input: { amount: 6, unit: 'kW', basis: 'net', typed: '6 kW' },
        gas: 'lp',
        hasTrap: false,
        moves: false,
      },
    ),
  }),
];

/** Fittings with olives as they were measured: reach of an opening, and how far the tube goes in to its stop. */
export const BURNER_PARTS: readonly (readonly [
  part: string,
  port: string,
  reach: string,
  depth: string | null,
])[] = [
  ['tube/compression/valve/8-mm', 'a', '23', '9.5'],
  ['tube/compression/adapter/8-mm/R-1-4-male', 'tube', '14', '9.5'],
  ['tube/compression/adapter/8-mm/R-1-4-male', 'thread', '21', null],
];

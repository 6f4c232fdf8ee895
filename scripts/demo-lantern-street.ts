import { type ShopPart, makeTaperEnd } from '#core/catalogue';
import type { Way } from '#core/geometry';
import { newAppliance } from '#core/runs/document';
import { straight, type DemoLeg } from './demo-fernhill.ts';

export const DECK_OVEN_RUN = 'demolanterndeckoven';
export const PROOFER_RUN = 'demolanternproofer1';

type More = Omit<Partial<DemoLeg>, 'from' | 'geometry' | 'measure' | 'size'>;
const leg = (from: number, way: Way, measure: string, more: More = {}): DemoLeg =>
  straight(from, way, measure, { size: '3/4', ...more });

/**
 * The deck oven of Lantern Street Bakery as it was found: down from the ceiling, off level, and straight through a tee under which a capped
 * nipple hangs. It looks like a trap, and does nothing. Its plate does not say whether its kilowatts are net or gross.
 */
export const DECK_OVEN: readonly DemoLeg[] = [
  leg(0, 'right', '1400'),
  leg(1, 'down', '1250', { parts: [['valve', '380'], ['union', '760']] }),
  leg(2, 'right', '190'),
  leg(3, 'right', '180', {
    terminal: newAppliance('deck oven', null, {
      what: 'oven',
      input: { amount: 24, unit: 'kW', basis: null, typed: '24 kW' },
      gas: 'natural',
      hasTrap: false,
      floor: { from: 'inlet', length: 420_000_000, typed: '420' },
    }),
  }),
  leg(3, 'down', '101.6', { terminal: { kind: 'cap' }, isNipple: true }),
]; // prettier-ignore

/**
 * To a proofer, from the British swivel that the old regulator left: American pipe, so that something must go between at its beginning; at its end
 * the inlet is British too, which nobody has looked at yet.
 */
export const PROOFER: readonly DemoLeg[] = [
  leg(0, 'right', '620', { parts: [['valve', '240']] }),
  leg(1, 'down', '900'),
  leg(2, 'right', '310', {
    terminal: newAppliance('proofer', makeTaperEnd('R', '1/2', 'female', 'brass'), {
      what: 'own',
      ownKind: 'proofing cabinet',
      gas: 'natural',
      hasTrap: false,
    }),
  }),
]; // prettier-ignore

/** What was found at the beginning, told apart for certain: the specimen “Regulator swivel”. */
export const PROOFER_SOURCE = {
  kind: 'existing',
  specimen: 'demospecimen6',
  end: {
    kind: 'thread',
    family: 'g',
    size: '3/4',
    gender: 'female',
    hand: null,
    seat: 'washer',
    metal: 'brass',
  },
} as const;
/** From the swivel: a tail with a flat face, and a body that goes over to American thread. */
export const PROOFER_CHAIN = [
  'counter/tail/3-4/G-R-male',
  'counter/converter/3-4/NPT-female-R-female',
] as const;

/** Parts of the shop's own, invented; prices are placeholders. */
export const SHOP_PARTS: readonly ShopPart[] = [
  {
    id: 'demoshopmeternut',
    name: 'meter nut straight to three-quarter',
    kind: 'tail',
    material: 'brass',
    ends: [{ kind: 'thread', family: 'g', size: '3/4', gender: 'male', hand: null, seat: 'washer', metal: 'brass' }, makeTaperEnd('NPT', '3/4', 'female', 'brass')],
    length: 41_000_000,
    price: 980,
    note: 'Second drawer. The price is a placeholder.',
    retired: false,
  },
  {
    id: 'demoshoplongnipple',
    name: 'half-inch nipple to three-eighths flare nut',
    kind: 'swivel',
    material: 'brass',
    ends: [makeTaperEnd('NPT', '1/2', 'male', 'brass'), { kind: 'thread', family: 'sae-45', size: '3/8 tube', gender: 'female', hand: null, seat: '45', metal: 'brass' }],
    length: null,
    price: 640,
    note: 'The price is a placeholder.',
    retired: false,
  },
]; // prettier-ignore

import type { Way } from '#core/geometry/way.ts';
import { newAppliance } from '#core/runs/appliance.ts';
import { straight, type DemoLeg } from './demo-fernhill.ts';

export const DECK_OVEN_RUN = 'demolanterndeckoven';

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
      floor: { length: 420_000_000, typed: '420' },
    }),
  }),
  leg(3, 'down', '101.6', { terminal: { kind: 'cap' }, isNipple: true }),
]; // prettier-ignore

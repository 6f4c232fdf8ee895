import type { LengthUnit } from '#core/units';
import { readSetting, writeSetting } from '../store/bench.svelte.ts';

const KEY = 'porthole-unit';

/** The unit of readings outside a job, which has its own. */
class UnitSetting {
  unit = $state<LengthUnit>(readSetting(KEY) === 'mm' ? 'mm' : 'in');

  choose(unit: LengthUnit): void {
    this.unit = unit;
    writeSetting(KEY, unit);
  }
}

export const unitSetting = new UnitSetting();

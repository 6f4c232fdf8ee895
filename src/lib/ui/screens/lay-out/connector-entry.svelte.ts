import type { Material } from '#core/catalogue';
import type { Gender, ThreadEnd, LegSize } from '#core/ends';
import type { Way } from '#core/geometry';
import { getCraft, makeSettings } from '#core/materials';
import type { ConnectorGeometry } from '#core/runs/document';
import type { Length } from '#core/units';

/** What is said of a flexible connector before it is put in. */
export class ConnectorEntry {
  /** The threads it has itself: where it begins, and at the appliance. */
  near = $state<Gender>('male');
  far = $state<Gender>('male');
  length = $state.raw<{ readonly value: Length; readonly typed: string } | null>(null);
  isNew = $state<boolean | null>(null);

  /** Everything that was said, to be watched. */
  get said(): readonly unknown[] {
    return [this.near, this.far, this.length, this.isNew];
  }

  /** The connector that goes this way; null where the material has no threads a connector is sold with. */
  makeGeometry(axis: Way, material: Material, size: LegSize): ConnectorGeometry | null {
    const settings = makeSettings(material, size);
    const [begins, ends] = [this.near, this.far].map((gender) => getCraft(settings).getEnd(settings, gender));
    if (begins?.kind !== 'thread' || ends?.kind !== 'thread') return null;
    const both: readonly [ThreadEnd, ThreadEnd] = [begins, ends];
    return {
      kind: 'connector',
      axis,
      ends: both,
      length: this.length?.value ?? null,
      typed: this.length?.typed ?? '',
      isNew: this.isNew,
    };
  }

  clear(): void {
    [this.near, this.far, this.length, this.isNew] = ['male', 'male', null, null];
  }
}

import { solveOffset, type Offset, type OffsetPart, type OffsetRefusal } from '#core/allowances';
import { getOpposite, type Axis } from '#core/geometry';
import type { Result } from '#core/outcome';
import { type LengthRefusal, parseMeasure, type LengthUnit } from '#core/units';
import type { OffsetGeometry } from '#core/runs/document';

export const OFFSET_PARTS: readonly OffsetPart[] = ['set', 'roll', 'run', 'travel'];

/** Is a way to the side of another: square to it? */
export const isSquareTo = (way: Axis, other: Axis): boolean => way !== other && way !== getOpposite(other);

/** An offset as it is said: where it goes on, to which sides, and any of its four figures as typed. */
export class OffsetEntry {
  along = $state<Axis | null>(null);
  setWay = $state<Axis | null>(null);
  rollWay = $state<Axis | null>(null);
  typed = $state<Record<OffsetPart, string>>({ set: '', roll: '', run: '', travel: '' });
  readonly #unit: () => LengthUnit;

  constructor(unit: () => LengthUnit) {
    this.#unit = unit;
  }

  /** Everything that was said, to be watched without working anything out of it. */
  get said(): readonly unknown[] {
    return [this.along, this.setWay, this.rollWay, ...OFFSET_PARTS.map((part) => this.typed[part])];
  }

  /** The other figures once enough is said; what is wrong with what was said; null while nothing is. */
  solved = $derived.by((): Result<Offset, OffsetRefusal | LengthRefusal> | null => {
    const said: Partial<Record<OffsetPart, number>> = {};
    for (const part of OFFSET_PARTS) {
      if (!this.typed[part].trim()) continue;
      const reading = parseMeasure(this.typed[part], this.#unit());
      if (!reading.ok) return reading;
      said[part] = reading.value.length;
    }
    return Object.keys(said).length === 0 ? null : solveOffset(said);
  });

  /** The geometry of the leg; null until the ways and enough figures are said. */
  geometry = $derived.by((): OffsetGeometry | null => {
    const { along, setWay, rollWay, solved } = this;
    if (!along || !setWay || !solved?.ok) return null;
    const { set, roll } = solved.value;
    if (!isSquareTo(setWay, along) || set <= 0) return null;
    const side = (way: Axis, part: 'set' | 'roll', length: number) => ({
      way,
      length,
      typed: this.typed[part].trim(),
    });
    if (roll === 0) return { kind: 'offset', along, set: side(setWay, 'set', set), roll: null, angle: 45 };
    if (!rollWay || !isSquareTo(rollWay, along) || !isSquareTo(rollWay, setWay)) return null;
    return {
      kind: 'offset',
      along,
      set: side(setWay, 'set', set),
      roll: side(rollWay, 'roll', roll),
      angle: 45,
    };
  });

  /** What is wrong with the figures, if anything. */
  get refusal(): OffsetRefusal | LengthRefusal | null {
    return this.solved && !this.solved.ok ? this.solved.refusal : null;
  }

  clear(): void {
    this.typed = { set: '', roll: '', run: '', travel: '' };
    this.setWay = null;
    this.rollWay = null;
  }
}

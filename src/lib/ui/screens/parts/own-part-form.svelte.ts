import { toPlainEnd, type ShopPart, type ShopPartKind } from '#core/catalogue';
import type { Length } from '#core/units';
import { catalogue } from '../../catalogue.ts';
import { newId } from '../../store/new-id.ts';
import { EndChoice } from '../../instruments/end-choice.svelte.ts';

/** Why a price is none: what was typed. */
const PRICE = /^\d{1,7}([.,]\d{1,2})?$/;

/** A part of the shop's own as it is written down. */
export class OwnPartForm {
  #id = newId();
  /** The part as it was begun with: what an edit rests on. Null for a new one. */
  was: ShopPart | null = null;
  name = $state('');
  kind = $state<ShopPartKind>('swivel');
  material = $state<ShopPart['material']>('brass');
  readonly ends = [
    new EndChoice({ family: 'npt', size: '3/4', gender: 'male' }, () => []),
    new EndChoice({ family: 'g', size: '3/4', gender: 'female' }, () => []),
  ] as const;
  length = $state<Length | null>(null);
  price = $state('');
  note = $state('');
  retired = $state(false);
  /** Whether it was tried to be kept: from then on what is wrong is said. */
  isTried = $state(false);

  /** Takes a part to be edited, or begins a new one. */
  begin(part: ShopPart | null): void {
    this.#id = part?.id ?? newId();
    for (const end of this.ends) end.typed = '';
    this.restOn(part);
    this.name = part?.name ?? '';
    this.kind = part?.kind ?? 'swivel';
    this.material = part?.material ?? 'brass';
    for (const [i, end] of (part?.ends ?? []).entries()) this.ends[i]!.pickEnd(catalogue.ends.figure(end));
    this.length = part?.length ?? null;
    this.price = part?.price === null || part === null ? '' : (part.price / 100).toFixed(2);
    this.note = part?.note ?? '';
    this.retired = part?.retired ?? false;
    this.isTried = false;
  }

  /** Lets the edit rest on the part as it is by now. */
  restOn(part: ShopPart | null): void {
    this.was = part;
  }

  get id(): string {
    return this.#id;
  }

  nameWrong = $derived(
    this.name.trim() === '' ? 'A part without a name cannot be asked for. Write what you call it.' : '',
  );
  priceWrong = $derived(
    this.price.trim() === '' || PRICE.test(this.price.trim())
      ? ''
      : `Read “${this.price}”, which is no price. Write it like 12.50, or leave it empty.`,
  );
  /** A name that was typed for an end and not chosen is no end: it is said, and never taken for the one before it. */
  endsWrong = $derived.by(() => {
    const typed = this.ends.map((end) => end.typed.trim()).find((said) => said !== '');
    return typed === undefined
      ? ''
      : `“${typed}” is not chosen as an end yet. Choose which one is meant, or empty the line.`;
  });
  isWhole = $derived(this.nameWrong === '' && this.priceWrong === '' && this.endsWrong === '');

  toPart(): ShopPart {
    const price = this.price.trim().replace(',', '.');
    return {
      id: this.#id,
      name: this.name.trim(),
      kind: this.kind,
      material: this.material,
      ends: [toPlainEnd(this.ends[0].end), toPlainEnd(this.ends[1].end)],
      length: this.length,
      price: price === '' ? null : Math.round(Number(price) * 100),
      note: this.note.trim(),
      retired: this.retired,
    };
  }
}

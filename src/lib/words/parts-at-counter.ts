import type { Part, PartTraits } from '#core/catalogue';
import type { Length, LengthUnit } from '#core/units';
import { sayExact } from './length-text.ts';

interface Facts {
  readonly part: Part;
  /** Over all, nm; null where it is not known, and where it goes round a corner. */
  readonly length: Length | null;
  readonly price: number | null;
  readonly traits: PartTraits;
}

/** `typical 2 in over all, one seat inside it`: what is known of a part beside its name. */
export function sayPartFacts({ part, length, price, traits }: Facts, unit: LengthUnit): string {
  const standings = new Set(part.ports.map(({ reach }) => reach.standing));
  const long = standings.has('unknown')
    ? 'length to be measured'
    : length === null
      ? ''
      : `${standings.has('typical') ? 'typically ' : ''}${sayExact(length, unit)} over all`;
  const facts = [
    long,
    part.seats.length > 0 ? 'a seat inside it: one more place to leak' : '',
    traits.isFlexible ? 'one at most between two ends, never between two rigid pipes' : '',
    traits.lowers ? 'lowers the pressure: gas goes in at the first end' : '',
    traits.isDated ? 'has a date on it' : '',
    traits.insulates ? 'stops a current' : '',
    price === null ? '' : `${(price / 100).toFixed(2)} by the shop`,
  ];
  const said = facts.filter((each) => each !== '').join('; ');
  return said === '' ? '' : `${said.charAt(0).toUpperCase()}${said.slice(1)}.`;
}

/** A letter, then letters and digits: never a word that means something to an object, or a way out of an address. */
export const ID = /^[a-z][a-z0-9]{7,39}$/;

/** Whether a text has the shape of an id: what an address names is asked for only if it could be there. */
export const isId = (text: string | undefined): boolean => text !== undefined && ID.test(text);

/** The id of a leg's settings: `leg.system`. */
export const SPEC_ID = /^[a-z][a-z0-9]{7,39}\.[a-z-]{2,20}$/;

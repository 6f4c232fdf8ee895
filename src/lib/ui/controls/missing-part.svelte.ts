/** A part of the app that was asked for and could not be fetched: how it is asked for again; null where none is missing. */
class MissingPart {
  again = $state.raw<(() => void) | null>(null);
}

export const missingPart = new MissingPart();

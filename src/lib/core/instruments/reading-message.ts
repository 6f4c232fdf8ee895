import type { Reading } from '#core/identify';

/** What an instrument sends, simulated or real (docs/reading-message.md). */
export interface ReadingMessage {
  readonly format: 'porthole-reading';
  readonly version: 1;
  readonly reading: Reading;
}

/** The name of the channel on which readings travel within one browser. */
export const READING_CHANNEL = 'porthole-readings';

/** A reading as it travels from an instrument to the bench. */
export const makeReadingMessage = (reading: Reading): ReadingMessage => ({
  format: 'porthole-reading',
  version: 1,
  reading,
});

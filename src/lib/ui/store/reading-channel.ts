import type { Reading } from '#core/identify';
import { makeReadingMessage, READING_CHANNEL } from '#core/instruments';
import type { Refusal } from '#words/refusals.ts';
import { loadModule } from './load-module.ts';

/** Sends a reading over the channel on which instruments are heard. */
export function sendReading(reading: Reading): void {
  const channel = new BroadcastChannel(READING_CHANNEL);
  channel.postMessage(makeReadingMessage(reading));
  // Closed once the message has gone out.
  setTimeout(() => channel.close(), 1000);
}

/** Takes readings from instruments; what is no reading is refused with its sentence. Gives the way to stop. */
export function listenForReadings(
  take: (reading: Reading) => void,
  refuse: (refusal: Refusal) => void,
): () => void {
  const channel = new BroadcastChannel(READING_CHANNEL);
  channel.onmessage = async ({ data }: MessageEvent<unknown>) => {
    const reader = await loadModule(() => import('./read-specimens.ts'));
    const read = reader.ok ? reader.value.readReadingMessage(data) : reader;
    if (read.ok) take(read.value);
    else refuse(read.refusal);
  };
  return () => channel.close();
}

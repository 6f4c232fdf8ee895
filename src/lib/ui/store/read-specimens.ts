import Joi from 'joi';
import { benchReadingsSchema, readingMessageSchema, readWith, specimenSchema } from '#core/formats';
import type { Reading, Specimen } from '#core/identify';
import { accept, refuse, type Result } from '#core/outcome';
import type { Refusal } from '#words/refusals.ts';

/** Reads what came from an instrument. */
export function readReadingMessage(value: unknown): Result<Reading, Refusal> {
  const read = readWith(readingMessageSchema, value);
  if (read.ok) return accept(read.value.reading);
  return refuse({ code: 'reading-message-unreadable', path: read.refusal.path });
}

/** Reads what was left on the bench; null when it cannot be read. */
export function readBenchReadings(value: unknown): Reading[] | null {
  const read = readWith<Reading[]>(benchReadingsSchema, value);
  return read.ok ? read.value : null;
}

/** Reads the specimens of a job as the server answers them. */
export const readSpecimensAnswer = (value: unknown): Result<Specimen[], Refusal> =>
  readWith(Joi.array<Specimen[]>().items(specimenSchema.optional()).required(), value);

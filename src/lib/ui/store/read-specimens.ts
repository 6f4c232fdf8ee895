import Joi from 'joi';
import { benchReadingsSchema, readingMessageSchema } from '#core/formats/reading-message.schema.ts';
import { readWith } from '#core/formats/read-with.ts';
import { specimenSchema } from '#core/formats/specimen.schema.ts';
import type { Reading } from '#core/identify/observation.ts';
import type { Specimen } from '#core/identify/specimen.ts';
import { accept, refuse, type Result } from '#core/outcome/result.ts';
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

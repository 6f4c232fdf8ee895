import { jobInputSchema, readWith, type InputRefusal, type JobInput } from '#core/formats';

import type { Result } from '#core/outcome';

/** What is typed of a job, read with the schema that the server reads it with: fetched when a form is sent. */
export const readJobInput = (input: JobInput): Result<JobInput, InputRefusal> =>
  readWith(jobInputSchema, input);

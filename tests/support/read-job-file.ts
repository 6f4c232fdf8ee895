import { readJobs, type JobFile, type ReadJob } from '#core/formats';
import { accept, refuse, type Result } from '#core/outcome';

/** Reads a job file of which every job can be brought in; refuses with why the first cannot. */
export function readJobFile(text: string): Result<JobFile[], Extract<ReadJob, { ok: false }>['refusal']> {
  const read = readJobs(text);
  if (!read.ok) return read;
  const files: JobFile[] = [];
  for (const job of read.value) {
    if (!job.ok) return refuse(job.refusal);
    files.push(job.value);
  }
  return accept(files);
}

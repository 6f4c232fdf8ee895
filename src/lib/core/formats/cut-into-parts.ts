import { LIMITS } from '#core/shapes';

/** A job as far as it must be known to say in which file it goes out: its moment (ISO 8601, UTC) and about how many bytes it takes. */
export interface WeighedJob {
  readonly id: string;
  readonly createdAt: string;
  readonly bytes: number;
}

/** One of the files in which all jobs go out: those of a year, from the job `first` to the job `last` in the order they were opened. */
export interface FilePart {
  readonly year: number;
  /** From 1 on, within its year. */
  readonly number: number;
  readonly jobs: number;
  /** About so many bytes, rather more than fewer. */
  readonly bytes: number;
  readonly first: string;
  readonly last: string;
  /** When the first and the last of its jobs were opened, ISO 8601. */
  readonly from: string;
  readonly to: string;
}

/** What one part may hold, so that it can be brought in again as it is; a job that is larger by itself is a part by itself. */
const MOST = { jobs: LIMITS.jobsInFile, bytes: LIMITS.file * 0.75 } as const;

/**
 * Cuts jobs (the oldest first) into files that each can be brought in again: by year, and within a year as many as fit. What was cut
 * stays so as jobs are added later, but for the last part.
 */
export function cutIntoParts(jobs: Iterable<WeighedJob>): FilePart[] {
  const parts: FilePart[] = [];
  for (const { id, createdAt, bytes } of jobs) {
    const year = new Date(createdAt).getUTCFullYear();
    const open = parts.at(-1);
    const isSameYear = open?.year === year;
    if (open && isSameYear && open.jobs < MOST.jobs && open.bytes + bytes <= MOST.bytes)
      parts[parts.length - 1] = {
        ...open,
        jobs: open.jobs + 1,
        bytes: open.bytes + bytes,
        last: id,
        to: createdAt,
      };
    else
      parts.push({
        year,
        number: open && isSameYear ? open.number + 1 : 1,
        jobs: 1,
        bytes,
        first: id,
        last: id,
        from: createdAt,
        to: createdAt,
      });
  }
  return parts;
}

/** How a part is named in an address and in the name of its file: `2026-1`. */
export const namePart = ({ year, number }: Pick<FilePart, 'year' | 'number'>): string => `${year}-${number}`;

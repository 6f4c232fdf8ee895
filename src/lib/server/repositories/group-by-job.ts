/** Rows of several jobs → job id → what they say, in their order. */
export function groupByJob<Row extends { readonly job: string }, Value>(
  rows: readonly Row[],
  pick: (row: Row) => Value,
): Map<string, Value[]> {
  const byJob = new Map<string, Value[]>();
  for (const row of rows) {
    const there = byJob.get(row.job);
    if (there) there.push(pick(row));
    else byJob.set(row.job, [pick(row)]);
  }
  return byJob;
}

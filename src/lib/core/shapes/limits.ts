/** What fits through a border. Kept apart from the schemas, so that a form can say a limit without loading them. */
export const LIMITS = {
  name: 80,
  place: 120,
  edition: 60,
  people: 30,
  typed: 60,
  reason: 300,
  /** A print line along a pipe, or what stands on a fitting. */
  print: 200,
  readings: 40,
  ownParts: 200,
  /** Parts of its own that a shop keeps. */
  shopParts: 2_000,
  /** Sheets of makers that a shop keeps, and lines of one. */
  sheets: 200,
  sheetRows: 300,
  sheetLines: 5_000,
  partsInPick: 6,
  /** A date as it stands on a hose or a regulator. */
  dated: 30,
  /** The dearest a part may be, in hundredths. */
  price: 100_000_000,
  opsPerChange: 80_000,
  /** Runs of a job that are told at a time. */
  runsAtOnce: 40,
  /** Runs that are begun in one job; a file may bring one that has more. */
  runsInJob: 500,
  jobsInFile: 2_000,
  /** The highest number a leg is given. */
  tag: 1_000_000,
  /** Bytes of a file that is brought in. */
  file: 32 * 1024 * 1024,
  /** Bytes of one change: the largest run, copied as one, is less. */
  change: 16 * 1024 * 1024,
  /** Bytes of all parts of a shop. */
  partsBody: 4 * 1024 * 1024,
  /** Bytes of any other request body. */
  body: 256 * 1024,
  /** Lists and objects of a JSON text within one another, and altogether for each megabyte it may have. */
  depth: 40,
  groupsPerMegabyte: 60_000,
} as const;

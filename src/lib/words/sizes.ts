/** The size of a file as a person reads it. */
export const sayFileSize = (bytes: number): string =>
  bytes < 1e6
    ? `${Math.max(1, Math.ceil(bytes / 1000))} kB`
    : `${(bytes / 1e6).toFixed(bytes < 1e7 ? 1 : 0)} MB`;

/** Bytes as a person reads them. */
export const sayMegabytes = (bytes: number): string =>
  bytes >= 1e9 ? `${(bytes / 1e9).toFixed(1)} GB` : `${bytes < 1e6 ? '<1' : Math.round(bytes / 1e6)} MB`;

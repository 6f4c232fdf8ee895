/** Bytes as a person reads them. */
export const sayMegabytes = (bytes: number): string =>
  bytes >= 1e9 ? `${(bytes / 1e9).toFixed(1)} GB` : `${bytes < 1e6 ? '<1' : Math.round(bytes / 1e6)} MB`;

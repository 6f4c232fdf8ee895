/** Parts are looked through on the device. */
export const ssr = false;

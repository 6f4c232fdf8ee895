/** This moment by the device's clock, as ISO 8601 in UTC. */
export const getNow = (): string => new Date().toISOString();

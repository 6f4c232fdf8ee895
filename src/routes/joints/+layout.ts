/** What is on this bench, and in which unit, is kept on the device: the server has nothing to draw. */
export const ssr = false;

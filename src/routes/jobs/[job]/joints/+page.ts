/** What is picked is judged and drawn on the device: the server has nothing to draw. */
export const ssr = false;

/** Rules are read and kept by the page: the server has nothing to draw. */
export const ssr = false;

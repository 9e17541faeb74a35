/** Headers by which the proxy passes on what a layout is not told of its address. */
export const ASKED_LOOK = 'x-rideau-look';
export const ASKED_PATH = 'x-rideau-path';

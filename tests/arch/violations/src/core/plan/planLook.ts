export type Plan = 1;
export const later = () => import('../../server/rooms');

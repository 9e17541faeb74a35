export const planHanging = 1;

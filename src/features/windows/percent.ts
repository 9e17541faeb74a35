/** A share as a whole percentage. */
export const percent = (share: number): string => `${Math.round(share * 100)}%`;

/** The cross-sections of classical belts: A is 1/2 in. wide at the top, B 21/32; X is notched inside and runs in the same groove. */
export const BELT_SECTIONS = ['A', 'AX', 'B', 'BX'] as const;
export type BeltSection = (typeof BELT_SECTIONS)[number];

/** The same size of belt: plain and notched run in the same groove. */
export const sameSize = (a: BeltSection, b: BeltSection) => a.charAt(0) === b.charAt(0);

/** Lengths beside each other, as a tape compares them: what differs by less than a millionth of a millimetre is the same. */
const DUST = 1e-6;

export const isBelow = (one: number, other: number): boolean => one < other - DUST;
export const isAbove = (one: number, other: number): boolean => one > other + DUST;
export const isAtLeast = (one: number, other: number): boolean => one >= other - DUST;
export const isAtMost = (one: number, other: number): boolean => one <= other + DUST;
export const isSame = (one: number, other: number): boolean => Math.abs(one - other) < DUST;

/** From a tangle on the hair is matted: the word of the scale, as `Grade::isMatted` has it. */
export const isMatted = (grade: number | null | undefined): boolean => (grade ?? 0) >= 2;

/** The address that rings a number as people write it: "+49 555 (0100)" is tel:+495550100. */
export function telephone(number: string): string {
  return `tel:${number.replace(/[^+\d]/g, '')}`;
}

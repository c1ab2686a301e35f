/** The shares of a section that are asked by name. */
export const shares = [
  { name: 'spot', share: 0.05 },
  { name: 'tenth', share: 0.1 },
  { name: 'fifth', share: 0.2 },
  { name: 'third', share: 0.3 },
  { name: 'half', share: 0.5 },
  { name: 'most', share: 0.8 },
] as const;

/** People and rules of the house. */
export const house = {
  roles: { owner: 'owner', groomer: 'groomer', apprentice: 'apprentice' },
  houseVersions: { first: 'Starting values', putBack: 'Version {version} put back' },
} as const;

/** Work that is divided among several visits. */
export const split = {
  offer: '{count} visits keep {keep} of the coat',
  visit: 'Visit {visit}: {minutes}, pulls {pulling} min',
  rest: 'the rest brushed',
  between: '{from} to {to} days apart; the comb goes through everything again at each; no bath before the last.',
  take: 'Divide it: today the first',
  title: 'Visit {visit} of {of}: no bath today',
  client: 'This is visit {visit} of {of}, the next one {from} to {to} days on. Left until then: {sections}. No bath before the last visit.',
  home: 'Until then at home: no water, no harness, no brushing on the places that are left.',
  handOver: 'Visit {visit} of {of}: no bath before the last.',
} as const;

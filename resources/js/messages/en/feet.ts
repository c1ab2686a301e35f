/** On its feet, lying, resting; and what is heard of it. */
export const feet = {
  label: 'On its feet',
  stands: 'On its feet {minutes} min, a rest after {limit}',
  due: 'A rest is due: {minutes} min on its feet, {limit} are enough. {rest} min down from the table.',
  standsShort: '{minutes} of {limit} min on its feet',
  dueShort: 'Rest due: {minutes} of {limit} min on its feet',
  ends: 'It has stood {minutes} min in this visit, the most the house asks. End here and make a second visit; a wet dog is dried first.',
  lies: 'Lying: its clock of standing stops',
  onItsBack: 'On its back: nothing that pulls. A mat found here is parked: from behind, standing.',
  resting: 'Resting for {time} of {minutes} min',
  rested: 'Rested for {time}. Up when it likes.',
  lieDown: 'Lies down',
  rest: 'Rest',
  postures: { stands: 'Stands', left_side: 'Left side', right_side: 'Right side', back: 'Back' },
  parkedNote: 'From behind, standing',
  liesAsked: 'Lies for the work?',
  standsAsked: 'Stands before a rest',
  standsHint: 'empty: by age and health, {minutes} min now',
} as const;

export const cues = {
  label: 'Sounds',
  off: 'Off',
  quiet: 'Quiet',
  loud: 'Loud',
  hint: 'Too long on one spot, a rest due, little left to bear.',
} as const;

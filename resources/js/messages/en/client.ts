/** The page that a client opens. */
export const client = {
  client: {
    tones: { combed: 'combs through', tangled: 'tangled', matted: 'matted' },
    wholeCoat: 'the whole coat',
    elsewhere: 'everywhere else',
    offers: {
      suggested: 'What we suggest',
      keep_coat: 'Keep as much coat as we can',
      balanced: 'A middle way',
      easiest: 'Easiest for {dog}',
      between: 'What we suggest',
    },
    pulling: {
      none: 'no pulling worth naming',
      some: 'some pulling, in pauses',
      much: 'a good deal of pulling, still within what we ask of a dog',
    },
    allowed: {
      never: 'Nothing is cut where it shows.',
      ask: 'Nothing is cut before you answer.',
      hidden: 'As you allowed on arrival, hidden places may be clipped without asking. Nothing that shows is cut before you answer.',
      any: 'As you allowed on arrival, we may clip wherever it is needed. We ask you all the same before we follow this plan.',
    },
    warnings: {
      ears_after_tight_mats: 'Tight mats come off the ears: blood returns to the tips, and head-shaking, swelling or bleeding may follow.',
      short_clip: 'A good part of what shows becomes short: warmth, shade and soft bedding for some days; the skin may flake.',
      clipped_double_coat: 'A clipped double coat may grow back unevenly, or for long not at all.',
      licking: 'A shaved armpit or groin may be licked sore.',
      softer_wire: 'A clipped wire coat grows back softer.',
    },
    before: 'Before you say yes',
    why: 'Why',
    cautions: [
      'Clipped skin wants warmth and shade and may flake. Mats hide the skin: we may find more under them, and then we call you.',
      'We groom; we give no veterinary advice. What looks sore, a vet looks at first.',
    ],
    readBack: {
      here: 'You agree to this:',
      phone: 'Read it back: {who} agrees to this:',
      agree: 'Yes, agreed',
      back: 'Back',
      elsewhere: 'Everywhere else: brushed and combed.',
      moved:
        'The plan has changed on another tablet since this was opened. What stands here stays as the client was shown it; look at the plan again afterwards.',
    },
    done: {
      yes: 'Thank you. We go ahead as you chose.',
      no: 'Thank you. We do nothing before we have spoken; we call you.',
      question: 'Thank you. We read it now and answer.',
      call: 'Thank you. We call you before we do anything.',
    },
  },
} as const;

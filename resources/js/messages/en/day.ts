/** The list of the day. */
export const day = {
  needs: {
    answer: 'Get the client’s answer',
    reply: 'Speak with the client',
    plan_from_here: 'Plan again from here',
    show_plan: 'Show the client the plan',
    decide: 'Decide the plan',
    hands_on_again: 'Hands on again',
    clear_for_bath: 'Clear for the bath',
    bath: 'To the bath',
    rinse_out: 'Rinse until nothing is left',
    dry: 'To the dryer',
    dry_to_the_skin: 'Dry to the skin?',
    second_comb_check: 'Second comb check',
    finish: 'Finish and sign',
    finish_inspection: 'Finish the inspection',
    inspection: 'Inspection, all 30 sections',
    table: 'To the table',
    bath_gate: 'Bath gate, if all passes',
    hand_over: 'Hand over',
    nothing: 'Gone home',
  },
  day: {
    fleas: 'Fleas: last, or a table of its own. Clean tools, table and tub after it.',
    lowSpace: 'The salon’s computer is running out of room. Tell the owner today: when its disk is full, nothing more can be saved.',
  },
} as const;

<?php

declare(strict_types=1);

/** Warum ein Feld eines Eintrags nicht gelesen werden kann. */
return [
    'needed' => '{field} wird gebraucht',
    'not_a_field' => '{field} ist kein Feld dieses Eintrags',
    'not_text' => '{field} muss Text sein',
    'too_long' => '{field} darf höchstens {most} Zeichen haben',
    'out_of_range' => '{field} muss eine Zahl von {least} bis {most} sein',
    'not_whole' => '{field} muss eine ganze Zahl sein',
    'not_yes_or_no' => '{field} muss wahr oder falsch sein',
    'not_a_list' => '{field} muss eine Liste sein',
    'list_too_long' => '{field} darf höchstens {most} Einträge haben',
    'not_an_object' => '{field} muss ein Objekt sein',
    'not_one_of' => '{field} muss eines von diesen sein: {known}',
    'no_treatment_by_section' => '{field} muss je Stelle eine Behandlung nennen',
    'no_lengths_by_section' => '{field} muss je Stelle eine Länge von 1 bis 500 mm nennen',
    'unknown_section' => '{field} nennt „{given}“, das ist keine der 30 Stellen',
    'unknown_treatment' => '{field} „{given}“ ist keine Behandlung: brush, demat, thin, leave oder clip:MM wie clip:6.3',
    'section_needed' => '{field} wird für diese Art Eintrag gebraucht',
    'section_not_for_this_kind' => '{field} gehört nicht zu dieser Art Eintrag',
    'as_the_rule_says' => '{field} ist schon, was die Regel ergibt',
    'not_strokes' => '{field} muss aus Strichen bestehen',
    'client_not_told' => '{field} muss wahr sein: sag es zuerst der Kundschaft',
    'not_a_kind' => '{field} ist keine Art Eintrag',
    'not_a_tablet' => '{field} muss die Kennung des Geräts sein',
    'not_an_id' => '{field} muss eine Kennung sein',
    'not_a_time' => '{field} muss eine Zeit sein wie 2026-06-09T09:15:00Z',
];

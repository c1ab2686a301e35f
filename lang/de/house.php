<?php

declare(strict_types=1);

return [
    'moved_on' => '{name} hat die Hausregeln inzwischen geändert. Sieh sie dir an, dann speichere deine noch einmal; was du getippt hast, steht noch hier.',
    'salon_moved_on' => '{name} hat das inzwischen geändert. Sieh es an und speichere deines noch einmal; was du getippt hast, steht noch da.',
    'salon_is_open' => 'Dieser Salon ist schon eingerichtet. Melde dich an, oder bitte die Inhaberin, dich einzutragen.',
    'wrong_key' => 'Dieser Schlüssel öffnet nichts. Nimm den, den der Rechner des Salons zuletzt gezeigt hat; bin/salon zeigt einen neuen.',
    'problems' => [
        'no_such_rule' => 'Das ist keine Hausregel.',
        'not_a_number' => 'Gib eine Zahl an.',
        'not_whole_cents' => 'Gib einen Betrag mit höchstens zwei Stellen nach dem Komma an.',
        'not_whole' => 'Gib eine ganze Zahl an.',
        'out_of_range' => 'Gib eine Zahl von {least} bis {most} {unit} an.',
        'not_yes_or_no' => 'Sag Ja oder Nein.',
        'not_a_choice' => 'Wähle eines der Angebotenen.',
        'not_lengths' => 'Gib Längen in mm an, etwa 3,2; 6,3; 9,5.',
        'not_tenths' => 'Gib Längen in ganzen Zehntelmillimetern an: 6,3 oder 6,4, nicht 6,35.',
        'too_many_lengths' => 'Gib höchstens 14 Längen an. Nimm heraus, was nie verwendet wird.',
        'length_twice' => 'Eine Länge steht hier zweimal. Nimm eine heraus.',
        'no_blade_to_plan_with' => 'Mindestens ein Scherkopf muss so lang sein wie der kürzeste, der geplant wird.',
        'route_incomplete' => 'Eure eigene Reihenfolge braucht alle 30 Stellen, jede einmal.',
        'most_under_least' => 'Das darf nicht unter dem kleinsten Wert daneben liegen.',
    ],
];

<?php

declare(strict_types=1);

return [
    'moved_on' => '{name} hat diesen Termin inzwischen geändert. Schau ihn an und mach deine Änderung dann noch einmal.',
    'client_acted' => 'Inzwischen ist eine Antwort gekommen. Schau sie an und mach deine Änderung dann noch einmal.',
    'id_is_taken' => 'Das wurde schon für einen anderen Termin gesendet. Fang neu an.',
    'dog_is_here' => 'Der Hund ist zu diesem Termin gekommen. Ändere es in seinem Besuch.',
    'not_open' => 'Dieser Termin ist vorbei. Gib ihm zuerst eine neue Zeit.',
    'no_time_yet' => 'Er hat noch keine Zeit. Gib ihm zuerst eine.',
    'not_time_yet' => 'Seine Zeit ist noch nicht gekommen. Sag ihn ab, wenn so Bescheid gegeben wurde.',
    'promise_is_far' => 'Das ist mehr als anderthalb Tage nach der Ankunft des Hundes. Versprich eine Zeit am selben Tag oder am nächsten.',
    'booked_then' => 'Dieser Hund ist für diese Zeit schon gebucht. Öffne jenen Termin, oder wähle eine andere Zeit.',
    'promise_before_start' => 'Die versprochene Zeit muss nach dem Kommen liegen.',
    'nothing_to_take_back' => 'Es gibt nichts zurückzunehmen: Danach kam noch etwas, oder es ist schon zurückgenommen.',
    'in_the_past' => 'Diese Zeit ist vorbei. Wähl eine, die noch kommt.',
    'far_ahead' => 'Wähl eine Zeit innerhalb eines Jahres.',
    'ends_first' => 'Das Ende muss nach dem Anfang liegen.',
    'roster_moved_on' => 'Die Zeiten wurden inzwischen anderswo geändert. Schau sie an und speichere deine dann noch einmal.',
];

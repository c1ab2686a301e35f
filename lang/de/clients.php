<?php

declare(strict_types=1);

return [
    'message' => '{salon}: was wir bei {dog} gefunden haben und was wir tun könnten. Bitte sehen Sie es an und antworten Sie, bevor wir etwas schneiden.',
    'next_day' => [
        'begins' => '{salon}: wie geht es {dog} heute?',
        'ears_after_tight_mats' => 'Bitte sehen Sie nach den Ohren: schüttelt {dog} den Kopf, oder ist eine Spitze geschwollen oder blutet sie, rufen Sie Ihren Tierarzt an.',
        'quiet_evening' => 'Gestern haben wir viel gebürstet: ist die Haut rot oder leckt {dog} immer wieder an einer Stelle, sagen Sie es uns, und rufen Sie Ihren Tierarzt an, wenn es sich ausbreitet.',
    ],
    'home_plan' => '{salon}: Ihr Plan für {dog} zu Hause, je {minutes} Minuten. Er öffnet sich ohne Konto; haken Sie ab, was gebürstet ist.',
    'appointment' => [
        'booked' => '{salon}: {dog} kann am {day} um {time} kommen.',
        'moved' => '{salon}: {dog} hat eine neue Zeit: {day}, {time}.',
        'cancelled' => '{salon}: Die Zeit für {dog} am {day} um {time} ist abgesagt.',
        'reminder' => '{salon}: {dog} kommt morgen, {day}, um {time}.',
        'fetch' => 'Bitte {dog} um {promised} abholen; wird es später, sagen wir Bescheid.',
        'before' => 'Bitte {dog} nicht über Knoten baden. Zieh einen Kamm von der Haut bis zur Spitze, hinter den Ohren und in den Achseln: Wo er stockt, sag es uns.',
    ],
    'already_yes' => 'Sie haben um {time} Ja gesagt. Möchten Sie etwas anderes, rufen Sie uns bitte an.',
    'already_no' => 'Sie haben um {time} Nein gesagt. Wir rufen Sie an.',
    'plan_moved_on' => 'Seit wir dies gesendet haben, haben wir etwas Neues gefunden. Sie bekommen eine neue Nachricht, oder wir rufen an.',
    'no_such_offer' => 'Bitte wählen Sie einen der Wege auf dieser Seite.',
    'link_over' => 'Diese Seite ist nicht mehr offen: der Link ist abgelaufen oder unvollständig. Bitte rufen Sie uns an.',
];

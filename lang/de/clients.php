<?php

declare(strict_types=1);

return [
    // Wörter in geschweiften Klammern werden eingesetzt; was in eckigen steht, entfällt, wo eines seiner Wörter fehlt.
    'texts' => [
        'booked' => '{salon}: {dog} kann am {day} um {time} kommen. [Bitte holen Sie {dog} um {promised} ab; wird es später, sagen wir Bescheid.] Bitte baden Sie {dog} nicht über Knoten. Ziehen Sie einen Kamm von der Haut bis zur Spitze, hinter den Ohren und in den Achseln: Wo er stockt, sagen Sie es uns. Bringen Sie Bürste und Kamm von zu Hause mit.',
        'moved' => '{salon}: {dog} hat eine neue Zeit: {day}, {time}. [Bitte holen Sie {dog} um {promised} ab; wird es später, sagen wir Bescheid.] Bitte baden Sie {dog} nicht über Knoten.',
        'cancelled' => '{salon}: Die Zeit für {dog} am {day} um {time} ist abgesagt.[ Für eine andere rufen Sie {phone} an.]',
        'reminder' => '{salon}: {dog} kommt morgen, {day}, um {time}. [Bitte holen Sie {dog} um {promised} ab.] Bitte baden Sie {dog} nicht über Knoten. Ziehen Sie einen Kamm von der Haut bis zur Spitze, hinter den Ohren und in den Achseln: Wo er stockt, sagen Sie es uns. Bringen Sie Bürste und Kamm von zu Hause mit.',
        'new_time' => '{salon}: Bitte holen Sie {dog} um {promised} ab.[ Passt das nicht, rufen Sie {phone} an.]',
        'ready' => '{salon}: {dog} ist fertig und wartet auf Sie.',
        'plan' => '{salon}: was wir bei {dog} gefunden haben und was wir tun könnten. Bitte sehen Sie es an und antworten Sie, bevor wir etwas schneiden.',
        'yes_noted' => '{salon}: auf diesem Telefon hatten Sie nein zu dem gesagt, was wir bei {dog} tun würden. Um {time} hat {who} bei uns ja dazu gesagt.[ Wenn das nicht stimmt, rufen Sie bitte sofort {phone} an.]',
        'home_plan' => '{salon}: Ihr Plan für {dog} zu Hause, je {minutes} Minuten. Er öffnet sich ohne Konto; haken Sie ab, was gebürstet ist.',
        'record' => '{salon}: das Protokoll des Besuchs von {dog} am {day}, mit dem, was wir gefunden und getan haben. Es öffnet sich ohne Konto und bleibt einen Monat offen.',
        'next_day' => '{salon}: Wie geht es {dog} heute? {advice}',
    ],
    'next_day' => [
        'ears_after_tight_mats' => 'Bitte sehen Sie nach den Ohren: schüttelt {dog} den Kopf, oder ist eine Spitze geschwollen oder blutet sie, rufen Sie Ihren Tierarzt an.',
        'quiet_evening' => 'Gestern haben wir viel gebürstet: ist die Haut rot oder leckt {dog} immer wieder an einer Stelle, sagen Sie es uns, und rufen Sie Ihren Tierarzt an, wenn es sich ausbreitet.',
    ],
    'services' => [
        'full_groom' => 'komplette Pflege',
        'bath_and_brush' => 'Baden und Bürsten',
        'nails_and_tidy' => 'Krallen und Ordnen',
    ],
    'day_format' => 'dddd, D. MMMM',
    'calendar' => 'Versprochen um {promised}.',
    'already_yes' => 'Sie haben um {time} Ja gesagt. Möchten Sie etwas anderes, rufen Sie uns bitte an.',
    'already_no' => 'Sie haben um {time} Nein gesagt. Wir rufen Sie an.',
    'plan_moved_on' => 'Seit wir dies gesendet haben, haben wir etwas Neues gefunden. Sie bekommen eine neue Nachricht, oder wir rufen an.',
    'no_such_offer' => 'Bitte wählen Sie einen der Wege auf dieser Seite.',
    'link_over' => 'Diese Seite ist nicht mehr offen: der Link ist abgelaufen oder unvollständig. Bitte rufen Sie uns an.',
];

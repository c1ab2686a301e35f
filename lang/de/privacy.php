<?php

declare(strict_types=1);

return [
    'here' => '{dog} ist gerade hier. Vergessen lässt sich die Kundschaft, wenn der Hund heimgegangen ist.',
    'booked' => '{dog} hat einen Termin oder wartet auf einen. Diesen zuerst absagen.',
    'erased' => 'Vergessene Kundschaft {number}',
    'photo_reason' => 'Die Kundschaft bat, vergessen zu werden.',
    'photo_too_old' => 'Älter als die {months} Monate, die Fotos aufgehoben werden.',
    'export_readme' => "Was {salon} über Sie und Ihre Hunde aufhebt, geschrieben am {day}.\r\n\r\nclient.json: Name, Telefon, Mailadresse, Sprache und ob Fotos erlaubt sind, um Sie zu erreichen und zu schreiben, wie Sie es wünschen; Nachrichten, die wir gesendet haben; Termine und was darüber vereinbart wurde; Pläne, die Ihnen per Link gezeigt wurden.\r\ndossiers: für jeden Hund seine Karte, jeder Besuch, wie er aufgezeichnet wurde, und die Fotos: damit die Arbeit sicher ist und eine Frage Monate später beantwortet werden kann.\r\n\r\nSie dürfen Berichtigungen verlangen, und vergessen zu werden: dann geht alles, was Sie nennt, und was an einem Hund gefunden und getan wurde, bleibt ohne Sie.\r\n",
];

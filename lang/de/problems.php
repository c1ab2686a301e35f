<?php

declare(strict_types=1);

return [
    'invalid' => 'Einiges davon kann nicht verwendet werden. Sieh dir die markierten Felder an; was du getippt hast, ist nicht verloren.',
    'signed_out' => 'Du bist abgemeldet. Melde dich wieder an; was du eingegeben hast, bleibt auf diesem Gerät.',
    'needs_owner' => 'Das ist Sache der Salonleitung. Bitte sie, es zu tun oder sich hier anzumelden.',
    'needs_chain_owner' => 'Nur wem alle Salons dieser Installation gehören, kann sie vergleichen.',
    'not_found' => 'Unter dieser Adresse ist nichts. Vielleicht ist sie falsch getippt.',
    'already_here' => '{dog} ist vom letzten Besuch noch nicht heimgegangen. Öffne diesen Besuch, oder beende ihn zuerst.',
    'visit_id_taken' => 'Diese Ankunft nennt den Besuch eines anderen Hundes. Lade die Seite neu und nimm den Hund noch einmal auf.',
    'mark_id_taken' => 'Diese Ankunft kam mit einer Kennung, die schon vergeben ist. Lade die Seite neu und nimm den Hund noch einmal auf.',
    'arrived_long_ago' => 'Diese Ankunft ist mehr als 30 Tage alt. Prüfe die Uhr dieses Geräts, dann nimm den Hund noch einmal auf.',
    'promised_when' => 'Die versprochene Zeit muss nach der Ankunft und binnen einer Woche liegen. Wähle sie noch einmal.',
    'conflict' => 'Das hat sich inzwischen geändert. Sieh noch einmal nach, bevor du weitermachst.',
    'too_large' => 'Das ist zu groß zum Senden.',
    'no_number' => 'Eine Zahl darin ist zu groß, um eine zu sein. Sieh nach, was du eingegeben hast, und sende es noch einmal.',
    'hidden_characters' => 'Darin sind Zeichen, die niemand sieht, etwa nach dem Einfügen von anderswo. Tipp es neu und sende es noch einmal.',
    'two_alphabets' => '„{word}“ mischt Buchstaben zweier Alphabete, die gleich aussehen, etwa nach dem Einfügen von anderswo. Tipp es neu.',
    'unreadable' => 'Das konnte nicht gelesen werden. Lade die Seite neu und versuch es noch einmal; was du eingegeben hast, bleibt auf diesem Gerät.',
    'not_json' => 'Sende dies als JSON.',
    'closed' => 'Die Daten des Salons werden gerade kopiert oder zurückgelegt. In einigen Minuten geht es weiter; was du eingegeben hast, ist auf diesem Gerät.',
    'busy' => 'Viele schreiben gleichzeitig. Versuch es gleich noch einmal; was du eingegeben hast, bleibt auf diesem Gerät.',
    'disk_full' => 'Der Rechner des Salons kann nichts mehr speichern: seine Platte ist voll oder gesperrt. Was gespeichert ist, ist sicher und lesbar. Schaff Platz, dann versuch es noch einmal.',
    'record_not_sent' => '{dog} ist noch hier. Das Protokoll geht hinaus, wenn der Hund heimgegangen ist: dann ist es vollständig.',
    'session_expired' => 'Die Seite war lange offen. Lade sie neu; was du eingegeben hast, bleibt auf diesem Gerät.',
    'password_again' => 'Bevor das geschieht, wird noch einmal nach deinem Passwort gefragt. In den letzten zehn Minuten wurde es nicht eingegeben.',
    'too_many' => 'Zu viele Versuche. Warte eine Minute, dann versuch es noch einmal.',
    'failed' => 'Hier ist etwas schiefgegangen, nicht bei dir. Was gespeichert ist, ist sicher; versuch es noch einmal.',
];

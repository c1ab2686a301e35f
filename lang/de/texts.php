<?php

declare(strict_types=1);

return [
    'empty' => 'Schreib, was die Kunden lesen sollen.',
    'too_long' => 'Höchstens {most} Zeichen: So viel zeigt ein Telefon auf einmal.',
    'unknown_word' => '„{word}“ wird hier nicht eingesetzt. Wähle eines der Wörter unter dem Text.',
    'word_needed' => 'Der Text muss „{word}“ außerhalb eckiger Klammern nennen, sonst fehlt es den Kunden.',
    'unbalanced' => 'Eine Klammer ist offen oder zu, der die andere Seite fehlt. Klammern stehen nicht in Klammern.',
    'test' => 'Eine Testnachricht von {salon}. Wer sie liest, weiß: Nachrichten kommen an.',
    'not_sent' => [
        'no_address' => 'Es gibt keine Adresse.',
        'no_way' => 'Der Mailserver nimmt sie nicht an. Prüf Adresse, Port und Passwort, dann versuch es noch einmal.',
        'no_sender' => 'Es ist kein Weg zur Kundschaft eingerichtet: Nachrichten werden von Hand weitergegeben. Bitte die Person, die den Rechner betreut, Mail einzurichten.',
    ],
    'sample_client' => 'Ottilie Vane',
    'sample_dog' => 'Sable',
    'moved_on' => '{name} hat diesen Text inzwischen geändert. Sieh ihn an und schreib deinen noch einmal.',
];

<?php

declare(strict_types=1);

namespace App\Transfer\Import;

/** What a column of a table may hold, with how others call it: words of a heading, without accents, the commonest first. */
enum Field: string
{
    case Client = 'client';
    case FirstName = 'first_name';
    case Phone = 'phone';
    case Email = 'email';
    case Language = 'language';
    case Dog = 'dog';
    case Breed = 'breed';
    case Sex = 'sex';
    case Neutered = 'neutered';
    case Entire = 'entire';
    case BornOn = 'born_on';
    case Age = 'age';
    case Coat = 'coat';
    case CoatLength = 'coat_length';
    case Weight = 'weight';
    case Mind = 'mind';

    /** Headings that say nothing about what stands under them. */
    public const PLAIN_NOTES = [
        'note', 'notes', 'remark', 'remarks', 'comment', 'comments', 'bemerkung', 'bemerkungen', 'notiz', 'notizen', 'hinweis', 'achtung',
    ];

    /** Several columns may hold it. */
    public function mayRepeat(): bool
    {
        return $this === self::Mind;
    }

    /** @return list<string> */
    public function headings(): array
    {
        return match ($this) {
            self::Client => [
                'owner', 'client', 'customer', 'last name', 'surname', 'family name', 'contact',
                'halter', 'kunde', 'kundin', 'besitzer', 'nachname', 'familienname',
            ],
            self::FirstName => ['first name', 'given name', 'forename', 'vorname'],
            self::Phone => ['phone', 'telephone', 'mobile', 'cell', 'tel', 'telefon', 'handy', 'mobil', 'rufnummer'],
            self::Email => ['email', 'e mail', 'mail'],
            self::Language => ['language', 'sprache'],
            self::Dog => ['dog', 'pet', 'dog name', 'pet name', 'animal', 'hund', 'hundename', 'tier', 'tiername', 'rufname'],
            self::Breed => ['breed', 'race', 'rasse'],
            self::Sex => ['sex', 'gender', 'geschlecht'],
            self::Neutered => ['neutered', 'spayed', 'castrated', 'fixed', 'kastriert', 'sterilisiert'],
            self::Entire => ['entire', 'intact', 'intakt', 'unkastriert'],
            self::BornOn => ['born', 'date of birth', 'birth', 'birthday', 'dob', 'geburtsdatum', 'geburtstag', 'geboren', 'wurfdatum'],
            self::Age => ['age', 'alter', 'years'],
            self::Coat => ['coat', 'coat type', 'hair', 'fell', 'felltyp', 'fellart'],
            self::CoatLength => ['coat length', 'hair length', 'felllange', 'haarlange'],
            self::Weight => ['weight', 'kg', 'lb', 'lbs', 'gewicht'],
            self::Mind => [
                'note', 'notes', 'remark', 'remarks', 'comment', 'comments', 'alert', 'behaviour', 'behavior',
                'temperament', 'health', 'medical', 'medication', 'illness', 'allergy', 'allergies', 'warning', 'bites', 'muzzle',
                'bemerkung', 'bemerkungen', 'notiz', 'notizen', 'hinweis', 'achtung', 'verhalten', 'wesen', 'charakter', 'gesundheit',
                'krankheit', 'krankheiten', 'medikamente', 'allergie', 'allergien', 'warnung', 'beisst', 'maulkorb', 'besonderheiten',
            ],
        };
    }
}

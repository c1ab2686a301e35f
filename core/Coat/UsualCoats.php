<?php

declare(strict_types=1);

namespace HoundCheck\Core\Coat;

/** The coat that dogs of a breed usually have: proposed on the card, never taken for granted. Names of breeds are words. */
final readonly class UsualCoats
{
    private const BREEDS = [
        'silky' => [
            'maltese', 'lhasa_apso', 'tibetan_terrier', 'afghan_hound', 'cocker_spaniel', 'english_setter', 'irish_setter',
            'gordon_setter', 'springer_spaniel', 'papillon', 'lowchen', 'coton_de_tulear', 'biewer_terrier',
        ],
        'curly' => [
            'poodle', 'bichon_frise', 'lagotto', 'barbet', 'portuguese_water_dog', 'spanish_water_dog', 'irish_water_spaniel',
            'curly_coated_retriever', 'bedlington_terrier', 'kerry_blue_terrier', 'puli',
        ],
        'double' => [
            'samoyed', 'keeshond', 'chow_chow', 'siberian_husky', 'alaskan_malamute', 'akita', 'shiba', 'eurasier', 'golden_retriever',
            'labrador_retriever', 'rough_collie', 'shetland_sheepdog', 'border_collie', 'australian_shepherd', 'bearded_collie',
            'old_english_sheepdog', 'german_shepherd', 'newfoundland', 'leonberger', 'bernese_mountain_dog', 'pyrenean_mountain_dog',
            'hovawart',
        ],
        'wire' => [
            'wire_haired_dachshund', 'border_terrier', 'airedale', 'schnauzer', 'fox_terrier', 'west_highland_terrier', 'cairn_terrier',
            'norwich_terrier', 'irish_terrier', 'scottish_terrier', 'jack_russell_rough', 'irish_wolfhound',
            'german_wirehaired_pointer',
        ],
        'smooth' => [
            'boxer', 'whippet', 'greyhound', 'pug', 'french_bulldog', 'english_bulldog', 'beagle', 'dalmatian', 'dobermann', 'vizsla',
            'weimaraner', 'great_dane', 'boston_terrier', 'smooth_dachshund', 'smooth_pointer', 'rhodesian_ridgeback',
            'chihuahua_smooth',
        ],
        'mixed' => [
            'cross', 'poodle_cross', 'spaniel_cross', 'terrier_cross', 'shepherd_cross', 'curly_cross',
        ],
    ];

    /** Spitz types, with a stand-off coat. */
    private const PRIMITIVE = ['samoyed', 'keeshond', 'chow_chow', 'siberian_husky', 'alaskan_malamute', 'akita', 'shiba', 'eurasier'];

    /** @return list<array{breed: string, coat: CoatType, primitive: bool}> breeds by their codes */
    public static function all(): array
    {
        $table = [];
        foreach (self::BREEDS as $coat => $breeds) {
            foreach ($breeds as $breed) {
                $table[] = ['breed' => $breed, 'coat' => CoatType::from($coat), 'primitive' => in_array($breed, self::PRIMITIVE, true)];
            }
        }

        return $table;
    }
}

<?php

declare(strict_types=1);

namespace App\Transfer\Import;

use HoundCheck\Core\Dog\HealthFact;
use HoundCheck\Core\Dog\Temperament;

/** Words in what others wrote about a dog that warn, in the languages that tables come in. They propose, and somebody answers. */
final class WarningWords
{
    private const TEMPERAMENT = [
        'mouthy' => 'bit(e|es|er|ten|ing)|snaps?|snapp(y|ed|ing)|muzzled?|aggressive|beißt|beisst|biss(ig)?|gebissen|schnapp\w*|zwickt|maulkorb|aggressiv\w*',
        'anxious' => 'afraid|fear\w*|nervous|anxious|scared|timid|ängstlich\w*|angst|nervös\w*|unsicher\w*|scheu',
    ];

    private const HEALTH = [
        'joint_pain' => 'arthr\w*|joints?|hips?|dysplas\w*|gelenk\w*|hüft\w*|hd',
        'heart_or_airway' => 'heart\w*|cardiac|murmur|cough\w*|airways?|asthma|trachea\w*|herz\w*|husten|hustet|atemweg\w*|luftröhre\w*',
        'skin_allergy' => 'allerg\w*|itch\w*|atop\w*|juck\w*|hautallerg\w*',
        'recent_surgery' => 'surgery|operated|stitches|operation|operiert|op|genäht',
        'seizures' => 'epilep\w*|seizures?|fits|anfall|anfälle|krampf\w*|krämpfe',
        'diabetes' => 'diabet\w*|insulin|zuckerkrank\w*',
        'food_allergy' => 'food allerg\w*|food intoleran\w*|futter\w*allerg\w*|futter\w*unverträglich\w*|no treats|keine leckerli\w*',
        'blood_thinner' => 'blood thinn\w*|anticoagul\w*|blutverdünn\w*|gerinnungs\w*',
        'blind' => 'blind\w*|erblindet|sieht (nichts|schlecht)|cannot see',
        'deaf' => 'deaf\w*|taub\w*|hört (nichts|schlecht)|cannot hear',
        'pregnant_or_nursing' => 'pregnan\w*|nursing|lactat\w*|trächtig\w*|säugt|säugend\w*',
    ];

    /** @return Temperament|null the most wary one that the words speak of */
    public static function temperament(string $text): ?Temperament
    {
        foreach (self::TEMPERAMENT as $temperament => $words) {
            if (self::says($text, $words)) {
                return Temperament::from($temperament);
            }
        }

        return null;
    }

    /** @return list<HealthFact> */
    public static function health(string $text): array
    {
        $found = array_keys(array_filter(self::HEALTH, fn(string $words): bool => self::says($text, $words)));

        return array_map(HealthFact::from(...), $found);
    }

    private static function says(string $text, string $words): bool
    {
        return preg_match("/(?<![\\p{L}\\d])({$words})(?![\\p{L}\\d])/iu", $text) === 1;
    }
}

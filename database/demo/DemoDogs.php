<?php

declare(strict_types=1);

namespace Database\Demo;

/** The people and dogs of the demo world. All invented. */
final class DemoDogs
{
    /** @return array<string, array{role: string, password: string}> by name */
    public static function staff(): array
    {
        return [
            'Imke' => ['role' => 'owner', 'password' => 'low-tide-comb'],
            'Rosalind' => ['role' => 'groomer', 'password' => 'north-pier-brush'],
            'Teo' => ['role' => 'apprentice', 'password' => 'small-gull-towel'],
        ];
    }

    /** @return array<string, array<string, mixed>> dogs by name; `client` and `phone` are the client's, `months` the age */
    public static function dogs(): array
    {
        return [
            'Moss' => ['client' => 'Aurelio Fennimore', 'phone' => '0555 0142', 'breed' => 'Bearded Collie', 'sex' => 'male', 'months' => 62, 'coat' => 'double', 'coatMm' => 110, 'weightKg' => 23.5, 'temperament' => 'easy', 'mind' => 'Dislikes the dryer near its face'],
            'Fen' => ['client' => 'Birgit Overwater', 'phone' => '0555 0177', 'breed' => 'Lagotto', 'sex' => 'female', 'entire' => true, 'months' => 9, 'coat' => 'curly', 'coatMm' => 45, 'weightKg' => 11.2, 'temperament' => 'wriggly', 'mind' => 'Coat change. Short sessions, praise'],
            'Halla' => ['client' => 'Tormod Aske', 'phone' => '0555 0119', 'breed' => 'Samoyed', 'sex' => 'female', 'months' => 38, 'coat' => 'double', 'primitive' => true, 'coatMm' => 75, 'weightKg' => 21.0, 'temperament' => 'settled', 'mind' => 'Sings when bored'],
            'Oriel' => ['client' => 'Philippa Sandlake', 'phone' => '0555 0108', 'breed' => 'Coton de Tuléar', 'sex' => 'female', 'months' => 156, 'coat' => 'silky', 'coatMm' => 55, 'weightKg' => 5.4, 'temperament' => 'easy', 'health' => ['joint_pain'], 'mind' => 'Bad hips: stands 20 min at most, never lift the head quickly'],
            'Bosun' => ['client' => 'Kaspar Wrenfield', 'phone' => '0555 0163', 'breed' => 'Portuguese Water Dog', 'sex' => 'male', 'entire' => true, 'months' => 50, 'coat' => 'curly', 'coatMm' => 25, 'weightKg' => 22.0, 'temperament' => 'settled', 'mind' => null],
            'Rook' => ['client' => 'Jonas Pereira', 'phone' => '0555 0126', 'breed' => 'Spaniel cross', 'sex' => 'male', 'months' => 99, 'coat' => 'silky', 'coatMm' => 50, 'weightKg' => 14.3, 'temperament' => 'anxious', 'mind' => 'Head-shy: show him the comb first'],
            'Dulse' => ['client' => 'Hester Lindqvist', 'phone' => '0555 0131', 'breed' => 'Irish Water Spaniel', 'sex' => 'female', 'months' => 52, 'coat' => 'curly', 'coatMm' => 60, 'sectionMm' => ['muzzle' => 12, 'tail' => 18, 'forefoot_l' => 35, 'forefoot_r' => 35, 'hindfoot_l' => 35, 'hindfoot_r' => 35], 'weightKg' => 24.0, 'temperament' => 'wriggly', 'mind' => 'Tucks up when pulled · ticklish feet'],
            'Tolly' => ['client' => 'Edda Brandt', 'phone' => '0555 0150', 'breed' => 'Wire-haired dachshund', 'sex' => 'male', 'months' => 74, 'coat' => 'wire', 'coatMm' => 30, 'weightKg' => 9.1, 'temperament' => 'mouthy', 'mind' => 'Mouths when its feet are held'],
            'Marlow' => ['client' => 'Gwendolin Ferrar', 'phone' => '0555 0112', 'breed' => 'Barbet', 'sex' => 'male', 'months' => 67, 'coat' => 'curly', 'coatMm' => 55, 'weightKg' => 19.4, 'temperament' => 'easy', 'mind' => 'Drinks from the hose'],
            'Isolde' => ['client' => 'Severine Halloway-Kirkbride', 'phone' => '0555 0195', 'breed' => 'Maltese, shown', 'sex' => 'female', 'entire' => true, 'months' => 41, 'coat' => 'silky', 'coatMm' => 210, 'weightKg' => 3.2, 'temperament' => 'settled', 'mind' => 'Full coat: pin brush only, never dry'],
            'Bertram' => ['client' => 'Alwin Thornquist', 'phone' => '0555 0168', 'breed' => 'Leonberger', 'sex' => 'male', 'months' => 110, 'coat' => 'double', 'coatMm' => 85, 'weightKg' => 58.0, 'temperament' => 'easy', 'health' => ['joint_pain'], 'mind' => 'Stiff behind: let it lie down, two people to lift'],
            'Pumice' => ['client' => 'Ragnhild Tavener', 'phone' => '0555 0173', 'breed' => 'Pug', 'sex' => 'female', 'months' => 54, 'coat' => 'smooth', 'coatMm' => 12, 'weightKg' => 8.2, 'temperament' => 'easy', 'health' => ['short_nosed'], 'mind' => 'Snores when hot: cool air, breaks'],
            'Quill' => ['client' => 'Ottoline Marsh', 'phone' => '0555 0184', 'breed' => 'Whippet', 'sex' => 'male', 'months' => 29, 'coat' => 'smooth', 'coatMm' => 8, 'weightKg' => 13.6, 'temperament' => 'anxious', 'mind' => 'Thin skin: rubber brush, no pressure'],
        ];
    }

    /** @return array<string, array<string, string>> what the comb finds on a dog, in shorthand; sections not named are clear */
    public static function combResults(): array
    {
        return [
            'Moss' => [
                'breeches_l' => '4/0.4/3.5', 'breeches_r' => '3/0.3/5', 'belly' => '4/0.5/2', 'hindleg_l' => '3/0.2/7', 'hindleg_r' => '3/0.2/7',
                'hindfoot_l' => '2/0.2', 'hindfoot_r' => '3/0.3/4', 'foreleg_l' => '2/0.1', 'foreleg_r' => '3/0.15/7', 'armpit_l' => '4/0.5/2',
                'armpit_r' => '2/0.2', 'chest' => '3/0.2/10', 'tuckup_l' => '2/0.2', 'tuckup_r' => '3/0.3/4', 'tail' => '3/0.2/7', 'ear_l' => '2/0.1',
                'behind_ear_l' => '3/0.3/4', 'behind_ear_r' => '2/0.2', 'neck' => '1', 'side_l' => '1', 'side_r' => '2/0.05', 'shoulder_r' => '1', 'muzzle' => '2/0.1',
            ],
            'Rook' => [
                'ear_l' => '5/0.8/1.6', 'ear_r' => '5/0.9/1.6', 'behind_ear_l' => '4/0.6/2', 'behind_ear_r' => '4/0.4/3.5', 'armpit_l' => '3/0.2/5',
                'breeches_l' => '2/0.1', 'breeches_r' => '2/0.1', 'hindfoot_l' => '1', 'hindfoot_r' => '1', 'chest' => '1', 'tail' => '2/0.1',
            ],
            'Dulse' => [
                'crown' => '1', 'ear_l' => '2/0.1', 'ear_r' => '1', 'behind_ear_l' => '4/0.4/3.5', 'behind_ear_r' => '3/0.3/5', 'neck' => '1',
                'chest' => '3/0.15/7', 'shoulder_l' => '1', 'armpit_l' => '4/0.4/3.5', 'armpit_r' => '3/0.3/4', 'foreleg_l' => '2/0.1', 'foreleg_r' => '2/0.1',
                'forefoot_l' => '1', 'belly' => '3/0.2/7', 'tuckup_l' => '3/0.2/5', 'tuckup_r' => '2/0.1', 'groin' => '2/0.2',
                'breeches_l' => '3/0.15/7', 'breeches_r' => '2/0.1', 'hindleg_l' => '3/0.1/10', 'hindleg_r' => '2/0.1', 'hindfoot_l' => '1', 'hindfoot_r' => '1',
            ],
            'Oriel' => ['behind_ear_l' => '2/0.2', 'behind_ear_r' => '2/0.1', 'breeches_l' => '2/0.05', 'armpit_r' => '3/0.2/4', 'hindfoot_l' => '1', 'belly' => '1', 'tail' => '1'],
            'Tolly' => ['muzzle' => '1', 'armpit_l' => '2/0.1', 'hindfoot_r' => '1'],
            'Fen' => ['breeches_l' => '2/0.1', 'breeches_r' => '2/0.1', 'ear_l' => '1', 'ear_r' => '1', 'armpit_l' => '2/0.2'],
            'Bertram' => [
                'breeches_l' => '3/0.05/3.5', 'breeches_r' => '3/0.05/3.5', 'hindleg_l' => '3/0.07/3.5', 'hindleg_r' => '3/0.07/3.5',
                'tail' => '3/0.3/3.5', 'behind_ear_l' => '3/0.3/3.5', 'chest' => '2/0.2', 'foreleg_l' => '2/0.2',
            ],
            'Pumice' => [],
            'Halla' => ['side_l' => 'packed', 'side_r' => 'packed', 'back' => 'packed', 'breeches_l' => '2/0.05', 'breeches_r' => 'packed', 'hindleg_l' => 'packed', 'hindleg_r' => 'packed', 'behind_ear_l' => '1', 'tail' => '1'],
            'Marlow' => ['breeches_r' => '2/0.1', 'behind_ear_l' => '2/0.2', 'armpit_l' => '3/0.2/5', 'ear_l' => '1', 'tail' => '1'],
            'Isolde' => ['armpit_l' => '1', 'behind_ear_r' => '1'],
            'Bosun' => ['armpit_r' => '1'],
            'Quill' => [],
        ];
    }

    /** @return array<string, array<string, mixed>> what the client says on arrival */
    public static function arrivals(): array
    {
        return [
            'Moss' => ['wishes' => 'Keep it long; the mud was not the dog’s fault', 'consent' => 'hidden', 'daysSinceCombOut' => 61, 'daysSinceBath' => 33, 'washedOverKnots' => true, 'gear' => ['harness'], 'homeBrushing' => 'top_only', 'slotMinutes' => 120, 'gearOff' => true],
            'Rook' => ['wishes' => 'Ears as long as possible', 'consent' => 'ask', 'feeLimitCents' => 9000, 'daysSinceCombOut' => 120, 'daysSinceBath' => 14, 'washedOverKnots' => true, 'gear' => ['collar'], 'homeBrushing' => 'none', 'homeTool' => 'none', 'homeComb' => false, 'slotMinutes' => 90, 'gearOff' => true],
            'Dulse' => ['wishes' => 'Legs long, body a little shorter is fine', 'wantedMm' => 60, 'consent' => 'hidden', 'feeLimitCents' => 8500, 'daysSinceCombOut' => 47, 'daysSinceBath' => 20, 'washedOverKnots' => false, 'gear' => ['collar', 'harness'], 'homeBrushing' => 'top_only', 'homeTool' => 'ball_tipped', 'homeComb' => false, 'slotMinutes' => 120, 'gearOff' => true],
            'Oriel' => ['wishes' => 'Comfortable. Short is fine', 'consent' => 'any', 'daysSinceCombOut' => 30, 'daysSinceBath' => 30, 'washedOverKnots' => false, 'gear' => [], 'homeBrushing' => 'weekly', 'slotMinutes' => 60, 'gearOff' => true],
            'Tolly' => ['wishes' => 'Hand-stripped as always, tidy beard', 'consent' => 'any', 'daysSinceCombOut' => 42, 'daysSinceBath' => 42, 'washedOverKnots' => false, 'gear' => ['harness'], 'homeBrushing' => 'weekly', 'slotMinutes' => 60, 'gearOff' => true],
            'Fen' => ['wishes' => 'First proper groom', 'consent' => 'ask', 'firstGroom' => true, 'daysSinceBath' => 9, 'washedOverKnots' => true, 'gear' => ['harness'], 'homeBrushing' => 'top_only', 'slotMinutes' => 90],
            'Marlow' => ['wishes' => 'Curls, no fluff', 'consent' => 'any', 'daysSinceCombOut' => 33, 'daysSinceBath' => 33, 'washedOverKnots' => false, 'gear' => ['collar'], 'homeBrushing' => 'weekly', 'slotMinutes' => 90, 'gearOff' => true],
            'Bertram' => ['wishes' => 'Not one hair shorter', 'consent' => 'never', 'daysSinceCombOut' => 95, 'daysSinceBath' => 95, 'washedOverKnots' => false, 'gear' => ['harness'], 'homeBrushing' => 'top_only', 'slotMinutes' => 90, 'gearOff' => true, 'liesDown' => true],
            'Pumice' => ['wishes' => 'Wash, and the loose hair out', 'consent' => 'any', 'moult' => true, 'daysSinceCombOut' => 20, 'daysSinceBath' => 60, 'washedOverKnots' => false, 'gear' => ['harness'], 'homeBrushing' => 'weekly', 'slotMinutes' => 45, 'gearOff' => true, 'coatState' => 'grubby'],
            'Quill' => ['wishes' => 'Clean, nails short', 'consent' => 'any', 'daysSinceCombOut' => 30, 'daysSinceBath' => 30, 'washedOverKnots' => false, 'gear' => ['coat'], 'homeBrushing' => 'weekly', 'slotMinutes' => 45, 'gearOff' => true],
            'Halla' => ['wishes' => 'Get the loose coat out, please', 'consent' => 'ask', 'moult' => true, 'daysSinceCombOut' => 28, 'daysSinceBath' => 28, 'washedOverKnots' => false, 'gear' => ['collar'], 'homeBrushing' => 'weekly', 'slotMinutes' => 120],
        ];
    }
}

<?php

declare(strict_types=1);

namespace Database\Demo;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Dog\HomeBrushing;
use Random\Randomizer;

/** The salon's other dogs and clients, as many as two years bring. All invented. */
final class DemoKennel
{
    private const NAMES = [
        'Amber', 'Birk', 'Brisk', 'Calla', 'Capper', 'Cinder', 'Cobb', 'Corrie', 'Dabney', 'Dorrit', 'Eider', 'Elowen', 'Fathom', 'Fennel', 'Fitch', 'Flint', 'Gannet', 'Garnet',
        'Ginger', 'Gorse', 'Greta', 'Hale', 'Hazel', 'Heron', 'Holt', 'Ida', 'Ilka', 'Jasper', 'Juniper', 'Kelp', 'Kestrel', 'Lark', 'Linnet', 'Loach', 'Lumen', 'Mabel', 'Mallow',
        'Marram', 'Minnow', 'Mistral', 'Muscat', 'Nettle', 'Nib', 'Odo', 'Olive', 'Osier', 'Otto', 'Pebble', 'Perrin', 'Petrel', 'Pim', 'Plover', 'Puck', 'Quince', 'Rhoda', 'Ripple',
        'Rowan', 'Rumble', 'Saffron', 'Samphire', 'Scout', 'Sedge', 'Shale', 'Skiff', 'Sorrel', 'Spindle', 'Sprat', 'Tamsin', 'Tansy', 'Teasel', 'Thrift', 'Tern', 'Thimble', 'Tuppence',
        'Umber', 'Vesper', 'Wicket', 'Willow', 'Winnow', 'Wren', 'Yarrow', 'Zephyr', 'Bramble', 'Clover', 'Dulcie', 'Ember', 'Figgy', 'Gale', 'Harbour', 'Islay', 'Jetty', 'Kipper',
        'Lantern', 'Merle', 'Nutmeg', 'Oakum', 'Pippin', 'Quay', 'Rudder', 'Shingle', 'Tiller', 'Ulla', 'Vane', 'Whelk', 'Yewan', 'Zinnia', 'Bosco', 'Cricket', 'Dapple', 'Esker', 'Floss',
    ];

    private const FIRST = ['Agnes', 'Bertram', 'Cecily', 'Dorian', 'Edith', 'Fergus', 'Gwen', 'Harriet', 'Ivo', 'Jocasta', 'Kit', 'Leander', 'Maud', 'Nell', 'Orson', 'Prudence', 'Ralf', 'Sabine', 'Tobias', 'Ursel', 'Viola', 'Wilf', 'Yvette'];

    private const LAST = ['Ashdown', 'Breakwater', 'Cobbold', 'Drifter', 'Eastholm', 'Fairweather', 'Groyne', 'Harbottle', 'Ingleside', 'Jarrold', 'Keelson', 'Longshore', 'Mudge', 'Netherby', 'Oarsman', 'Pettifer', 'Quayle', 'Rockpool', 'Saltmarsh', 'Tideway', 'Underhill', 'Wetherby'];

    /** Breed, coat, length in mm, least and most kg. */
    private const BREEDS = [
        ['Standard schnauzer', CoatType::Wire, 30, 12, 17], ['Border terrier', CoatType::Wire, 25, 5, 7], ['Airedale', CoatType::Wire, 35, 19, 26], ['Cocker spaniel', CoatType::Silky, 40, 11, 15],
        ['English setter', CoatType::Silky, 55, 23, 32], ['Afghan hound', CoatType::Silky, 140, 22, 28], ['Tibetan terrier', CoatType::Silky, 90, 8, 13], ['Lhasa apso', CoatType::Silky, 80, 6, 8],
        ['Lagotto', CoatType::Curly, 45, 11, 16], ['Bichon frise', CoatType::Curly, 50, 4, 7], ['Barbet', CoatType::Curly, 60, 17, 27], ['Standard curly retriever', CoatType::Curly, 20, 27, 36],
        ['Golden retriever', CoatType::Double, 55, 26, 34], ['Rough collie', CoatType::Double, 80, 22, 30], ['Newfoundland', CoatType::Double, 75, 48, 62], ['Keeshond', CoatType::Double, 70, 16, 20],
        ['Shetland sheepdog', CoatType::Double, 60, 6, 11], ['Terrier cross', CoatType::Mixed, 40, 6, 12], ['Spaniel cross', CoatType::Mixed, 50, 10, 18], ['Curly cross', CoatType::Mixed, 60, 9, 22],
        ['Shepherd cross', CoatType::Mixed, 45, 20, 32], ['Smooth pointer', CoatType::Smooth, 8, 22, 29],
    ];

    private const MINDS = ['Dislikes its feet touched', 'Good with the comb', 'Shakes at the dryer', 'Leans, sleeps', 'Food first', 'Needs a break after 30 min', null, null, null];

    public function __construct(private readonly Randomizer $random) {}

    /** @return iterable<string, array<string, mixed>> facts by name, shaped as in `DemoDogs`, with `home` the owner's brushing */
    public function dogs(): iterable
    {
        foreach (self::NAMES as $index => $name) {
            [$breed, $coat, $mm, $least, $most] = self::BREEDS[$this->random->getInt(0, count(self::BREEDS) - 1)];
            yield $name => [
                'client' => $this->one(self::FIRST).' '.$this->one(self::LAST),
                'phone' => sprintf('0555 %04d', 1000 + $index),
                'breed' => $breed,
                'sex' => $this->one(['female', 'male']),
                'months' => $this->random->getInt(30, 150),
                'coat' => $coat->value,
                'primitive' => $breed === 'Keeshond',
                'coatMm' => $mm,
                'weightKg' => round($this->random->getInt(10 * $least, 10 * $most) / 10, 1),
                'temperament' => $this->one(['settled', 'easy', 'easy', 'easy', 'wriggly', 'wriggly', 'anxious', 'mouthy']),
                'mind' => $this->one(self::MINDS),
                'home' => $this->one([HomeBrushing::None, HomeBrushing::TopOnly, HomeBrushing::TopOnly, HomeBrushing::WeeklyToTheSkin, HomeBrushing::WeeklyToTheSkin, HomeBrushing::TwiceAWeekToTheSkin]),
            ];
        }
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $among
     *
     * @return T
     */
    private function one(array $among): mixed
    {
        return $among[$this->random->getInt(0, count($among) - 1)];
    }
}

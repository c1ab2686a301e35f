<?php

declare(strict_types=1);

namespace Database\Demo;

use Random\Randomizer;

/** ULIDs that come out the same for the same seed and times, so that the demo world can be made again. */
final class DemoIds
{
    private const ALPHABET = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';

    public function __construct(private readonly Randomizer $random) {}

    public function next(\DateTimeInterface $at): string
    {
        $milliseconds = (int) $at->format('Uv');
        $id = '';
        for ($place = 0; $place < 10; $place++) {
            $id = self::ALPHABET[$milliseconds % 32].$id;
            $milliseconds = intdiv($milliseconds, 32);
        }
        for ($place = 0; $place < 16; $place++) {
            $id .= self::ALPHABET[$this->random->getInt(0, 31)];
        }

        return $id;
    }
}

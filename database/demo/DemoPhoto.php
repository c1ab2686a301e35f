<?php

declare(strict_types=1);

namespace Database\Demo;

use HoundCheck\Core\Coat\CoatType;
use Random\Randomizer;

/** A drawn stand-in for a photo of coat: strands, and where the grade says so, knots. */
final class DemoPhoto
{
    private const WIDTH = 960;

    private const HEIGHT = 720;

    private const STRANDS = 2600;

    /** @return string a JPEG */
    public static function draw(Randomizer $random, CoatType $coat, int $grade): string
    {
        $image = imagecreatetruecolor(self::WIDTH, self::HEIGHT);
        [$red, $green, $blue] = match ($coat) {
            CoatType::Curly => [92, 58, 40],
            CoatType::Double => [150, 140, 126],
            CoatType::Wire => [120, 92, 58],
            default => [196, 178, 148],
        };
        imagefill($image, 0, 0, (int) imagecolorallocate($image, $red, $green, $blue));
        for ($strand = 0; $strand < self::STRANDS; $strand++) {
            $light = $random->getInt(-34, 46);
            $colour = (int) imagecolorallocate($image, self::tone($red + $light), self::tone($green + $light), self::tone($blue + $light));
            imagesetthickness($image, $random->getInt(1, 3));
            $curl = $coat === CoatType::Curly ? 60 : 160;
            $start = $random->getInt(0, 360);
            imagearc(
                $image,
                $random->getInt(0, self::WIDTH),
                $random->getInt(0, self::HEIGHT),
                $curl + $random->getInt(0, 60),
                $curl,
                $start,
                $start + $random->getInt(40, 130),
                $colour,
            );
        }
        self::drawKnots($image, $random, $grade, [$red, $green, $blue]);
        ob_start();
        imagejpeg($image, null, 80);

        return (string) ob_get_clean();
    }

    /** @param array{int, int, int} $tone */
    private static function drawKnots(\GdImage $image, Randomizer $random, int $grade, array $tone): void
    {
        for ($knot = 0; $knot < max(0, $grade - 1) * 4; $knot++) {
            [$x, $y, $size] = [$random->getInt(90, self::WIDTH - 90), $random->getInt(90, self::HEIGHT - 90), $random->getInt(40, 130)];
            for ($turn = 0; $turn < 90; $turn++) {
                $dark = $random->getInt(-70, -20);
                $colour = (int) imagecolorallocate(
                    $image,
                    self::tone($tone[0] + $dark),
                    self::tone($tone[1] + $dark),
                    self::tone($tone[2] + $dark),
                );
                $start = $random->getInt(0, 360);
                imagearc(
                    $image,
                    $x + $random->getInt(-20, 20),
                    $y + $random->getInt(-14, 14),
                    $random->getInt(10, $size),
                    $random->getInt(10, $size),
                    $start,
                    $start + 200,
                    $colour,
                );
            }
        }
    }

    private static function tone(int $value): int
    {
        return max(0, min(255, $value));
    }
}

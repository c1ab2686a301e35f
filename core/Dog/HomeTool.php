<?php

declare(strict_types=1);

namespace HoundCheck\Core\Dog;

/** The brush that the owner has at home. */
enum HomeTool: string
{
    case None = 'none';
    case Bristle = 'bristle';
    case Pin = 'pin';
    case BallTipped = 'ball_tipped';
    case BentPin = 'bent_pin';

    /** Whether it slides over a dense coat and comes out empty. */
    public function slidesOver(): bool
    {
        return $this === self::Bristle || $this === self::Pin || $this === self::BallTipped;
    }
}

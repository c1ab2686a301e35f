<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Words;

/** What protects a dog and is never assumed: before somebody has answered it there is no plan. */
enum Unasked: string
{
    case Temperament = 'temperament';
    case Health = 'health';

    public function isAnsweredBy(ArrivalAnswers $answers): bool
    {
        return match ($this) {
            self::Temperament => $answers->temperament !== null,
            self::Health => $answers->health !== null,
        };
    }
}

<?php

declare(strict_types=1);

namespace App\Salon;

use App\Words\Languages;

/** What a salon says of itself: how it is called and reached, and how it counts, tells the time and speaks. */
final readonly class Salon
{
    /**
     * @param string|null $country two letters (ISO 3166); null: never asked
     * @param string $timeZone decides which day a visit belongs to and how times are told
     * @param string $currency three letters (ISO 4217)
     * @param string $language of the screens until somebody chooses, and of messages to clients who have none of their own
     * @param string $units metric (mm, kg) or imperial (inch, pound) on the screens; kept in mm and kg
     * @param int $firstWeekday 1 Monday to 7 Sunday
     * @param string|null $phone on owners' pages and in messages
     * @param string|null $vetPhone shown by Stop now on every screen of a visit
     */
    public function __construct(
        public string $name,
        public ?string $country,
        public string $timeZone,
        public string $currency,
        public string $language,
        public string $units,
        public int $firstWeekday,
        public ?string $phone,
        public ?string $vetPhone,
    ) {}

    /** As the settings of the application have it, `.env` or the salon's own. */
    public static function fromConfig(): self
    {
        return new self(
            (string) config('salon.name'),
            config('salon.country'),
            (string) config('salon.timezone'),
            (string) config('salon.currency'),
            Languages::ofTheSalon(),
            config('salon.units') === 'imperial' ? 'imperial' : 'metric',
            (int) config('salon.first_weekday'),
            config('salon.phone'),
            config('salon.vet_phone'),
        );
    }

    /** @param array<string, mixed> $says as `toArray()` wrote it, of this version or an earlier one */
    public static function fromArray(array $says): self
    {
        $known = self::fromConfig()->toArray();

        return new self(...array_replace($known, array_intersect_key($says, $known)));
    }

    /** @return array<string, string|int|null> */
    public function toArray(): array
    {
        return get_object_vars($this);
    }

    public function apply(): void
    {
        config([
            'salon.name' => $this->name,
            'salon.country' => $this->country,
            'salon.timezone' => $this->timeZone,
            'salon.currency' => $this->currency,
            'salon.language' => $this->language,
            'salon.units' => $this->units,
            'salon.first_weekday' => $this->firstWeekday,
            'salon.phone' => $this->phone,
            'salon.vet_phone' => $this->vetPhone,
        ]);
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\HasUlidKey;
use Carbon\CarbonImmutable;
use Database\Factories\DogFactory;
use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Dog\Dog as DogOfTheDay;
use HoundCheck\Core\Dog\HealthFact;
use HoundCheck\Core\Dog\OnTheBack;
use HoundCheck\Core\Dog\Temperament;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A dog's card: what is known now. A visit keeps what was known then.
 *
 * @property string $id
 * @property string $client_id
 * @property string $name
 * @property string $breed
 * @property string $sex
 * @property bool $entire
 * @property CarbonImmutable $born_on
 * @property CoatType $coat
 * @property bool $primitive
 * @property float $coat_mm
 * @property float|null $natural_mm the length its coat grows to; null: the usual one of its coat
 * @property array<string, float> $section_mm
 * @property float $weight_kg
 * @property Temperament $temperament
 * @property list<string> $health
 * @property float|null $stands_minutes on its feet before a rest, where a groomer set it
 * @property bool $lies_down for the work
 * @property OnTheBack|null $on_the_back
 * @property string|null $release_word that ends what it was asked
 * @property bool|null $chin_hold accepts a hand under the chin
 * @property string|null $kinks in its tail, and where
 * @property string|null $mind
 * @property array{temperament?: string|null, health?: list<string>}|null $to_ask what nobody has answered yet, with what is proposed; null: nothing
 * @property int $version moves on with every change of the card and with every mark of the dog's visits: what was drawn of them is old then
 * @property-read Client $client
 * @property-read string|null $open_visit_id with `forCard()`: the visit that has not ended yet
 * @property-read string|null $visits_max_arrived_at with `forCard()`
 * @property-read string|null $visits_max_id with `forCard()`: the latest visit, as ULIDs go by time
 */
final class Dog extends Model
{
    /** @use HasFactory<DogFactory> */
    use HasFactory;
    use HasUlidKey;

    /** What a card holds beside its owner: its columns by the names that the API and the dossier give them. */
    public const FIELDS = [
        'name' => 'name', 'breed' => 'breed', 'sex' => 'sex', 'entire' => 'entire', 'bornOn' => 'born_on', 'coat' => 'coat',
        'primitive' => 'primitive', 'coatMm' => 'coat_mm', 'sectionMm' => 'section_mm', 'weightKg' => 'weight_kg',
        'temperament' => 'temperament', 'health' => 'health', 'mind' => 'mind', 'naturalMm' => 'natural_mm',
        'standsMinutes' => 'stands_minutes', 'liesDown' => 'lies_down', 'onTheBack' => 'on_the_back',
        'releaseWord' => 'release_word', 'chinHold' => 'chin_hold', 'kinks' => 'kinks', 'toAsk' => 'to_ask',
    ];

    protected $guarded = [];

    /** @var array<string, mixed> */
    protected $attributes = ['lies_down' => false, 'version' => 0];

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /** @return HasMany<Visit, $this> */
    public function visits(): HasMany
    {
        return $this->hasMany(Visit::class);
    }

    /** @return Builder<Dog> with client, the latest visit and the one that has not ended */
    public static function forCard(): Builder
    {
        return self::query()->with('client:id,name,phone,email,language,photos_allowed')
            ->withMax('visits', 'arrived_at')
            ->withMax('visits', 'id')
            ->withMax(['visits as open_visit_id' => fn(Builder $visits): Builder => $visits->whereNull('closed_at')], 'id');
    }

    /** The dog as its card has it. */
    public function onDay(CarbonImmutable $day): DogOfTheDay
    {
        return new DogOfTheDay(
            $this->weight_kg,
            $this->coat,
            $this->primitive,
            $this->coat_mm,
            array_map(floatval(...), $this->section_mm),
            $this->ageMonths($day),
            $this->temperament,
            array_values(array_map(HealthFact::from(...), $this->health)),
            standsMinutes: $this->stands_minutes,
            liesDown: $this->lies_down,
        );
    }

    /** @param list<string> $facts `temperament`, `health`: somebody has answered them */
    public function answered(array $facts): self
    {
        $left = array_diff_key($this->to_ask ?? [], array_flip($facts));

        return $this->fill(['to_ask' => $left === [] ? null : $left]);
    }

    /** Stores the card; whatever shows this dog is drawn anew. */
    public function moveOn(): void
    {
        $this->version++;
        $this->save();
    }

    public function ageMonths(CarbonImmutable $on): int
    {
        return max(0, (int) $this->born_on->diffInMonths($on));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'entire' => 'boolean',
            'born_on' => 'immutable_date:Y-m-d',
            'coat' => CoatType::class,
            'primitive' => 'boolean',
            'coat_mm' => 'float',
            'natural_mm' => 'float',
            'section_mm' => 'array',
            'weight_kg' => 'float',
            'temperament' => Temperament::class,
            'health' => 'array',
            'stands_minutes' => 'float',
            'lies_down' => 'boolean',
            'on_the_back' => OnTheBack::class,
            'chin_hold' => 'boolean',
            'to_ask' => 'array',
        ];
    }
}

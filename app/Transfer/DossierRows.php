<?php

declare(strict_types=1);

namespace App\Transfer;

use App\Models\Dog;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\MarkReader;
use HoundCheck\Core\Marks\UnreadableMark;
use HoundCheck\Core\Visit\Stage;

/** What a dossier says, as rows of the database: each read once as every reader will, so that nothing is let in that makes no sense. */
final class DossierRows
{
    public const FLAGS = JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION;

    private const MARK_TIME = 'Y-m-d H:i:s.v';

    private const TIME = 'Y-m-d H:i:s';

    /** @return array<string, mixed> of `clients` */
    public static function client(\stdClass $client): array
    {
        return [
            'id' => $client->id,
            'name' => $client->name,
            'phone' => $client->phone,
            'email' => $client->email,
            'language' => $client->language,
            'photos_allowed' => $client->photosAllowed,
        ];
    }

    /** @return array<string, mixed> columns of a card, for the model */
    public static function card(\stdClass $card): array
    {
        $columns = [];
        foreach (Dog::FIELDS as $field => $column) {
            $said = $card->{$field} ?? null;
            $columns[$column] = $said instanceof \stdClass ? (array) $said : $said;
        }

        return $columns;
    }

    /** @return array<string, mixed> of `staff`: no password opens it, a record names them and that is all */
    public static function person(\stdClass $person, \DateTimeInterface $now): array
    {
        return [
            'id' => $person->id,
            'name' => $person->name,
            'role' => $person->role,
            'password' => '-',
            'active' => false,
            'of_salon' => $person->salon,
            'created_at' => $now,
            'updated_at' => $now,
        ];
    }

    /** @return array<string, mixed> columns of a visit before its marks are folded, for the model */
    public static function visit(\stdClass $visit, string $dogId, int $rules): array
    {

        return [
            'id' => $visit->id,
            'dog_id' => $dogId,
            'house_rules_version' => $rules,
            'day' => $visit->day,
            'arrived_at' => self::at($visit->arrivedAt, self::TIME),
            'promised_at' => self::at($visit->promisedAt, self::TIME),
            'first_promised_at' => self::at($visit->promisedAt, self::TIME),
            'stage' => Stage::Arrived,
            'grades' => str_repeat('-', count(Section::cases())),
            'mat_load' => 0,
            'table_minutes' => 0,
            'tension' => 0,
            'tolerance' => 0,
        ];
    }

    /**
     * @return array<string, mixed> of `marks`
     *
     * @throws UnreadableMark
     * @throws DossierRefused
     */
    public static function mark(\stdClass $mark, string $visitId): array
    {
        $payload = json_encode((object) $mark->payload, self::FLAGS);
        $kind = MarkKind::tryFrom($mark->kind) ?? throw DossierRefused::unreadable("marks {$mark->id}: {$mark->kind} is not known here");
        app(MarkReader::class)->read(
            $kind,
            $mark->id,
            $mark->section,
            new \DateTimeImmutable($mark->at),
            $mark->by,
            json_decode($payload, true, flags: JSON_THROW_ON_ERROR),
            $mark->device,
            true,
        );

        return [
            'id' => $mark->id,
            'visit_id' => $visitId,
            'kind' => $mark->kind,
            'section' => $mark->section,
            'at' => self::at($mark->at, self::MARK_TIME),
            'device_at' => self::at($mark->deviceAt, self::MARK_TIME),
            'received_at' => self::at($mark->receivedAt, self::MARK_TIME),
            'staff_id' => $mark->by,
            'device' => $mark->device,
            'seen' => $mark->seen ?? null,
            'payload' => $payload,
        ];
    }

    /** @return array<string, mixed> of `shown_plans` */
    public static function shownPlan(\stdClass $plan, string $visitId, int $rules): array
    {
        return [
            'id' => $plan->id,
            'visit_id' => $visitId,
            'coat_case' => json_encode($plan->coatCase, self::FLAGS),
            'choices' => json_encode($plan->choices, self::FLAGS),
            'totals' => json_encode($plan->totals, self::FLAGS),
            'house_rules_version' => $rules,
            'core_version' => $plan->core,
            'created_at' => self::at($plan->at, self::TIME),
        ];
    }

    /** @return array<string, mixed> of `owner_plans` */
    public static function homePlan(\stdClass $plan, string $dogId): array
    {
        return [
            'id' => $plan->id,
            'dog_id' => $dogId,
            'visit_id' => $plan->visit,
            'staff_id' => $plan->by,
            'shown' => json_encode($plan->shown, self::FLAGS),
            'created_at' => self::at($plan->at, self::TIME),
            'expires_at' => self::at($plan->until, self::TIME),
            'withdrawn_at' => self::at($plan->withdrawnAt, self::TIME),
        ];
    }

    /** @return list<array<string, mixed>> of `owner_ticks` */
    public static function ticks(\stdClass $plan): array
    {
        return array_values(array_map(fn(\stdClass $tick): array => [
            'owner_plan_id' => $plan->id,
            'place' => $tick->place,
            'day' => $tick->day,
            'told_at' => self::at($tick->at, self::TIME),
        ], $plan->ticks));
    }

    private static function at(?string $iso, string $format): ?string
    {
        return $iso === null ? null : (new \DateTimeImmutable($iso))->setTimezone(new \DateTimeZone('UTC'))->format($format);
    }
}

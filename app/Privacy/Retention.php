<?php

declare(strict_types=1);

namespace App\Privacy;

use App\Models\Staff;
use App\Words\Words;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Marks\Role;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** How long photos and messages are kept: the owner's rule, tried before it is kept, and followed every night. */
final readonly class Retention
{
    private const MESSAGES_AT_ONCE = 500;

    public function __construct(private PhotoEraser $eraser) {}

    /** The rule in force; null: everything is kept until somebody erases it. */
    public function rule(): ?\stdClass
    {
        return DB::table('retention_rules')->leftJoin('staff', 'staff.id', '=', 'retention_rules.staff_id')
            ->orderByDesc('retention_rules.id')
            ->first(['photos_months', 'messages_months', 'retention_rules.created_at', 'staff_id', 'staff.name as by']);
    }

    public function keep(?int $photosMonths, ?int $messagesMonths, Staff $by): void
    {
        DB::table('retention_rules')->insert([
            'id' => (string) Str::ulid(),
            'photos_months' => $photosMonths,
            'messages_months' => $messagesMonths,
            'staff_id' => $by->id,
            'created_at' => CarbonImmutable::now()->format('Y-m-d H:i:s.v'),
        ]);
    }

    /** @return array{photos: int, messages: int} what would go tonight by such a rule */
    public function preview(?int $photosMonths, ?int $messagesMonths): array
    {
        return [
            'photos' => $photosMonths === null ? 0 : self::photos($photosMonths)->count(),
            'messages' => $messagesMonths === null ? 0 : self::messages($messagesMonths)->count(),
        ];
    }

    /** @return array{photos: int, messages: int} what went */
    public function follow(): array
    {
        $rule = $this->rule();
        $by = $rule === null ? null : $this->by($rule->staff_id);
        if ($rule === null || $by === null) {
            return ['photos' => 0, 'messages' => 0];
        }

        $went = [
            'photos' => $rule->photos_months === null ? 0 : $this->erasePhotos((int) $rule->photos_months, $by),
            'messages' => $rule->messages_months === null ? 0 : $this->deleteMessages((int) $rule->messages_months),
        ];
        array_sum($went) === 0 ?: event(new DataIsGone);

        return $went;
    }

    /** A picture is erased in somebody's name: of whoever made the rule, or of another owner since. */
    private function by(string $staffId): ?Staff
    {
        return Staff::here()->whereKey($staffId)->where('role', Role::Owner)->first()
            ?? Staff::here()->where('role', Role::Owner)->where('active', true)->orderBy('id')->first();
    }

    /** Of visits that ended so long ago; a picture of something that is still open on the dog is needed. */
    private static function photos(int $months): Builder
    {
        return DB::table('photos')->whereNull('photos.deleted_at')
            ->whereIn('visit_id', DB::table('visits')->where('closed_at', '<', self::ago($months))->select('id'))
            ->where(fn(Builder $free) => $free->whereNull('finding_id')
                ->orWhereNotIn('finding_id', DB::table('findings')->whereNull('closed_at')->select('id')));
    }

    private static function ago(int $months): CarbonImmutable
    {
        return CarbonImmutable::now()->subMonthsNoOverflow($months);
    }

    private static function messages(int $months): Builder
    {
        return DB::table('messages')->whereNotNull('sent_at')->where('sent_at', '<', self::ago($months));
    }

    private function erasePhotos(int $months, Staff $by): int
    {
        return $this->eraser->erase(self::photos($months), Words::of('privacy.photo_too_old', ['months' => $months]), $by);
    }

    /** A plan that was put to a client by link goes with its message; what was shown stays in the record. */
    private function deleteMessages(int $months): int
    {
        $gone = 0;
        do {
            $some = self::messages($months)->limit(self::MESSAGES_AT_ONCE)->get(['id', 'client_link_id']);
            DB::transaction(function () use ($some): void {
                DB::table('messages')->whereIn('id', $some->pluck('id'))->delete();
                DB::table('client_links')->whereIn('id', $some->pluck('client_link_id')->filter())
                    ->whereNotIn('id', DB::table('messages')->whereNotNull('client_link_id')->select('client_link_id'))
                    ->delete();
            });
            $gone += $some->count();
        } while ($some->count() === self::MESSAGES_AT_ONCE);

        return $gone;
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dog;
use App\Models\Visit;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;

trait AWholeMorning
{
    /** A dog with everything that a projection is made for, and one more that comes back. */
    protected function wholeMorning(?Dog $dog = null): Visit
    {
        $dog ??= Dog::factory()->create();
        $visit = $this->arrive($dog, ['slotMinutes' => 150]);
        $mat = ['comb' => 'stops', 'skinLine' => 'patchy', 'opens' => 'tool', 'mattedShare' => 0.2, 'liftMm' => 9.5];
        $this->inspect($visit, ['tail' => $mat, 'chest' => $mat]);
        $this->record($visit, 'grade_judged', ['grade' => 4, 'instead' => 3, 'reason' => 'It felts again.'], 'chest');
        $finding = $this->record($visit, 'finding_noted', ['kind' => 'redness'], 'belly');
        $this->record($visit, 'finding_noted', ['kind' => 'growth', 'sizeMm' => 4], 'side_l');
        $this->photo($visit, 201);
        $this->record($visit, 'treatment_chosen', ['treatment' => 'demat'], 'tail');
        $this->record($visit, 'treatment_chosen', ['treatment' => 'clip:9.5'], 'chest');
        $plan = $this->showPlan($visit);
        $this->postJson("/api/visits/{$visit->id}/client-links", ['planId' => $plan])->assertCreated();
        $this->record($visit, 'answer_given', ['planId' => $plan, 'answer' => 'yes', 'via' => 'phone', 'who' => 'Hester']);
        foreach (['tail', 'back', 'belly'] as $section) {
            $this->record($visit, 'section_taken', [], $section);
            $this->travel(100)->seconds();
            $this->record($visit, 'table_combed', ['comb' => 'glides', 'skinLine' => 'clear'], $section);
        }
        $this->record($visit, 'stopped', ['reason' => 'Enough for today.']);
        $this->travel(2)->days();
        $next = $this->arrive($dog);
        $this->record($next, 'finding_closed', ['findingId' => $finding]);

        return $visit;
    }

    protected function photo(Visit $visit, int $status): string
    {
        $id = (string) Str::ulid();
        $this->post(
            "/api/visits/{$visit->id}/photos",
            [
                'id' => $id,
                'at' => self::now(),
                'device' => self::DEVICE,
                'moment' => 'before',
                'picture' => UploadedFile::fake()->image('a.jpg', 60, 40),
            ],
            ['Accept' => 'application/json'],
        )->assertStatus($status);

        return $id;
    }
}

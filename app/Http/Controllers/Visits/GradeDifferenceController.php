<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Http\Answer;
use App\Http\Requests\SearchRequest;
use App\Http\Resources\Iso;
use App\Models\GradeDifference;
use Illuminate\Support\Facades\DB;

/** Where groomers graded otherwise than the rule: it teaches people, or the rule. For the owner. */
final class GradeDifferenceController
{
    public function __invoke(SearchRequest $request): Answer
    {
        $page = GradeDifference::query()
            ->join('visits', 'visits.id', '=', 'grade_differences.visit_id')
            ->join('dogs', 'dogs.id', '=', 'visits.dog_id')
            ->join('staff', 'staff.id', '=', 'grade_differences.staff_id')
            ->orderByDesc('judged_at')->orderByDesc('grade_differences.id')
            ->simplePaginate(50, ['grade_differences.*', 'dogs.name as dog_name', 'dogs.breed', 'staff.name as staff_name']);

        return new Answer([
            'differences' => array_map(fn(GradeDifference $difference): array => [
                'id' => $difference->id,
                'visitId' => $difference->visit_id,
                'dog' => $difference->getAttribute('dog_name'),
                'breed' => $difference->getAttribute('breed'),
                'section' => $difference->section,
                'ruleGrade' => $difference->rule_grade,
                'rule' => $difference->rule,
                'ownGrade' => $difference->own_grade,
                'reason' => $difference->reason,
                'by' => $difference->getAttribute('staff_name'),
                'at' => Iso::of($difference->judged_at),
            ], $page->items()),
            'nextPage' => $page->hasMorePages() ? $page->currentPage() + 1 : null,
            'counts' => $this->counts(),
        ]);
    }

    /** @return list<array<string, mixed>> how often a clause of the rule was graded otherwise, the most frequent first */
    private function counts(): array
    {
        return array_values(GradeDifference::query()
            ->select(['rule', 'rule_grade', 'own_grade', DB::raw('count(*) as times')])
            ->groupBy('rule', 'rule_grade', 'own_grade')
            ->orderByDesc('times')->orderBy('rule')
            ->limit(12)
            ->toBase()->get()
            ->map(fn(\stdClass $row): array => [
                'rule' => $row->rule,
                'ruleGrade' => (int) $row->rule_grade,
                'ownGrade' => (int) $row->own_grade,
                'times' => (int) $row->times,
            ])
            ->all());
    }
}

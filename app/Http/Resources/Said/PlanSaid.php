<?php

declare(strict_types=1);

namespace App\Http\Resources\Said;

use App\Words\Say;

/** Why a treatment is not offered, and why a place is treated as it is, in sentences that a client understands. */
final readonly class PlanSaid
{
    public function __construct(private Say $say) {}

    /** @param array{reason: string, found: float|null, limit: float|null, assumed?: bool} $bar as `CoatReportJson` writes it */
    public function bar(array $bar): string
    {
        ['reason' => $reason, 'found' => $found, 'limit' => $limit] = $bar;
        if ($found === null && $this->say->words->has("plan.barsWithoutFigures.{$reason}")) {
            return $this->say->t("plan.barsWithoutFigures.{$reason}");
        }
        $figure = fn(?float $value): string => $value === null ? '' : $this->say->tenth($value);
        $length = fn(?float $value): string => $value === null ? '' : $this->say->mm($value);
        $assumed = ($bar['assumed'] ?? false) && $this->say->words->has("plan.barsAssumed.{$reason}");

        return $this->say->t($assumed ? "plan.barsAssumed.{$reason}" : "plan.bars.{$reason}", [
            'found' => $figure($found),
            'limit' => $figure($limit),
            'foundLength' => $length($found),
            'limitLength' => $length($limit),
        ]);
    }

    /** @param array<string, mixed> $reason as `ReasonsJson` writes it, of this version or, in an offer that was kept, of an earlier one */
    public function why(array $reason): string
    {
        return trim($this->say->t("plan.why.{$reason['why']}", [
            'bar' => $reason['bar'] === null ? '' : $this->bar([
                'reason' => $reason['bar'],
                'found' => $reason['barFound'] ?? null,
                'limit' => $reason['barLimit'] ?? null,
                'assumed' => $reason['barAssumed'] ?? false,
            ]),
            'length' => ($reason['length'] ?? null) === null ? '' : ' '.$this->bar($reason['length']),
            'opening' => $this->say->pulling((float) $reason['openingTension']),
            'spared' => $this->say->pulling((float) $reason['sparedTension']),
            'matches' => $reason['matches'] === null ? '' : $this->say->t("coat.evenGroups.{$reason['matches']}"),
        ]));
    }
}

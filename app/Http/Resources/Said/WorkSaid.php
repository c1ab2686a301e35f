<?php

declare(strict_types=1);

namespace App\Http\Resources\Said;

use App\Words\Say;

/** Minutes and pulling against what was forecast, in a sentence; what stands between ** is set in bold. */
final readonly class WorkSaid
{
    /** @param array<string, mixed> $record */
    public function __construct(private Say $say, private array $record) {}

    /** "Forecast 72 min at the table, taken **80 min**; pulling 12.1 of the 21.0 min we ask of this dog." */
    public function sentence(): string
    {
        ['table' => $table, 'summary' => $summary] = $this->record['visit'];
        $totals = $this->record['plan']['totals'];

        return implode('', [
            $this->say->t(
                $totals['complete'] ? 'record.summary.forecast' : 'record.summary.forecastSoFar',
                ['minutes' => $this->say->minutes((float) $table['forecast']['likely'])],
            ),
            $table['begun'] ? $this->say->t('record.summary.taken', ['minutes' => $this->say->minutes($table['seconds'] / 60)]) : '',
            $this->say->t('record.summary.pulling', [
                'pulling' => $this->say->pulling((float) ($table['begun'] ? $table['borne']['byWork'] : $totals['tension'])),
                'tolerance' => $this->say->pulling((float) $summary['tolerance']['minutes']),
            ]),
            $table['reactions'] === [] ? '' : $this->say->t('record.summary.signals', ['signals' => $this->signals($table['reactions'])]),
            '.',
        ]);
    }

    /**
     * "tucked up twice, cried"
     *
     * @param list<array<string, mixed>> $reactions
     */
    private function signals(array $reactions): string
    {
        $said = [];
        foreach (array_count_values(array_column($reactions, 'signal')) as $signal => $times) {
            $name = $this->say->t("table.signalSays.{$signal}");
            $said[] = $times > 1 ? $this->say->t('record.signalTimes', ['signal' => $name, 'times' => (string) $times]) : $name;
        }

        return implode(', ', $said);
    }
}

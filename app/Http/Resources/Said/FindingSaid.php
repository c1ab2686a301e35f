<?php

declare(strict_types=1);

namespace App\Http\Resources\Said;

use App\Words\Say;

/** What was found on the skin, in words, with whom to turn to. */
final readonly class FindingSaid
{
    public function __construct(private Say $say) {}

    /**
     * @param array<string, mixed> $finding
     *
     * @return array{name: string, note: string, referral: string, care: string, by: string}
     */
    public function of(array $finding): array
    {
        $spot = $finding['spot'] ? ', '.$this->say->within($this->say->t('skin.extent.spot')) : '';
        $size = $finding['sizeMm'] === null
            ? ''
            : $this->say->t('visit.finding.sized', ['length' => $this->say->mm((float) $finding['sizeMm'])]);
        $at = $finding['earlierVisit'] ? $this->say->shortDay($finding['at']) : $this->say->time($finding['at']);
        $care = $finding['closed'] ? '' : $this->say->named('skin.findingCare', $finding['kind']);

        return [
            'name' => $this->say->t("skin.findings.{$finding['kind']}").', '.$this->say->sections([$finding['section']]).$spot.$size,
            'note' => (string) $finding['note'],
            'referral' => $this->say->named('skin.referrals', (string) $finding['referral']),
            'care' => $care,
            'by' => "{$finding['by']}, {$at}".($finding['closed'] ? $this->say->t('visit.finding.closed') : ''),
        ];
    }
}

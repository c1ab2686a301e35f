<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Fields;

use HoundCheck\Core\Marks\MarkProblem;
use HoundCheck\Core\Marks\UnreadableMark;
use HoundCheck\Core\Plan\Treatment;
use HoundCheck\Core\Plan\UnknownTreatment;

/** One treatment, such as `clip:6.3`. */
final readonly class TreatmentCode extends PayloadField
{
    public const SCHEMA = ['type' => 'string', 'pattern' => '^(brush|demat|thin|leave|clip:\d{1,3}(\.\d{1,2})?)$'];

    private const LONGEST = 12;

    public function read(string $name, mixed $value, bool $stored): ?Treatment
    {
        $code = (new Text(self::LONGEST))->read($name, $value, $stored);
        try {
            return $code === null ? null : Treatment::fromCode($code);
        } catch (UnknownTreatment $unknown) {
            throw UnreadableMark::field($name, MarkProblem::UnknownTreatment, ['given' => $unknown->given]);
        }
    }

    public function kept(mixed $sent, mixed $read): mixed
    {
        return is_string($sent) ? trim($sent) : $sent;
    }

    public function schema(): array
    {
        return self::SCHEMA;
    }
}

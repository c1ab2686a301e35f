<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

/** What is done to one section: `brush`, `demat`, `thin`, `leave`, or `clip:6.3` with the length left in mm. */
final readonly class Treatment
{
    private function __construct(public TreatmentKind $kind, public ?float $clipMm = null) {}

    public static function brush(): self
    {
        return new self(TreatmentKind::Brush);
    }

    public static function demat(): self
    {
        return new self(TreatmentKind::Demat);
    }

    public static function thin(): self
    {
        return new self(TreatmentKind::Thin);
    }

    public static function leave(): self
    {
        return new self(TreatmentKind::Leave);
    }

    public static function clip(float $mm): self
    {
        return new self(TreatmentKind::Clip, $mm);
    }

    /** @throws UnknownTreatment */
    public static function fromCode(string $code): self
    {
        if (preg_match('/^clip:(\d{1,3}(?:\.\d{1,2})?)$/', $code, $found) === 1) {
            return self::clip((float) $found[1]);
        }
        $kind = TreatmentKind::tryFrom($code);
        if ($kind === null || $kind === TreatmentKind::Clip) {
            throw UnknownTreatment::code($code);
        }

        return new self($kind);
    }

    public function code(): string
    {
        return $this->clipMm === null ? $this->kind->value : "clip:{$this->clipMm}";
    }

    /** Coat length after the treatment, in mm. */
    public function lengthAfterMm(float $lengthMm): float
    {
        return $this->clipMm ?? $lengthMm;
    }
}

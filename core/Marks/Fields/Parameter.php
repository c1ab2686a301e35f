<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Fields;

use HoundCheck\Core\Marks\UnreadableMark;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\Treatment;

/** A parameter of a payload's constructor, under the name it has in the payload. */
final readonly class Parameter
{
    /** @param mixed $default where it was not sent */
    private function __construct(public string $name, public PayloadField $field, public bool $isNeeded, private mixed $default) {}

    public static function of(\ReflectionParameter $parameter): self
    {
        $type = $parameter->getType();

        return new self(
            $parameter->getName(),
            self::field($parameter),
            ! $parameter->isDefaultValueAvailable() && $type?->allowsNull() === false,
            $parameter->isDefaultValueAvailable() ? $parameter->getDefaultValue() : null,
        );
    }

    /**
     * @param mixed $sent null: it was not
     *
     * @throws UnreadableMark
     */
    public function read(mixed $sent, bool $stored): mixed
    {
        $read = $sent === null ? null : $this->field->read($this->name, $sent, $stored);
        if ($read === null && $this->isNeeded) {
            return ($stored ? $this->field->unsent() : null) ?? throw $this->field->missing($this->name);
        }

        return $read ?? $this->default;
    }

    /** What is stored of it; a word that stands for what was not sent is stored as if it had been. */
    public function kept(mixed $sent, mixed $read): mixed
    {
        return $sent === null ? $this->keptUnsent() : $this->field->kept($sent, $read);
    }

    /** Null: nothing. */
    public function keptUnsent(): mixed
    {
        return $this->default instanceof \BackedEnum ? $this->default->value : null;
    }

    private static function field(\ReflectionParameter $parameter): PayloadField
    {
        $declared = $parameter->getAttributes(PayloadField::class, \ReflectionAttribute::IS_INSTANCEOF)[0] ?? null;
        $type = $parameter->getType();
        $name = $type instanceof \ReflectionNamedType ? $type->getName() : '';

        return match (true) {
            $declared !== null => $declared->newInstance(),
            $name === 'bool' => new YesOrNo,
            $name === Choices::class => new Treatments,
            $name === Treatment::class => new TreatmentCode,
            $name === \DateTimeImmutable::class => new Time,
            is_subclass_of($name, \BackedEnum::class) => is_int($name::cases()[0]->value) ? new Step($name) : new OneOf($name),
            default => throw new \LogicException("What \${$parameter->getName()} may hold must be said."),
        };
    }
}

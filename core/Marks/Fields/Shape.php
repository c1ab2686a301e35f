<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Fields;

use HoundCheck\Core\Marks\MarkProblem;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\UnreadableMark;

/** What a payload holds, as the constructor of its class says it. */
final readonly class Shape
{
    /**
     * @param class-string<Payload> $payload
     * @param array<string, Parameter> $parameters by name, in the order of the constructor
     * @param list<Way> $ways none: one, with all that is needed
     * @param string|null $changes the parameter that takes all of them, those that were sent
     */
    private function __construct(public string $payload, public array $parameters, public array $ways, public ?string $changes) {}

    /** @param class-string<Payload> $payload */
    public static function of(string $payload): self
    {
        $class = new \ReflectionClass($payload);
        $parameters = $class->getConstructor()?->getParameters() ?? [];
        $changes = ($parameters[0] ?? null)?->getAttributes(Changes::class)[0] ?? null;
        if ($changes !== null) {
            $of = new \ReflectionClass($changes->newInstance()->of);

            return new self($payload, self::declared($of->getConstructor()?->getParameters() ?? []), [], $parameters[0]->getName());
        }
        $ways = array_map(fn(\ReflectionAttribute $way): Way => $way->newInstance(), $class->getAttributes(Way::class));

        return new self($payload, self::declared($parameters), $ways, null);
    }

    /**
     * @param array<string, mixed> $payload as it was sent, or stored
     * @param bool $stored it was taken once
     *
     * @return array{Payload, array<string, mixed>} and what is stored of it: texts trimmed, lists without repeats
     *
     * @throws UnreadableMark
     */
    public function read(array $payload, bool $stored): array
    {
        $arguments = $kept = [];
        foreach ($this->parameters as $name => $parameter) {
            $isSent = array_key_exists($name, $payload);
            $sent = $payload[$name] ?? null;
            if ($isSent || $this->changes === null) {
                $arguments[$name] = $parameter->read($sent, $stored);
            }
            if ($isSent || $parameter->keptUnsent() !== null) {
                $kept[$name] = $parameter->kept($sent, $arguments[$name]);
            }
        }
        $this->holdToOneWay($arguments);
        // It would be lost without a word.
        $unknown = array_key_first(array_diff_key($payload, $this->parameters));
        if ($unknown !== null) {
            throw UnreadableMark::field((string) $unknown, MarkProblem::NotAField);
        }

        return [$this->changes === null ? new $this->payload(...$arguments) : new $this->payload($arguments), $kept];
    }

    /** @param array<string, mixed> $arguments */
    private function holdToOneWay(array $arguments): void
    {
        if ($this->ways === []) {
            return;
        }
        foreach ($this->ways as $way) {
            if ($arguments[$way->needs[0]] !== null) {
                break;
            }
        }
        foreach ($way->needs as $name) {
            $arguments[$name] ?? throw $this->parameters[$name]->field->missing($name);
        }
        foreach (array_diff(array_keys($this->parameters), $way->needs, $way->may) as $name) {
            if ($arguments[$name] !== null) {
                throw UnreadableMark::field($name, MarkProblem::NotAField);
            }
        }
    }

    /**
     * @param list<\ReflectionParameter> $parameters
     *
     * @return array<string, Parameter>
     */
    private static function declared(array $parameters): array
    {
        $declared = array_map(Parameter::of(...), $parameters);

        return array_combine(array_map(fn(Parameter $one): string => $one->name, $declared), $declared);
    }
}

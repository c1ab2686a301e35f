<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Fields;

use HoundCheck\Core\Marks\MarkProblem;
use HoundCheck\Core\Marks\UnreadableMark;

/** Words. Trimmed; an empty text counts as none. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Text extends PayloadField
{
    /**
     * @param int $longest characters
     * @param string|null $like ECMA-262 and PCRE alike, without delimiters
     * @param MarkProblem $unlike what is wrong with another one
     */
    public function __construct(
        private int $longest,
        private ?string $like = null,
        private MarkProblem $unlike = MarkProblem::NotText,
    ) {}

    public function read(string $name, mixed $value, bool $stored): ?string
    {
        if (! is_string($value)) {
            throw UnreadableMark::field($name, MarkProblem::NotText);
        }
        $text = trim($value);
        if (mb_strlen($text) > $this->longest) {
            throw UnreadableMark::field($name, MarkProblem::TooLong, ['most' => $this->longest]);
        }
        if ($text !== '' && $this->like !== null && preg_match("/{$this->like}/", $text) !== 1) {
            throw UnreadableMark::field($name, $this->unlike);
        }

        return $text === '' ? null : $text;
    }

    public function kept(mixed $sent, mixed $read): mixed
    {
        return $read;
    }

    public function schema(): array
    {
        return ['type' => 'string', 'maxLength' => $this->longest, ...($this->like === null ? [] : ['pattern' => $this->like])];
    }

    public function neededSchema(): array
    {
        return ['type' => 'string', 'minLength' => 1, 'maxLength' => $this->longest, 'pattern' => $this->like ?? '\S'];
    }
}

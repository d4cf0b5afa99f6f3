<?php

declare(strict_types=1);

namespace PaperKite\Offer;

use PaperKite\Text\InvalidLine;
use PaperKite\Text\Line;

/** The words of a button, as far as somebody has written any. */
final readonly class StateWords
{
    public const LONGEST = 40;

    /** @param  array<string, string>  $words  by the value of the state */
    private function __construct(private array $words) {}

    public static function none(): self
    {
        return new self([]);
    }

    /** @param  array<string, string|null>  $words  by the value of the state; blank ones say nothing */
    public static function of(array $words): self
    {
        $kept = [];
        foreach (ButtonState::cases() as $state) {
            $word = $words[$state->value] ?? null;
            if ($word !== null && $word !== '') {
                $kept[$state->value] = $word;
            }
        }

        return new self($kept);
    }

    /**
     * @return string|null the words to keep, `null` for blank ones
     *
     * @throws InvalidLine
     */
    public static function read(ButtonState $state, string $typed): ?string
    {
        $what = $state === ButtonState::Idle ? 'The caption' : "What it says when “{$state->label()}”";

        return trim($typed, ' ') === '' ? null : Line::of($typed, $what, self::LONGEST)->text;
    }

    public function word(ButtonState $state): ?string
    {
        return $this->words[$state->value] ?? null;
    }

    /** @return array<string, string> by the value of the state */
    public function all(): array
    {
        return $this->words;
    }
}

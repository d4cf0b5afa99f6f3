<?php

declare(strict_types=1);

namespace PaperKite\Words;

use JsonSerializable;
use PaperKite\Money\Money;
use PaperKite\Time\Day;

/** Something said to a shopper, in no language yet: a phrase, and what stands in it. */
final readonly class Said implements JsonSerializable
{
    /** @param  array<string|int, Money|Day|Country|int|string|Said>  $arguments  by their names in the phrase */
    private function __construct(
        public Phrase $phrase,
        public array $arguments,
    ) {}

    public static function of(Phrase $phrase, Money|Day|Country|int|string|self ...$arguments): self
    {
        return new self($phrase, $arguments);
    }

    /** @param  list<self>  $parts */
    public static function sentence(array $parts): self
    {
        return new self(Phrase::Sentence, $parts);
    }

    /** Whether it says this, by itself or in what stands in it. */
    public function says(Phrase $phrase): bool
    {
        return $this->phrase === $phrase || array_filter($this->arguments, static fn (mixed $argument): bool => $argument instanceof self && $argument->says($phrase)) !== [];
    }

    public function in(Wording $words): string
    {
        $shown = array_map(static fn (Money|Day|Country|int|string|self $argument): string => $argument instanceof self ? $argument->in($words) : $words->language->shown($argument), $this->arguments);
        if ($this->phrase === Phrase::Sentence) {
            $sentence = implode('; ', $shown);

            return mb_strtoupper(mb_substr($sentence, 0, 1)).mb_substr($sentence, 1).'.';
        }

        return Wording::filled($words->text($this->phrase), $shown);
    }

    /** @return array<string, mixed> as `KeptWords` reads it */
    public function jsonSerialize(): array
    {
        return KeptWords::written($this);
    }
}

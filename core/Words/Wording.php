<?php

declare(strict_types=1);

namespace PaperKite\Words;

/** A language, with the shop's own words in it where it has any. */
final readonly class Wording
{
    /** @param  array<string, string>  $own  by the key of the phrase */
    public function __construct(
        public Language $language,
        private array $own = [],
    ) {}

    /** For the console, and for whoever reads a document. */
    public static function english(): self
    {
        return new self(Language::English);
    }

    public function text(Phrase $phrase): string
    {
        return $this->own[$phrase->value] ?? $this->language->text($phrase);
    }
}

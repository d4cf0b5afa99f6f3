<?php

declare(strict_types=1);

namespace PaperKite\Words;

use PaperKite\Money\Money;
use PaperKite\Refusal;
use PaperKite\Time\Day;
use PaperKite\ToldRefusal;

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

    /** @param  Phrase|string  $phrase  or its key */
    public function text(Phrase|string $phrase): string
    {
        $key = $phrase instanceof Phrase ? $phrase->value : $phrase;

        return $this->own[$key] ?? $this->language->text($key);
    }

    /** The shop's own words for a phrase; blank where it has none. */
    public function own(string $key): string
    {
        return $this->own[$key] ?? '';
    }

    /** What a page or a letter says: a phrase by its key, with what is filled in by its names. */
    public function say(string $key, Money|Day|Country|int|string ...$arguments): string
    {
        return self::filled($this->text($key), array_map($this->language->shown(...), $arguments));
    }

    public function dates(): Dates
    {
        return $this->language->dates();
    }

    /** Why something is refused: in the shop's words where shoppers are told of such a refusal. */
    public function refusal(Refusal $refusal): string
    {
        return $refusal instanceof ToldRefusal ? self::filled($this->text($refusal->key), $refusal->arguments) : $refusal->getMessage();
    }

    /** What `say` says, as HTML: the phrase is text, and what is filled in is HTML already. */
    public function html(string $key, string ...$arguments): string
    {
        return self::filled(htmlspecialchars($this->text($key), ENT_QUOTES | ENT_SUBSTITUTE, 'UTF-8'), $arguments);
    }

    /** @param  array<array-key, string>  $shown  by the names in the text */
    public static function filled(string $text, array $shown): string
    {
        $marks = array_map(static fn (string|int $name): string => "{{$name}}", array_keys($shown));

        // All at once: what stands in one argument is no mark for another.
        return strtr($text, array_combine($marks, $shown));
    }
}

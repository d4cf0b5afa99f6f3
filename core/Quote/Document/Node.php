<?php

declare(strict_types=1);

namespace PaperKite\Quote\Document;

use BackedEnum;
use PaperKite\Catalogue\Sku;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Money\Percentage;
use PaperKite\Refusal;
use PaperKite\Text\DecimalMark;
use PaperKite\Time\Moment;
use stdClass;
use Symfony\Component\Intl\Countries;

/**
 * A value in the document and the path to it. Each reading returns the value, or notes a fault at the path and returns
 * `null`, so that the rest is still read.
 */
final readonly class Node
{
    /** The largest integer where the format names no limit of its own: far from what 64 bits hold. */
    private const LARGEST = 1_000_000_000;

    public function __construct(
        private mixed $value,
        public string $at,
        private Faults $faults,
        /** With which amounts and percentages may be written, besides a point. */
        private DecimalMark $mark = DecimalMark::Point,
    ) {}

    /**
     * @param  list<string>  $required
     * @param  list<string>  $optional
     */
    public function object(array $required, array $optional): ?ObjectNode
    {
        if (! $this->value instanceof stdClass) {
            return $this->refuse('This must be an object, in braces.');
        }

        return ObjectNode::of(get_object_vars($this->value), $this->at, $required, $optional, $this->faults, $this->mark);
    }

    /** @return list<self>|null */
    public function items(): ?array
    {
        if (! is_array($this->value)) {
            return $this->refuse('This must be a list, in brackets.');
        }

        return array_map(fn (mixed $item, int $i): self => new self($item, "{$this->at}[{$i}]", $this->faults, $this->mark), array_values($this->value), array_keys(array_values($this->value)));
    }

    public function text(): ?string
    {
        return is_string($this->value) && trim($this->value) !== '' ? $this->value : $this->refuse('This must be a text that is not blank.');
    }

    public function boolean(): ?bool
    {
        return is_bool($this->value) ? $this->value : $this->refuse('This must be true or false.');
    }

    public function integer(int $min, int $max = self::LARGEST): ?int
    {
        return is_int($this->value) && $this->value >= $min && $this->value <= $max
            ? $this->value
            : $this->refuse(sprintf('This must be a whole number from %s to %s.', number_format($min), number_format($max)));
    }

    /** @param  Currency|null  $currency  `null` where the document names none that is known: then only the form is read */
    public function amount(?Currency $currency): ?Money
    {
        if (! $this->isDecimal()) {
            return $this->refuse($this->decimalWanted('an amount', '9.80'));
        }

        return $currency === null ? null : $this->read(fn (string $text): Money => Money::fromEntry($this->mark->pointed($text), $currency));
    }

    public function percentage(): ?Percentage
    {
        return $this->isDecimal()
            ? $this->read(fn (string $text): Percentage => Percentage::fromEntry($this->mark->pointed($text)))
            : $this->refuse($this->decimalWanted('a percentage', '8.875'));
    }

    public function moment(): ?Moment
    {
        return is_string($this->value)
            ? $this->read(Moment::of(...))
            : $this->refuse('This must be a moment, as a text such as "2026-04-20T10:00:00+01:00".');
    }

    /** A SKU, or the code of a plan, which is written like one. */
    public function sku(): ?Sku
    {
        if (! is_string($this->value)) {
            return $this->refuse('This must be a SKU, as a text.');
        }

        // What a person typed may lose the spaces around it; a document says what it means.
        return $this->value !== trim($this->value, ' ')
            ? $this->refuse('A SKU can’t hold a space; remove it.')
            : $this->read(Sku::of(...));
    }

    public function country(): ?string
    {
        return is_string($this->value) && Countries::exists($this->value)
            ? $this->value
            : $this->refuse('This must be a country as ISO 3166-1 writes it, in two capital letters.');
    }

    public function is(mixed $value): bool
    {
        return $this->value === $value;
    }

    /**
     * @template E of BackedEnum
     *
     * @param  class-string<E>  $enum
     * @param  list<E>|null  $cases  those that may stand here; `null`: all
     * @return E|null
     */
    public function oneOf(string $enum, ?array $cases = null): ?BackedEnum
    {
        $cases ??= $enum::cases();
        $case = is_string($this->value) ? $enum::tryFrom($this->value) : null;
        if ($case !== null && in_array($case, $cases, true)) {
            return $case;
        }
        $allowed = implode(', ', array_map(static fn (BackedEnum $case): string => "“{$case->value}”", $cases));

        return $this->refuse("This must be one of {$allowed}.");
    }

    public function refuse(string $message): null
    {
        $this->faults->add($this->at, $message);

        return null;
    }

    /**
     * @template T
     *
     * @param  callable(string): T  $reading
     * @return T|null
     */
    private function read(callable $reading): mixed
    {
        try {
            return $reading(is_string($this->value) ? $this->value : '');
        } catch (Refusal $refusal) {
            return $this->refuse($refusal->getMessage());
        }
    }

    /** A document may write a number where a text is wanted; what was typed into a form is one already. */
    private function decimalWanted(string $what, string $example): string
    {
        return is_string($this->value)
            ? "This must be {$what} with a point and not negative, such as {$example}."
            : "This must be {$what}, as a text with a point and not negative, such as \"{$example}\".";
    }

    private function isDecimal(): bool
    {
        return is_string($this->value) && preg_match('/\A\d+(?:\.\d+)?\z/', $this->mark->pointed($this->value)) === 1;
    }
}

<?php

declare(strict_types=1);

namespace PaperKite\Link;

use League\Uri\UriTemplate\Template;

/**
 * How a link by hand is spelled, whole and on the way: goods with commas between, then what is said of them. It is
 * read and written here alone.
 *
 * @see https://www.rfc-editor.org/rfc/rfc6570 3.2.8, how it is written
 */
final readonly class OpenLinkText
{
    public const MOST_ITEMS = 20;

    /**
     * @param  list<OpenItem>  $items
     * @param  array<string, string>  $said  by parameter
     */
    private function __construct(
        public array $items,
        private array $said,
    ) {}

    /**
     * @param  list<OpenItem>  $items
     * @param  array<string, string|null>  $said  by parameter
     */
    public static function of(array $items, array $said): self
    {
        return new self($items, array_filter($said, static fn (?string $value): bool => $value !== null));
    }

    /**
     * @param  string  $items  decoded; blank for none
     * @param  string  $query  as it came in
     * @param  list<OpenParameter>  $allowed
     *
     * @throws InvalidOpenLink at the first part that can't be read
     */
    public static function read(string $items, string $query, array $allowed): self
    {
        if (! mb_check_encoding($items, 'UTF-8')) {
            throw InvalidOpenLink::notText();
        }
        $texts = $items === '' ? [] : explode(',', $items);
        if (count($texts) > self::MOST_ITEMS) {
            throw InvalidOpenLink::tooManyItems(count($texts), self::MOST_ITEMS);
        }

        return new self(array_map(OpenItem::read(...), $texts), self::said($query, $allowed));
    }

    public function value(OpenParameter $parameter): ?string
    {
        return $this->said[$parameter->value] ?? null;
    }

    public function destination(): ?OpenDestination
    {
        return OpenDestination::tryFrom($this->value(OpenParameter::To) ?? '');
    }

    public function items(): string
    {
        return implode(',', array_map(static fn (OpenItem $item): string => $item->text(), $this->items));
    }

    /** With its mark; blank where nothing is said. */
    public function query(): string
    {
        return Template::new('{?'.implode(',', array_column(OpenParameter::cases(), 'value')).'}')->expand($this->said);
    }

    /**
     * @param  list<OpenParameter>  $allowed
     * @return array<string, string> by parameter, in their order
     *
     * @throws InvalidOpenLink
     */
    private static function said(string $query, array $allowed): array
    {
        $said = [];
        foreach ($query === '' ? [] : explode('&', $query) as $pair) {
            [$name, $value] = array_map(urldecode(...), explode('=', $pair, 2) + [1 => '']);
            $parameter = OpenParameter::tryFrom($name);
            if ($parameter === null || ! in_array($parameter, $allowed, true) || isset($said[$name]) || ! mb_check_encoding($value, 'UTF-8')) {
                throw InvalidOpenLink::parameter($name);
            }
            $said[$name] = $parameter->checked($value);
        }

        return $said;
    }
}

<?php

declare(strict_types=1);

namespace PaperKite\Partner;

use League\Uri\Components\Query;
use League\Uri\UriTemplate\Template;

/**
 * How a marketplace builds the addresses of its pages: `/{item}-{slug}`, `/goods{?nr}`, `/{category}/{item}.html`.
 *
 * An RFC 6570 template of a path, with simple variables in it and at most one `{?…}` at its end.
 *
 * @see https://www.rfc-editor.org/rfc/rfc6570
 */
final readonly class AddressPattern
{
    public const LONGEST = 200;

    /** What a variable stands for: one segment or less, and never a way out of it. */
    private const VALUE = '/\A[\p{L}\p{N}][\p{L}\p{N}._~-]{0,99}\z/u';

    // Each more would make reading an address of many hyphens slower by a factor.
    private const MOST_VARIABLES = 4;

    private function __construct(
        public string $text,
        private Template $path,
        /** @var list<string> names of variables that stand in parameters of the same names */
        private array $parameters,
    ) {}

    /** @throws InvalidMarketplace */
    public static function of(string $text): self
    {
        $text = trim($text, ' ');
        if (strlen($text) > self::LONGEST || preg_match('~\A(/(?!/)(?!(?:.*/)?\.\.?(?:/|\z))(?:[A-Za-z0-9._\~!$&\'()*+,;=:@/-]|\{[a-z][a-z0-9_]{0,19}\})*)(?:\{\?([a-z][a-z0-9_,-]*)\})?\z~', $text, $parts) !== 1) {
            throw InvalidMarketplace::pattern($text);
        }
        $path = Template::new($parts[1]);
        $parameters = ($parts[2] ?? '') === '' ? [] : explode(',', $parts[2]);
        $names = [...self::namesIn($parts[1]), ...$parameters];
        if ($names === [] || in_array('', $names, true) || count($names) > self::MOST_VARIABLES || count(array_unique($names)) !== count($names) || preg_match('/\}\{(?!\?)/', $parts[1]) === 1) {
            throw InvalidMarketplace::pattern($text);
        }

        return new self($text, $path, $parameters);
    }

    /** @return list<string> in their order */
    public function variables(): array
    {
        return [...self::namesIn($this->path->value), ...$this->parameters];
    }

    /** @return list<string> the parameters that it needs */
    public function parameters(): array
    {
        return $this->parameters;
    }

    /**
     * @param  string  $path  without dot segments, percent-encoded
     * @return array<string, string>|null what the variables stand for; `null` where this is no such address
     */
    public function read(string $path, Query $query): ?array
    {
        $values = $this->values($path, $query);

        return $values !== null && array_filter($values, static fn (string $value): bool => ! self::canHold($value)) === [] ? $values : null;
    }

    /** @return string|null what stands for its one variable, whatever that is; `null` where this is no such address */
    public function words(string $path, Query $query): ?string
    {
        return $this->values($path, $query)[$this->variables()[0]] ?? null;
    }

    /** @return array<string, string>|null of all its variables */
    private function values(string $path, Query $query): ?array
    {
        // What has other segments is another address; and a long one would take long to be held against the variables.
        if (strlen($path) > 2 * self::LONGEST || substr_count($path, '/') !== substr_count($this->path->value, '/')) {
            return null;
        }
        $found = $this->path->extract($path);
        if (! $found->isSuccessful()) {
            return null;
        }
        $values = array_filter($found->variables(), is_string(...));
        foreach ($this->parameters as $name) {
            $values[$name] = (string) $query->get($name);
        }
        $values = array_intersect_key($values, array_flip($this->variables()));

        return count($values) === count($this->variables()) ? $values : null;
    }

    /**
     * @param  array<string, string>  $values  by name; what it has no variable for is left out
     * @return string the path, percent-encoded
     */
    public function path(array $values): string
    {
        return $this->path->expand($values);
    }

    /** Whether this may stand for a variable, and is read back as itself. */
    public static function canHold(string $value): bool
    {
        return preg_match(self::VALUE, $value) === 1;
    }

    /** @return list<string> */
    private static function namesIn(string $path): array
    {
        preg_match_all('/\{([a-z][a-z0-9_]*)\}/', $path, $found);

        return $found[1];
    }
}

<?php

declare(strict_types=1);

namespace PaperKite\Partner;

use League\Uri\Components\HierarchicalPath;
use League\Uri\Components\Query;
use League\Uri\Contracts\UriInterface;
use League\Uri\Uri;
use Throwable;

/** An address as it was pasted, taken apart as browsers do; what they would read in more than one way is none. */
final readonly class PastedAddress
{
    public const LONGEST = 2048;

    private function __construct(
        public string $host,
        /** `null` where none is written, or the scheme's own. */
        public ?int $port,
        /** Percent-encoded, without dot segments. */
        public string $path,
        public Query $query,
        public string $fragment,
    ) {}

    public static function read(string $text): self|AddressFinding
    {
        $text = trim($text, " \t\r\n");
        if (strlen($text) > self::LONGEST) {
            return AddressFinding::tooLong(strlen($text), self::LONGEST);
        }
        // Browsers read a backslash as a slash, and drop tabs and line breaks: what is checked must be what they go to.
        if ($text === '' || ! mb_check_encoding($text, 'UTF-8') || preg_match('/[\p{C}\p{Z}\\\\]/u', $text) === 1) {
            return AddressFinding::unreadable();
        }
        try {
            $uri = Uri::new(str_contains($text, '://') ? $text : "https://{$text}");

            return self::of($uri);
        } catch (Throwable) {
            return AddressFinding::unreadable();
        }
    }

    private static function of(UriInterface $uri): self|AddressFinding
    {
        if ($uri->getUserInfo() !== null) {
            return AddressFinding::namesUser($uri->getUserInfo());
        }
        $scheme = Scheme::tryFrom($uri->getScheme() ?? '');
        $host = rtrim($uri->getHost() ?? '', '.');
        if ($scheme === null || $host === '') {
            return AddressFinding::unreadable();
        }
        $path = HierarchicalPath::fromUri($uri)->withoutDotSegments()->withLeadingSlash()->toString();
        foreach (explode('/', $path) as $segment) {
            if (in_array(rawurldecode($segment), ['.', '..'], true)) {
                return AddressFinding::climbs();
            }
        }

        return new self(strtolower($host), $uri->getPort() === $scheme->port() ? null : $uri->getPort(), $path, Query::fromFormData($uri->getQuery()), (string) $uri->getFragment());
    }

    /** Whether it is one short word at a host, as shorteners have it. */
    public function looksShortened(): bool
    {
        return $this->query->value() === null && preg_match('~\A/[A-Za-z0-9]{3,12}\z~', $this->path) === 1;
    }

    /** @return list<array{string, string}> each parameter with its value, decoded */
    public function pairs(): array
    {
        $pairs = [];
        foreach ($this->query->pairs() as $name => $value) {
            $pairs[] = [(string) $name, (string) $value];
        }

        return $pairs;
    }

    /** @return list<string> all values of a parameter */
    public function all(string $parameter): array
    {
        return array_values(array_map(strval(...), $this->query->getAll($parameter)));
    }
}

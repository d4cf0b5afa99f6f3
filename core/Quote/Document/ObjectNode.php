<?php

declare(strict_types=1);

namespace PaperKite\Quote\Document;

use PaperKite\Text\DecimalMark;

/** An object of the document, of which every key is known. */
final readonly class ObjectNode
{
    /** @param  array<string, Node>  $nodes  by key; an optional key whose value is null is not among them */
    private function __construct(
        private array $nodes,
        private string $at,
        private Faults $faults,
    ) {}

    /**
     * @param  array<mixed>  $values
     * @param  list<string>  $required
     * @param  list<string>  $optional
     */
    public static function of(array $values, string $at, array $required, array $optional, Faults $faults, DecimalMark $mark = DecimalMark::Point): self
    {
        $nodes = [];
        foreach ($values as $key => $value) {
            $key = (string) $key;
            if (! in_array($key, $required, true) && ! in_array($key, $optional, true)) {
                $faults->add(self::path($at, $key), 'This key is not known here; remove it, or correct its spelling.');
            } elseif ($value !== null || in_array($key, $required, true)) {
                $nodes[$key] = new Node($value, self::path($at, $key), $faults, $mark);
            }
        }
        foreach ($required as $key) {
            if (! array_key_exists($key, $values)) {
                $faults->add(self::path($at, $key), 'This key is missing.');
            }
        }

        return new self($nodes, $at, $faults);
    }

    /** @return Node|null `null` where the key is absent; if it is required, that has been noted */
    public function at(string $key): ?Node
    {
        return $this->nodes[$key] ?? null;
    }

    /** @return list<Node> the items of a list; none where the key is absent or no list */
    public function items(string $key): array
    {
        return $this->at($key)?->items() ?? [];
    }

    /** Whether the key holds something: neither absent nor an empty list. */
    public function has(string $key): bool
    {
        return $this->at($key)?->is([]) === false;
    }

    public function refuse(string $key, string $message): void
    {
        $this->faults->add(self::path($this->at, $key), $message);
    }

    private static function path(string $at, string $key): string
    {
        return $at === '' ? $key : "{$at}.{$key}";
    }
}

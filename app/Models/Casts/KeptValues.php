<?php

declare(strict_types=1);

namespace App\Models\Casts;

use PaperKite\Words\KeptWords;
use PaperKite\Words\Said;

/** What was kept as JSON by this release or another: each value by its type, with a default where it is not there. */
final readonly class KeptValues
{
    /** @param  array<mixed>  $values */
    public function __construct(private array $values) {}

    public function text(string $key): string
    {
        return $this->optionalText($key) ?? '';
    }

    public function optionalText(string $key): ?string
    {
        $value = $this->values[$key] ?? null;

        return is_string($value) ? $value : null;
    }

    public function integer(string $key): int
    {
        return $this->optionalInteger($key) ?? 0;
    }

    public function optionalInteger(string $key): ?int
    {
        $value = $this->values[$key] ?? null;

        return is_int($value) ? $value : null;
    }

    public function isTrue(string $key): bool
    {
        return ($this->values[$key] ?? null) === true;
    }

    public function part(string $key): self
    {
        $value = $this->values[$key] ?? null;

        return new self(is_array($value) ? $value : []);
    }

    /** @return list<string> */
    public function texts(string $key): array
    {
        $value = $this->values[$key] ?? null;

        return array_values(array_filter(is_array($value) ? $value : [], is_string(...)));
    }

    /** @return list<self> */
    public function parts(string $key): array
    {
        $value = $this->values[$key] ?? null;

        return array_values(array_map(static fn (array $part): self => new self($part), array_filter(is_array($value) ? $value : [], is_array(...))));
    }

    public function said(string $key): ?Said
    {
        return KeptWords::read($this->values[$key] ?? null);
    }

    /** @return array<string, Said> by name */
    public function allSaid(string $key): array
    {
        return SaidListCast::read($this->values[$key] ?? null);
    }
}

<?php

declare(strict_types=1);

namespace PaperKite\Text;

/** A form as it came in: whatever is not of the kind that is asked for counts as not filled in. */
final readonly class FormInput
{
    /** @param  array<mixed>  $values */
    private function __construct(
        private array $values,
        /** Where this part stands in the whole form, with a point at its end; blank for the whole. */
        private string $at,
        private DecimalMark $mark,
    ) {}

    /** @param  DecimalMark  $mark  with which its numbers may be written, besides a point */
    public static function of(mixed $values, DecimalMark $mark = DecimalMark::Point): self
    {
        return new self((array) $values, '', $mark);
    }

    /** A form that is there already, as if it had been sent as JSON. */
    public static function ofForm(object $form): self
    {
        return self::of(json_decode(json_encode($form, JSON_THROW_ON_ERROR), true, flags: JSON_THROW_ON_ERROR));
    }

    /** @param  array<string, string|int|null>  $values  that stand in it instead */
    public function with(array $values): self
    {
        return new self($values + $this->values, $this->at, $this->mark);
    }

    public function text(string $key): string
    {
        $value = $this->values[$key] ?? null;

        return is_string($value) ? $value : '';
    }

    /** A number with decimals, as it was typed, but with a point. */
    public function decimal(string $key): string
    {
        return $this->mark->pointed($this->text($key));
    }

    /** @return list<string> several in one field, each with a point */
    public function decimals(string $key): array
    {
        return array_map($this->mark->pointed(...), $this->mark->split($this->text($key)));
    }

    public function isOn(string $key): bool
    {
        return ($this->values[$key] ?? null) === true;
    }

    public function id(string $key): ?int
    {
        $value = $this->values[$key] ?? null;

        return is_int($value) ? $value : null;
    }

    /** Whether a form within the form was sent at all. */
    public function hasPart(string $key): bool
    {
        $value = $this->values[$key] ?? null;

        return is_array($value) && $value !== [];
    }

    /** A form within the form. */
    public function part(string $key): self
    {
        return new self((array) ($this->values[$key] ?? []), "{$this->at}{$key}.", $this->mark);
    }

    /** @return list<self> */
    public function items(string $key): array
    {
        $items = array_values((array) ($this->values[$key] ?? []));

        return array_map(fn (mixed $item, int $i): self => new self((array) $item, "{$this->at}{$key}.{$i}.", $this->mark), $items, array_keys($items));
    }

    /** @return list<string> */
    public function texts(string $key): array
    {
        return array_values(array_filter((array) ($this->values[$key] ?? []), is_string(...)));
    }

    /** @return list<int> */
    public function ids(string $key): array
    {
        return array_values(array_filter((array) ($this->values[$key] ?? []), is_int(...)));
    }

    /** The path of a key in the whole form: `options.0.choices.1.price`. */
    public function path(string $key): string
    {
        return $this->at.$key;
    }
}

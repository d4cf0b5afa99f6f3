<?php

declare(strict_types=1);

namespace App\Finding;

/** What a seller reads of a thing where it is found. */
final readonly class Said
{
    /**
     * @param  string  $label  what it is called
     * @param  string  $note  what tells it from others of its name
     * @param  string  $also  what else it is found by
     * @param  string|null  $code  whoever types it means this one: a SKU, a number
     * @param  int|null  $of  what it is a part of, by id
     */
    public function __construct(
        public string $label,
        public string $note,
        public string $also = '',
        public ?string $code = null,
        public ?int $of = null,
    ) {}

    public function text(): string
    {
        return "{$this->label} {$this->note} {$this->also} {$this->code}";
    }
}

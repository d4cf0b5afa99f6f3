<?php

declare(strict_types=1);

namespace PaperKite\Partner;

/** One item, by the reference that the marketplace has for it. */
final readonly class Item implements Target
{
    /** @param  non-empty-array<string, string>  $reference  by the variables of the item's address */
    public function __construct(
        public array $reference,
        /** @var array<string, string> parameters that the marketplace keeps */
        public array $kept = [],
    ) {}

    public function kind(): string
    {
        return 'item';
    }

    public function words(): string
    {
        return "item {$this->text()}";
    }

    /** As it is typed: the parts of a reference with a slash between them. */
    public function text(): string
    {
        return implode('/', $this->reference);
    }
}

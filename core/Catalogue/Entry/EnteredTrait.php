<?php

declare(strict_types=1);

namespace PaperKite\Catalogue\Entry;

/** An attribute of a product with its values. */
final readonly class EnteredTrait
{
    /** @param  non-empty-list<string>  $values */
    public function __construct(
        public string $name,
        public array $values,
    ) {}
}

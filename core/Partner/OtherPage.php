<?php

declare(strict_types=1);

namespace PaperKite\Partner;

/** A page of a marketplace that is no item’s: kept as it was pasted, without what does not belong there. */
final readonly class OtherPage implements Target
{
    public function __construct(
        /** Percent-encoded, without dot segments, from the slash on. */
        public string $path,
        /** @var array<string, string> parameters that the marketplace keeps */
        public array $kept = [],
    ) {}

    public function kind(): string
    {
        return 'page';
    }

    public function words(): string
    {
        return "page {$this->path}";
    }
}

<?php

declare(strict_types=1);

namespace PaperKite\Partner\Report;

/** Where a click came from: a placement, a label of links by hand, or one of the shop's own pages. */
final readonly class Place
{
    private function __construct(
        /** 0: none. */
        public int $placementId,
        /** 0: none. */
        public int $labelId,
        /** `list`, `product`, `glance`, or `link` for links by hand without a label; blank: none. */
        public string $surface,
    ) {}

    public static function placement(int $id): self
    {
        return new self($id, 0, '');
    }

    public static function label(int $id): self
    {
        return new self(0, $id, '');
    }

    public static function surface(string $name): self
    {
        return new self(0, 0, $name);
    }

    /** The same for the same place, and for no other. */
    public function key(): string
    {
        return "{$this->placementId}/{$this->labelId}/{$this->surface}";
    }
}

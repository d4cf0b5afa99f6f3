<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Shop;

/** A form that is saved as a whole: of which thing, in which shop. */
final readonly class Edited
{
    private function __construct(
        public EditKind $kind,
        public Shop $shop,
        public int $id,
    ) {}

    public static function thing(EditKind $kind, Shop $shop, int $id): self
    {
        return new self($kind, $shop, $id);
    }

    /** What a shop has once. */
    public static function setting(EditKind $kind, Shop $shop): self
    {
        return new self($kind, $shop, $shop->id);
    }

    /** @return array{shop_id: int, kind: string, subject_id: int} as the tables name it */
    public function key(): array
    {
        return ['shop_id' => $this->shop->id, 'kind' => $this->kind->value, 'subject_id' => $this->id];
    }
}

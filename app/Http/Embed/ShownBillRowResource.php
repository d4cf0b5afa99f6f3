<?php

declare(strict_types=1);

namespace App\Http\Embed;

use OpenApi\Attributes as OA;
use PaperKite\Quote\BillRow;
use PaperKite\Words\Wording;

#[OA\Schema(schema: 'ShownBillRow', description: 'A line of the bill below the goods.')]
final readonly class ShownBillRowResource
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $amount,
        #[OA\Property(description: 'The rule behind it; blank: there is nothing to say.')]
        public string $because,
        #[OA\Property(description: 'Whether it is what all comes to.')]
        public bool $is_total = false,
    ) {}

    public static function of(BillRow $row, Wording $say): self
    {
        return new self($say->say($row->kind->key()), $row->shown(), $row->because?->in($say) ?? '');
    }
}

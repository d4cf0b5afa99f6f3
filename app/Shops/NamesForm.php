<?php

declare(strict_types=1);

namespace App\Shops;

use OpenApi\Attributes as OA;
use PaperKite\Text\FormInput;

/** What a shop is called, and where it is, as typed. */
#[OA\Schema(schema: 'NamesEntry')]
final readonly class NamesForm
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'In the console’s addresses.')]
        public string $slug,
        #[OA\Property(description: 'Where the shop is.')]
        public string $host,
        #[OA\Property(description: 'The first part of the checkout’s address.')]
        public string $checkout_slug,
    ) {}

    public static function fromInput(FormInput $typed): self
    {
        return new self($typed->text('name'), $typed->text('slug'), $typed->text('host'), $typed->text('checkout_slug'));
    }
}

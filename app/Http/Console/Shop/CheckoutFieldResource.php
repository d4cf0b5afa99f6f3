<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use OpenApi\Attributes as OA;
use PaperKite\Checkout\CheckoutField;
use PaperKite\Checkout\CheckoutRules;
use PaperKite\Checkout\Demand;

#[OA\Schema(schema: 'CheckoutField')]
final readonly class CheckoutFieldResource
{
    /** @param  list<Demand>  $allowed */
    private function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $label,
        #[OA\Property(ref: '#/components/schemas/Demand')]
        public Demand $demand,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/Demand'))]
        public array $allowed,
        #[OA\Property(description: 'Why there is no choice; blank where there is one.')]
        public string $locked_because,
    ) {}

    public static function of(CheckoutField $field, CheckoutRules $rules): self
    {
        return new self($field->value, $field->label(), $rules->demand($field), $field->allowed(), $field->lockedBecause() ?? '');
    }
}

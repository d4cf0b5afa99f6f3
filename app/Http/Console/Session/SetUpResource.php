<?php

declare(strict_types=1);

namespace App\Http\Console\Session;

use App\Http\Console\Shared\ChoiceResource;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SetUp', description: 'What the page offers that sets an installation up.')]
final readonly class SetUpResource
{
    /**
     * @param  list<ChoiceResource>  $countries
     * @param  list<ChoiceResource>  $currencies
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: ChoiceResource::class))]
        public array $countries,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ChoiceResource::class))]
        public array $currencies,
        #[OA\Property(description: 'A host for a shop of this installation, with “shop” for the shop’s name.')]
        public string $host,
    ) {}
}

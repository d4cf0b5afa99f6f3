<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use App\Partners\ReadyPartner;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ReadyPartner', description: 'A partner whose marketplaces ship with Paper Kite.')]
final readonly class ReadyPartnerResource
{
    /** @param  list<string>  $marketplaces */
    private function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'Names.', type: 'array', items: new OA\Items(type: 'string'))]
        public array $marketplaces,
    ) {}

    public static function of(string $key, ReadyPartner $partner): self
    {
        return new self($key, $partner->name, $partner->names());
    }
}

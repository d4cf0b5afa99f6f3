<?php

declare(strict_types=1);

namespace App\Http\Console\Session;

use App\Models\Shop;
use Illuminate\Database\Eloquent\Relations\Pivot;
use LogicException;
use OpenApi\Attributes as OA;
use PaperKite\People\Ability;
use PaperKite\People\Role;

#[OA\Schema(schema: 'ShopName', description: 'A shop that somebody works in, and what they may do there.')]
final readonly class ShopNameResource
{
    /** @param  list<Ability>  $may */
    private function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $slug,
        #[OA\Property]
        public string $name,
        #[OA\Property(ref: '#/components/schemas/Role')]
        public Role $role,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/Ability'))]
        public array $may,
    ) {}

    /** @param  Shop  $shop  as one of a person's */
    public static function of(Shop $shop): self
    {
        $membership = $shop->getRelation('pivot');
        $role = $membership instanceof Pivot ? $membership->getAttribute('role') : null;
        $role = is_string($role) ? Role::from($role) : throw new LogicException('The shop of a person comes with what they are there.');

        return new self($shop->id, $shop->slug, $shop->name, $role, array_values(array_filter(Ability::cases(), $role->may(...))));
    }
}

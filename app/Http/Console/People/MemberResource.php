<?php

declare(strict_types=1);

namespace App\Http\Console\People;

use App\Models\Person;
use Illuminate\Database\Eloquent\Relations\Pivot;
use OpenApi\Attributes as OA;
use PaperKite\People\Role;

#[OA\Schema(schema: 'Member', description: 'Somebody who works in the shop.')]
final readonly class MemberResource
{
    private function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $email,
        #[OA\Property(ref: '#/components/schemas/Role')]
        public Role $role,
        #[OA\Property(description: 'Whether it is whoever asks.')]
        public bool $is_you,
        #[OA\Property]
        public bool $has_second_factor,
    ) {}

    /** @param  Person  $person  as one of a shop's */
    public static function of(Person $person, ?Person $asking): self
    {
        $membership = $person->getRelation('pivot');
        $role = $membership instanceof Pivot ? $membership->getAttribute('role') : null;

        return new self($person->id, $person->name, $person->email, Role::from(is_string($role) ? $role : ''), $person->id === $asking?->id, $person->hasSecondFactor());
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Console\People;

use OpenApi\Attributes as OA;
use PaperKite\People\Role;

#[OA\Schema(schema: 'RoleChoice')]
final readonly class RoleResource
{
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/Role')]
        public Role $value,
        #[OA\Property]
        public string $label,
        #[OA\Property(description: 'What it may do.')]
        public string $note,
    ) {}

    /** @return list<self> */
    public static function all(): array
    {
        return array_map(static fn (Role $role): self => new self($role, $role->label(), $role->note()), Role::cases());
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Console\People;

use App\Models\Invitation;
use OpenApi\Attributes as OA;
use PaperKite\People\Role;

#[OA\Schema(schema: 'OpenInvitation', description: 'An invitation that nobody has used yet.')]
final readonly class OpenInvitationResource
{
    private function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $email,
        #[OA\Property(ref: '#/components/schemas/Role')]
        public Role $role,
        #[OA\Property(format: 'date-time')]
        public string $expires_at,
    ) {}

    public static function of(Invitation $invitation): self
    {
        return new self($invitation->id, $invitation->email, $invitation->role, $invitation->expires_at->toIso8601ZuluString());
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Console\Session;

use App\Models\Invitation;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Invitation', description: 'What somebody is invited to.')]
final readonly class InvitationResource
{
    private function __construct(
        #[OA\Property(description: 'Its name.')]
        public string $shop,
        #[OA\Property(description: 'Whom it is for.')]
        public string $email,
        #[OA\Property]
        public string $role,
        #[OA\Property(description: 'What the role may do.')]
        public string $note,
        #[OA\Property(description: 'Whether that person has a password here already.')]
        public bool $is_known,
    ) {}

    public static function of(Invitation $invitation, bool $isKnown): self
    {
        return new self($invitation->shop->name, $invitation->email, $invitation->role->label(), $invitation->role->note(), $isKnown);
    }
}

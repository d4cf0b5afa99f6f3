<?php

declare(strict_types=1);

namespace App\Http\Console\People;

use App\Models\Invitation;
use App\Models\Person;
use App\Models\Shop;
use Carbon\CarbonImmutable;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'People', description: 'Who works in the shop, and who is invited.')]
final readonly class PeopleResource
{
    /**
     * @param  list<MemberResource>  $people
     * @param  list<OpenInvitationResource>  $invitations
     * @param  list<RoleResource>  $roles
     */
    private function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: MemberResource::class))]
        public array $people,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OpenInvitationResource::class))]
        public array $invitations,
        #[OA\Property(type: 'array', items: new OA\Items(ref: RoleResource::class))]
        public array $roles,
    ) {}

    public static function of(Shop $shop, ?Person $asking, CarbonImmutable $now): self
    {
        $open = $shop->invitations()->whereNull('used_at')->where('expires_at', '>', $now)->orderBy('id')->get();

        return new self(
            array_values($shop->people()->get()->map(static fn (Person $person): MemberResource => MemberResource::of($person, $asking))->all()),
            array_values($open->map(static fn (Invitation $invitation): OpenInvitationResource => OpenInvitationResource::of($invitation))->all()),
            RoleResource::all(),
        );
    }
}

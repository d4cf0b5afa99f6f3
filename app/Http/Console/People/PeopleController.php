<?php

declare(strict_types=1);

namespace App\Http\Console\People;

use App\Http\Console\Shared\Answer;
use App\Http\Input;
use App\Models\Invitation;
use App\Models\Person;
use App\Models\Shop;
use App\People\CantInvite;
use App\People\ChangeMember;
use App\People\Invite;
use App\People\LastOwner;
use App\Time\Clock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use LogicException;
use OpenApi\Attributes as OA;
use PaperKite\People\Role;
use PaperKite\Text\EmailAddress;
use PaperKite\Text\InvalidAddress;

/** Who works in a shop. */
final readonly class PeopleController
{
    public function __construct(
        private ChangeMember $change,
        private Clock $clock,
    ) {}

    #[OA\Get(path: '/shops/{shop}/people', operationId: 'people', summary: 'Who works in the shop', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[Answer(PeopleResource::class)]
    public function list(Request $request, Shop $shop): JsonResponse
    {
        return $this->answer($request, $shop, 200);
    }

    #[OA\Post(path: '/shops/{shop}/invitations', operationId: 'invite', summary: 'Invite somebody', description: 'By a link that is mailed, works once and expires after seven days.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/act')])]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['email', 'role'], properties: [new OA\Property(property: 'email', type: 'string'), new OA\Property(property: 'role', ref: '#/components/schemas/Role')]))]
    #[Answer(PeopleResource::class, 201)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function invite(Request $request, Shop $shop, Invite $invite): JsonResponse
    {
        try {
            $invite($shop, self::asking($request), EmailAddress::of(Input::text($request, 'email')), self::role($request));
        } catch (InvalidAddress|CantInvite $refused) {
            throw ValidationException::withMessages(['email' => $refused->getMessage()]);
        }

        return $this->answer($request, $shop, 201);
    }

    #[OA\Delete(path: '/shops/{shop}/invitations/{invitation}', operationId: 'withdrawInvitation', summary: 'Withdraw an invitation', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(name: 'invitation', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))])]
    #[Answer(PeopleResource::class)]
    public function withdraw(Request $request, Shop $shop, Invitation $invitation): JsonResponse
    {
        Invitation::query()->whereKey($invitation->id)->whereNull('used_at')->delete();

        return $this->answer($request, $shop, 200);
    }

    #[OA\Put(path: '/shops/{shop}/people/{person}', operationId: 'changeRole', summary: 'Say what somebody is in the shop', description: 'An owner is always left.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(name: 'person', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))])]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['role'], properties: [new OA\Property(property: 'role', ref: '#/components/schemas/Role')]))]
    #[Answer(PeopleResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function change(Request $request, Shop $shop, Person $person): JsonResponse
    {
        $role = self::role($request);
        $this->refusing(fn () => $this->change->toBe($shop, $person, $role));

        return $this->answer($request, $shop, 200);
    }

    #[OA\Delete(path: '/shops/{shop}/people/{person}', operationId: 'removePerson', summary: 'Let somebody work in the shop no more', description: 'An owner is always left.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(name: 'person', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))])]
    #[Answer(PeopleResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function remove(Request $request, Shop $shop, Person $person): JsonResponse
    {
        $this->refusing(fn () => $this->change->leave($shop, $person));

        return $this->answer($request, $shop, 200);
    }

    #[OA\Post(path: '/shops/{shop}/leave', operationId: 'leaveShop', summary: 'Work in the shop no more', description: 'An owner is always left.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[OA\Response(response: 204, description: 'Left.')]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function leave(Request $request, Shop $shop): Response
    {
        $this->refusing(fn () => $this->change->leave($shop, self::asking($request)));

        return response()->noContent();
    }

    /** @param  callable(): void  $act */
    private function refusing(callable $act): void
    {
        try {
            $act();
        } catch (LastOwner $refused) {
            throw ValidationException::withMessages(['role' => $refused->getMessage()]);
        }
    }

    private function answer(Request $request, Shop $shop, int $status): JsonResponse
    {
        return response()->json(PeopleResource::of($shop, self::asking($request), $this->clock->now()), $status);
    }

    private static function role(Request $request): Role
    {
        $request->validate(['role' => ['required', Rule::enum(Role::class)]], ['role' => 'Choose what the person is to be: owner, editor or reader.']);

        return Role::from(Input::text($request, 'role'));
    }

    private static function asking(Request $request): Person
    {
        $person = $request->user();

        return $person instanceof Person ? $person : throw new LogicException('Whoever is let in is a person.');
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Console\Session;

use App\Http\Console\Shared\Answer;
use App\Http\Input;
use App\Models\Person;
use App\People\AcceptInvitation;
use App\People\InvitationRefused;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use PaperKite\People\Password;
use PaperKite\Refusal;
use PaperKite\Text\Line;

/** By a mailed link to the shop that somebody is invited to. */
final readonly class JoinController
{
    public function __construct(
        private AcceptInvitation $accept,
        private Sessions $sessions,
    ) {}

    #[OA\Get(path: '/invitations/{token}', operationId: 'invitation', summary: 'What somebody is invited to', security: [], parameters: [new OA\Parameter(ref: '#/components/parameters/token')])]
    #[Answer(InvitationResource::class)]
    #[OA\Response(response: 404, ref: '#/components/responses/Refused')]
    public function show(string $token): JsonResponse
    {
        $invitation = $this->accept->find($token);

        return $invitation === null
            ? response()->json(['message' => InvitationRefused::isOver()->getMessage()], 404)
            : response()->json(InvitationResource::of($invitation, Person::query()->where('email_key', $invitation->email_key)->exists()));
    }

    #[OA\Post(path: '/invitations/{token}', operationId: 'acceptInvitation', summary: 'Accept an invitation', description: 'As whoever is signed in; else as a new person, with a name and a password.', security: [['token' => []]], parameters: [new OA\Parameter(ref: '#/components/parameters/token')])]
    #[OA\RequestBody(content: new OA\JsonContent(properties: [new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'password', type: 'string')]))]
    #[Answer(PersonResource::class)]
    #[OA\Response(response: 404, ref: '#/components/responses/Refused')]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function accept(Request $request, string $token): JsonResponse
    {
        $asking = $request->user('web');
        try {
            $person = $asking instanceof Person ? $this->accept->as($asking, $token) : $this->accept->asNew($token, $this->name($request), $this->password($request));
        } catch (InvitationRefused $refused) {
            return response()->json(['message' => $refused->getMessage()], $refused->isOver ? 404 : 422);
        }
        if (! $asking instanceof Person) {
            $this->sessions->begin($request, $person);
        }

        return response()->json(PersonResource::of($person->load('shops')));
    }

    private function name(Request $request): string
    {
        return $this->reading('name', static fn (): string => Line::of(Input::text($request, 'name'), 'Your name', SetUpRequest::LONGEST_NAME)->text);
    }

    private function password(Request $request): Password
    {
        return $this->reading('password', static fn (): Password => Password::of(Input::text($request, 'password')));
    }

    /**
     * @template T
     *
     * @param  callable(): T  $read
     * @return T
     */
    private function reading(string $field, callable $read): mixed
    {
        try {
            return $read();
        } catch (Refusal $refusal) {
            throw ValidationException::withMessages([$field => $refusal->getMessage()]);
        }
    }
}

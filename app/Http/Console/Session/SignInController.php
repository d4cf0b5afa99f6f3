<?php

declare(strict_types=1);

namespace App\Http\Console\Session;

use App\Http\Console\Shared\Answer;
use App\Http\Input;
use App\Models\Person;
use App\People\CheckPassword;
use App\People\SecondFactor;
use App\People\WrongCode;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

final readonly class SignInController
{
    public function __construct(private Sessions $sessions) {}

    #[OA\Post(path: '/sign-in', operationId: 'signIn', summary: 'Sign in', description: 'Whoever has a second factor is refused at “code” until it is right.', security: [['token' => []]])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: SignInRequest::class))]
    #[Answer(PersonResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    #[OA\Response(response: 429, ref: '#/components/responses/Refused')]
    public function signIn(SignInRequest $request, CheckPassword $check, SecondFactor $secondFactor): JsonResponse
    {
        $person = $check(Input::text($request, 'email'), Input::text($request, 'password'));
        if ($person === null) {
            throw ValidationException::withMessages(['email' => 'E-mail address and password don’t belong together; check both.']);
        }
        if ($person->hasSecondFactor()) {
            try {
                $secondFactor->pass($person, Input::text($request, 'code'));
            } catch (WrongCode $wrong) {
                throw ValidationException::withMessages(['code' => $wrong->getMessage()]);
            }
        }
        $this->sessions->begin($request, $person);

        return response()->json(PersonResource::of($person->load('shops')));
    }

    #[OA\Post(path: '/sign-out', operationId: 'signOut', summary: 'Sign out')]
    #[OA\Response(response: 204, description: 'Signed out.')]
    public function signOut(Request $request): Response
    {
        $this->sessions->end($request);

        return response()->noContent();
    }

    #[OA\Get(path: '/me', operationId: 'me', summary: 'Who is signed in', security: [])]
    #[Answer(SessionResource::class)]
    public function me(Request $request): JsonResponse
    {
        $person = $request->user('web');

        return response()->json(new SessionResource($person instanceof Person ? PersonResource::of($person->load('shops')) : null));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Console\Session;

use App\Http\Console\Shared\Answer;
use App\Http\Input;
use App\Models\Person;
use App\People\CheckPassword;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;
use LogicException;
use OpenApi\Attributes as OA;

final readonly class SignInController
{
    #[OA\Post(path: '/sign-in', operationId: 'signIn', summary: 'Sign in', security: [['token' => []]])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: SignInRequest::class))]
    #[Answer(PersonResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    #[OA\Response(response: 429, ref: '#/components/responses/Refused')]
    public function signIn(SignInRequest $request, CheckPassword $check): JsonResponse
    {
        $person = $check(Input::text($request, 'email'), Input::text($request, 'password'));
        if ($person === null) {
            throw ValidationException::withMessages(['email' => 'E-mail address and password don’t belong together; check both.']);
        }
        $this->guard()->login($person);
        $request->session()->regenerate();

        return response()->json(PersonResource::of($person->load('shops')));
    }

    #[OA\Post(path: '/sign-out', operationId: 'signOut', summary: 'Sign out')]
    #[OA\Response(response: 204, description: 'Signed out.')]
    public function signOut(Request $request): Response
    {
        $this->guard()->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return response()->noContent();
    }

    #[OA\Get(path: '/me', operationId: 'me', summary: 'Who is signed in', security: [])]
    #[Answer(SessionResource::class)]
    public function me(Request $request): JsonResponse
    {
        $person = $request->user('web');

        return response()->json(new SessionResource($person instanceof Person ? PersonResource::of($person->load('shops')) : null));
    }

    private function guard(): StatefulGuard
    {
        $guard = Auth::guard('web');

        return $guard instanceof StatefulGuard ? $guard : throw new LogicException('People sign in by session.');
    }
}

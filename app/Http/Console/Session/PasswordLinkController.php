<?php

declare(strict_types=1);

namespace App\Http\Console\Session;

use App\Http\Input;
use App\People\SendPasswordLink;
use App\People\UsePasswordLink;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use PaperKite\People\InvalidPassword;
use PaperKite\People\Password;
use PaperKite\Text\EmailAddress;
use PaperKite\Text\InvalidAddress;

/** A new password, by a mailed link. Whoever asks is never told whether there is anybody of this address. */
final readonly class PasswordLinkController
{
    private const OVER = 'This link can’t be used any more; ask for a new one.';

    #[OA\Post(path: '/password-links', operationId: 'sendPasswordLink', summary: 'Have a link mailed by which a new password is chosen', security: [['token' => []]])]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['email'], properties: [new OA\Property(property: 'email', type: 'string')]))]
    #[OA\Response(response: 204, description: 'If there is somebody of this address, a mail is on its way.')]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    #[OA\Response(response: 429, ref: '#/components/responses/Refused')]
    public function send(Request $request): Response
    {
        try {
            SendPasswordLink::dispatch(EmailAddress::of(Input::text($request, 'email'))->key);
        } catch (InvalidAddress $invalid) {
            throw ValidationException::withMessages(['email' => $invalid->getMessage()]);
        }

        return response()->noContent();
    }

    #[OA\Get(path: '/password-links/{token}', operationId: 'passwordLink', summary: 'Whether a link can be used still', security: [], parameters: [new OA\Parameter(ref: '#/components/parameters/token')])]
    #[OA\Response(response: 204, description: 'It can.')]
    #[OA\Response(response: 404, ref: '#/components/responses/Refused')]
    public function show(string $token, UsePasswordLink $use): Response|JsonResponse
    {
        return $use->isUsable($token) ? response()->noContent() : self::over();
    }

    #[OA\Post(path: '/password-links/{token}', operationId: 'usePasswordLink', summary: 'Choose a new password', description: 'Signs the person out everywhere.', security: [['token' => []]], parameters: [new OA\Parameter(ref: '#/components/parameters/token')])]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['password'], properties: [new OA\Property(property: 'password', type: 'string')]))]
    #[OA\Response(response: 204, description: 'It is the password now.')]
    #[OA\Response(response: 404, ref: '#/components/responses/Refused')]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function use(Request $request, string $token, UsePasswordLink $use): Response|JsonResponse
    {
        try {
            $password = Password::of(Input::text($request, 'password'));
        } catch (InvalidPassword $invalid) {
            throw ValidationException::withMessages(['password' => $invalid->getMessage()]);
        }

        return $use($token, $password) === null ? self::over() : response()->noContent();
    }

    private static function over(): JsonResponse
    {
        return response()->json(['message' => self::OVER], 404);
    }
}

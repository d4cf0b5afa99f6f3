<?php

declare(strict_types=1);

namespace App\Http\Console\Session;

use App\Http\Input;
use App\Messages\WriteMessage;
use App\Models\MessageKind;
use App\Models\Person;
use App\People\ChangePassword;
use App\People\EndSessions;
use App\People\SecondFactor;
use App\People\WrongCode;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;
use LogicException;
use OpenApi\Attributes as OA;
use PaperKite\People\InvalidPassword;
use PaperKite\People\Password;
use PaperKite\People\RecoveryCode;

/** How a person signs in: their own password, sessions and second factor. */
final readonly class AccountController
{
    public function __construct(
        private Sessions $sessions,
        private EndSessions $endSessions,
        private SecondFactor $secondFactor,
        private WriteMessage $write,
    ) {}

    #[OA\Put(path: '/me/password', operationId: 'changePassword', summary: 'Change one’s password', description: 'Signs out everywhere else.')]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['password', 'new_password'], properties: [new OA\Property(property: 'password', description: 'The present one.', type: 'string'), new OA\Property(property: 'new_password', type: 'string')]))]
    #[OA\Response(response: 204, description: 'It is the password now.')]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function changePassword(Request $request, ChangePassword $change): Response
    {
        $person = $this->knowing($request);
        try {
            $password = Password::of(Input::text($request, 'new_password'));
        } catch (InvalidPassword $invalid) {
            throw ValidationException::withMessages(['new_password' => $invalid->getMessage()]);
        }
        $this->sessions->goOn($request, $change($person, $password));
        $this->tell($person, 'Your password was changed', 'The password with which you sign in was changed.');

        return response()->noContent();
    }

    #[OA\Post(path: '/me/sign-out-everywhere', operationId: 'signOutEverywhere', summary: 'Sign out in every other browser')]
    #[OA\Response(response: 204, description: 'This browser goes on; all others are signed out.')]
    #[OA\Response(response: 401, ref: '#/components/responses/Refused')]
    public function signOutEverywhere(Request $request): Response
    {
        $this->sessions->goOn($request, ($this->endSessions)(self::person($request)));

        return response()->noContent();
    }

    #[OA\Post(path: '/me/second-factor', operationId: 'beginSecondFactor', summary: 'Get a secret for an app that shows codes', description: 'RFC 6238. No code is asked for until one was typed.')]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['password'], properties: [new OA\Property(property: 'password', type: 'string')]))]
    #[OA\Response(response: 200, description: 'Done.', content: new OA\JsonContent(required: ['secret', 'address'], properties: [new OA\Property(property: 'secret', description: 'In base 32, to be typed.', type: 'string'), new OA\Property(property: 'address', description: 'An otpauth address, to be shown as a QR code.', type: 'string')]))]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function beginSecondFactor(Request $request): JsonResponse
    {
        $person = $this->knowing($request);
        if ($person->hasSecondFactor()) {
            throw ValidationException::withMessages(['password' => 'A code is asked for already; end that first.']);
        }
        $secret = $this->secondFactor->begin($person);

        return response()->json(['secret' => $secret->base32(), 'address' => $secret->address($person->email)]);
    }

    #[OA\Post(path: '/me/second-factor/confirm', operationId: 'confirmSecondFactor', summary: 'Have a code asked for from now on')]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['code'], properties: [new OA\Property(property: 'code', type: 'string')]))]
    #[OA\Response(response: 200, description: 'Done. The recovery codes are shown once.', content: new OA\JsonContent(ref: '#/components/schemas/RecoveryCodes'))]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function confirmSecondFactor(Request $request): JsonResponse
    {
        $person = self::person($request);
        $codes = $this->refusingCode(fn (): array => $this->secondFactor->confirm($person, Input::text($request, 'code')));
        $this->tell($person, 'Signing in asks for a code now', 'From now on a code of your app is asked for when you sign in.');

        return self::codes($codes);
    }

    #[OA\Post(path: '/me/second-factor/codes', operationId: 'renewRecoveryCodes', summary: 'Get new recovery codes', description: 'The old ones are over.')]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/ProvenEntry'))]
    #[OA\Response(response: 200, description: 'Done. The recovery codes are shown once.', content: new OA\JsonContent(ref: '#/components/schemas/RecoveryCodes'))]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function renewCodes(Request $request): JsonResponse
    {
        return self::codes($this->secondFactor->newCodes($this->proven($request)));
    }

    #[OA\Post(path: '/me/second-factor/end', operationId: 'endSecondFactor', summary: 'Have no code asked for any more')]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/ProvenEntry'))]
    #[OA\Response(response: 204, description: 'The password is enough.')]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function endSecondFactor(Request $request): Response
    {
        $person = $this->proven($request);
        $this->secondFactor->end($person);
        $this->tell($person, 'Signing in asks for no code any more', 'When you sign in, only your password is asked for from now on.');

        return response()->noContent();
    }

    /** Whoever knows the password and has the app, or a recovery code. */
    private function proven(Request $request): Person
    {
        $person = $this->knowing($request);
        if (! $person->hasSecondFactor()) {
            throw ValidationException::withMessages(['code' => 'No code is asked for when you sign in.']);
        }
        $this->refusingCode(function () use ($person, $request): array {
            $this->secondFactor->pass($person, Input::text($request, 'code'));

            return [];
        });

        return $person;
    }

    private function knowing(Request $request): Person
    {
        $person = self::person($request);
        if (! Hash::check(Input::text($request, 'password'), $person->password)) {
            throw ValidationException::withMessages(['password' => 'This is not your password; nothing was changed.']);
        }

        return $person;
    }

    /**
     * @param  callable(): list<RecoveryCode>  $try
     * @return list<RecoveryCode>
     */
    private function refusingCode(callable $try): array
    {
        try {
            return $try();
        } catch (WrongCode $wrong) {
            throw ValidationException::withMessages(['code' => $wrong->getMessage()]);
        }
    }

    /** @param  list<RecoveryCode>  $codes */
    private static function codes(array $codes): JsonResponse
    {
        return response()->json(['codes' => array_map(static fn (RecoveryCode $code): string => $code->shown(), $codes)]);
    }

    private function tell(Person $person, string $subject, string $sentence): void
    {
        $shop = $person->shops()->first();
        if ($shop !== null) {
            $this->write->note($shop, MessageKind::SignInChanged, $person->email, $subject, "{$sentence}\n\nIf it was not you, choose a new password at once:\n{$shop->console('password')}");
        }
    }

    private static function person(Request $request): Person
    {
        $person = $request->user();

        return $person instanceof Person ? $person : throw new LogicException('Whoever is let in is a person.');
    }
}

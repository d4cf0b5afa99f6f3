<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Message;
use App\Models\Person;
use App\People\SendPasswordLink;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use PaperKite\People\Totp;
use PaperKite\People\TotpSecret;
use PaperKite\Time\Moment;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** How a person signs in: password, sessions, second factor. */
final class AccountTest extends TestCase
{
    private const OLD = 'a long enough password';

    private const NEW = 'four paper lanterns';

    private Person $person;

    private Person $other;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->withoutMiddleware(ThrottleRequests::class);
        $shop = $this->shop();
        $this->person = $this->person($shop);
        $this->other = $this->person($shop);
    }

    public function test_a_changed_password_ends_all_sessions_but_this_one_and_nobody_elses(): void
    {
        $link = $this->askForLink();
        $elsewhere = $this->sessionOf($this->person);
        $others = $this->sessionOf($this->other);
        $here = $this->sessionOf($this->person);

        $this->within($here, fn () => $this->putJson($this->console('/api/me/password'), ['password' => 'not mine at all', 'new_password' => self::NEW])->assertUnprocessable()->assertJsonPath('errors.password.0', 'This is not your password; nothing was changed.'));
        $this->within($here, fn () => $this->putJson($this->console('/api/me/password'), ['password' => self::OLD, 'new_password' => 'short'])->assertUnprocessable()->assertJsonValidationErrorFor('new_password'));
        $here = $this->within($here, fn () => $this->putJson($this->console('/api/me/password'), ['password' => self::OLD, 'new_password' => self::NEW])->assertNoContent());

        self::assertSame([true, false, true], [$this->isSignedIn($here), $this->isSignedIn($elsewhere), $this->isSignedIn($others)]);
        $this->signIn(self::OLD)->assertUnprocessable();
        $this->signIn(self::NEW)->assertOk();
        $this->getJson($this->console("/api/password-links/{$link}"))->assertNotFound();
        self::assertStringContainsString('was changed', $this->lastMail());
    }

    public function test_signed_out_everywhere_this_browser_goes_on(): void
    {
        [$elsewhere, $others, $here] = [$this->sessionOf($this->person), $this->sessionOf($this->other), $this->sessionOf($this->person)];
        $here = $this->within($here, fn () => $this->postJson($this->console('/api/me/sign-out-everywhere'))->assertNoContent());

        self::assertSame([true, false, true], [$this->isSignedIn($here), $this->isSignedIn($elsewhere), $this->isSignedIn($others)]);
    }

    public function test_a_mailed_link_gives_one_new_password_within_half_an_hour(): void
    {
        [$elsewhere, $others] = [$this->sessionOf($this->person), $this->sessionOf($this->other)];
        $older = $this->askForLink();
        $token = $this->askForLink();

        $this->getJson($this->console("/api/password-links/{$token}"))->assertNoContent();
        $this->postJson($this->console("/api/password-links/{$token}"), ['password' => 'short'])->assertUnprocessable();
        $this->postJson($this->console("/api/password-links/{$token}"), ['password' => self::NEW])->assertNoContent();
        foreach ([$token, $older] as $used) {
            $this->getJson($this->console("/api/password-links/{$used}"))->assertNotFound();
            $this->postJson($this->console("/api/password-links/{$used}"), ['password' => 'somebody else’s choice'])->assertNotFound()->assertJsonPath('message', 'This link can’t be used any more; ask for a new one.');
        }
        self::assertTrue(Hash::check(self::NEW, $this->person->refresh()->password));
        self::assertSame([false, true], [$this->isSignedIn($elsewhere), $this->isSignedIn($others)]);

        $late = $this->askForLink();
        $this->travel(31)->minutes();
        $this->postJson($this->console("/api/password-links/{$late}"), ['password' => self::OLD])->assertNotFound();
    }

    public function test_whoever_asks_for_a_link_never_learns_whether_there_is_anybody(): void
    {
        $answers = array_map(fn (string $email): array => [$this->postJson($this->console('/api/password-links'), ['email' => $email])->getStatusCode(), count(Queue::pushed(SendPasswordLink::class))], [$this->person->email, 'nobody@tarn.example']);

        self::assertSame([[204, 1], [204, 2]], $answers);
        (new SendPasswordLink('nobody@tarn.example'))->handle(...$this->services());
        self::assertSame(0, Message::query()->where('to', 'nobody@tarn.example')->count());
        $this->postJson($this->console('/api/password-links'), ['email' => 'no address'])->assertUnprocessable();
    }

    public function test_a_second_factor_is_asked_for_once_a_code_was_typed(): void
    {
        $this->actingAs($this->person);
        $this->postJson($this->console('/api/me/second-factor'), ['password' => 'not mine at all'])->assertUnprocessable();
        $secret = $this->begin();
        $this->signIn(self::OLD)->assertOk();
        $this->actingAs($this->person->refresh());
        $this->postJson($this->console('/api/me/second-factor/confirm'), ['code' => '000000'])->assertUnprocessable()->assertJsonValidationErrorFor('code');
        $codes = $this->postJson($this->console('/api/me/second-factor/confirm'), ['code' => $this->code($secret)])->assertOk()->assertJsonCount(10, 'codes')->json('codes');
        self::assertStringNotContainsString(bin2hex($secret->bytes), (string) json_encode(DB::table('people')->find($this->person->id)), 'It is encrypted.');

        $this->signIn(self::OLD)->assertUnprocessable()->assertJsonPath('errors.code.0', 'Type the six digits that your app shows, or one of your recovery codes.');
        $this->signIn(self::OLD, $this->code($secret))->assertUnprocessable();
        $this->travel(30)->seconds();
        $this->signIn('not mine at all', $this->code($secret))->assertUnprocessable()->assertJsonMissingValidationErrors('code');
        $this->signIn(self::OLD, $this->code($secret))->assertOk()->assertJsonPath('has_second_factor', true);
        $this->signIn(self::OLD, $this->code($secret))->assertUnprocessable();

        $recovery = is_array($codes) && is_string($codes[3]) ? $codes[3] : '';
        $this->signIn(self::OLD, strtoupper($recovery))->assertOk();
        $this->signIn(self::OLD, $recovery)->assertUnprocessable();
        $this->postJson($this->console('/api/sign-in'), ['email' => $this->other->email, 'password' => self::OLD])->assertOk();
    }

    public function test_five_wrong_codes_cost_a_quarter_of_an_hour_even_for_the_right_one(): void
    {
        [$secret] = $this->secured();
        foreach (range(1, 4) as $try) {
            $this->signIn(self::OLD, "00000{$try}")->assertUnprocessable()->assertJsonPath('errors.code.0', 'This code is not the one of now; wait for the next one that your app shows, and type it.');
        }
        $this->signIn(self::OLD, '000005')->assertUnprocessable()->assertJsonPath('errors.code.0', 'A wrong code was typed five times. Try again in 15 minutes.');
        $this->travel(1)->minutes();
        $this->signIn(self::OLD, $this->code($secret))->assertUnprocessable()->assertJsonPath('errors.code.0', 'A wrong code was typed five times. Try again in 14 minutes.');
        $this->travel(15)->minutes();
        $this->signIn(self::OLD, $this->code($secret))->assertOk();
    }

    public function test_it_ends_and_codes_are_renewed_only_with_password_and_code(): void
    {
        [$secret, $codes] = $this->secured();
        $this->actingAs($this->person->refresh());
        foreach (['codes', 'end'] as $what) {
            $this->postJson($this->console("/api/me/second-factor/{$what}"), ['password' => self::OLD, 'code' => ''])->assertUnprocessable()->assertJsonValidationErrorFor('code');
            $this->postJson($this->console("/api/me/second-factor/{$what}"), ['password' => 'not mine at all', 'code' => $codes[0]])->assertUnprocessable()->assertJsonValidationErrorFor('password');
        }
        $this->postJson($this->console('/api/me/second-factor'), ['password' => self::OLD])->assertUnprocessable();
        $new = $this->postJson($this->console('/api/me/second-factor/codes'), ['password' => self::OLD, 'code' => $codes[0]])->assertOk()->json('codes.0');
        $this->signIn(self::OLD, $codes[1])->assertUnprocessable();
        $this->actingAs($this->person->refresh());
        $this->postJson($this->console('/api/me/second-factor/end'), ['password' => self::OLD, 'code' => is_string($new) ? $new : ''])->assertNoContent();

        $this->signIn(self::OLD)->assertOk();
        self::assertSame([null, 0], [$this->person->refresh()->second_factor, DB::table('recovery_codes')->where('person_id', $this->person->id)->count()]);
        self::assertStringContainsString('only your password', $this->lastMail());
    }

    public function test_a_reset_password_leaves_the_second_factor_where_it_is(): void
    {
        [$secret] = $this->secured();
        $this->postJson($this->console('/api/password-links/'.$this->askForLink()), ['password' => self::NEW])->assertNoContent();

        $this->signIn(self::NEW)->assertUnprocessable()->assertJsonValidationErrorFor('code');
        $this->signIn(self::NEW, $this->code($secret))->assertOk();
    }

    public function test_whoever_runs_the_installation_helps_a_person_who_has_lost_everything(): void
    {
        $this->secured();
        $this->command('person:end-codes', ['email' => 'nobody@tarn.example'])->assertFailed();
        $this->command('person:end-codes', ['email' => strtoupper($this->person->email)])->assertSuccessful();
        $this->command('person:end-codes', ['email' => $this->person->email])->expectsOutputToContain('No code is asked for.')->assertFailed();

        $this->signIn(self::OLD)->assertOk();
    }

    public function test_nobody_is_let_in_without_signing_in(): void
    {
        foreach (['sign-out-everywhere', 'second-factor', 'second-factor/confirm', 'second-factor/codes', 'second-factor/end'] as $path) {
            $this->postJson($this->console("/api/me/{$path}"))->assertUnauthorized();
        }
        $this->putJson($this->console('/api/me/password'))->assertUnauthorized();
    }

    /** @return array{TotpSecret, list<string>} a person with a second factor, a step later */
    private function secured(): array
    {
        $this->actingAs($this->person);
        $secret = $this->begin();
        /** @var list<string> $codes */
        $codes = $this->postJson($this->console('/api/me/second-factor/confirm'), ['code' => $this->code($secret)])->assertOk()->json('codes');
        $this->travel(30)->seconds();

        return [$secret, $codes];
    }

    private function begin(): TotpSecret
    {
        $base32 = $this->postJson($this->console('/api/me/second-factor'), ['password' => self::OLD])->assertOk()->json('secret');
        $secret = TotpSecret::ofBytes((string) hex2bin($this->person->refresh()->second_factor ?? ''));
        self::assertSame($secret->base32(), $base32);

        return $secret;
    }

    private function code(TotpSecret $secret): string
    {
        return (new Totp($secret))->code(Totp::stepAt(Moment::ofSeconds((int) now()->getTimestamp())));
    }

    /** @return TestResponse<Response> */
    private function signIn(string $password, ?string $code = null): TestResponse
    {
        Auth::forgetGuards();
        $this->flushSession();

        return $this->postJson($this->console('/api/sign-in'), ['email' => $this->person->email, 'password' => $password] + ($code === null ? [] : ['code' => $code]));
    }

    private function askForLink(): string
    {
        (new SendPasswordLink($this->person->email_key))->handle(...$this->services());
        $text = Message::query()->where('to', $this->person->email)->latest('id')->firstOrFail()->text;

        return preg_match('#/password/([\w-]+)#', $text, $parts) === 1 ? $parts[1] : self::fail("There is no link in: {$text}");
    }

    /** @return array{\App\Database\InTransaction, \App\Messages\WriteMessage, \App\Time\Clock} */
    private function services(): array
    {
        return [app(\App\Database\InTransaction::class), app(\App\Messages\WriteMessage::class), app(\App\Time\Clock::class)];
    }

    /** @return array<mixed> what a browser's session holds after signing in */
    private function sessionOf(Person $person): array
    {
        Auth::forgetGuards();
        $this->flushSession();
        $this->postJson($this->console('/api/sign-in'), ['email' => $person->email, 'password' => self::OLD])->assertOk();

        return session()->all();
    }

    /**
     * @param  array<mixed>  $session
     * @return array<mixed> what it holds afterwards
     */
    private function within(array $session, callable $ask): array
    {
        Auth::forgetGuards();
        $this->flushSession();
        $this->withSession($session);
        $ask();

        return session()->all();
    }

    /** @param  array<mixed>  $session */
    private function isSignedIn(array $session): bool
    {
        $isSignedIn = false;
        $this->within($session, function () use (&$isSignedIn): void {
            $isSignedIn = $this->getJson($this->console('/api/me'))->json('person') !== null;
        });

        return $isSignedIn;
    }

    private function lastMail(): string
    {
        return Message::query()->where('to', $this->person->email)->latest('id')->firstOrFail()->text;
    }
}

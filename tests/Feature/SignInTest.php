<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\CheckPassword;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

final class SignInTest extends TestCase
{
    public function test_a_person_signs_in_and_out(): void
    {
        $person = $this->person($this->shop());

        $this->getJson($this->console('/api/me'))->assertOk()->assertExactJson(['person' => null]);
        $this->postJson($this->console('/api/sign-in'), ['email' => $person->email, 'password' => 'a long enough password'])
            ->assertOk()->assertJsonPath('email', $person->email)->assertJsonCount(1, 'shops');
        $this->getJson($this->console('/api/me'))->assertJsonPath('person.name', 'Wren Halloway');
        $this->postJson($this->console('/api/sign-out'))->assertNoContent();
        $this->getJson($this->console('/api/me'))->assertExactJson(['person' => null]);
    }

    public function test_wrong_and_missing_entries_are_told_without_telling_which_part_is_wrong(): void
    {
        $person = $this->person($this->shop());

        $wrong = $this->postJson($this->console('/api/sign-in'), ['email' => $person->email, 'password' => 'something else'])->assertUnprocessable()->json('errors.email.0');
        $unknown = $this->postJson($this->console('/api/sign-in'), ['email' => 'nobody@tarn.example', 'password' => 'something else'])->assertUnprocessable()->json('errors.email.0');
        self::assertSame($wrong, $unknown);
        $this->postJson($this->console('/api/sign-in'), [])->assertUnprocessable()->assertJsonPath('errors.email.0', 'The e-mail address is missing.');
    }

    public function test_an_address_that_looks_alike_signs_nobody_in_and_shares_no_limit(): void
    {
        $person = $this->person($this->shop());
        $person->update(['email' => 'ada@tarn.example']);
        foreach (['ádá@tarn.example', 'ａda@tarn.example', "\u{430}da@tarn.example"] as $email) {
            $this->postJson($this->console('/api/sign-in'), ['email' => $email, 'password' => 'a long enough password'])->assertUnprocessable();
        }

        $this->postJson($this->console('/api/sign-in'), ['email' => ' ADA@Tarn.Example', 'password' => 'a long enough password'])->assertOk();
        $this->command('person:create', ['email' => 'Ada@TARN.example', '--shop' => [$person->shops()->firstOrFail()->slug]])->assertFailed();
    }

    public function test_the_same_work_is_done_for_somebody_who_is_not_there(): void
    {
        $person = $this->person($this->shop());
        $asked = [];
        foreach ([$person->email, 'nobody@tarn.example', 'no address'] as $email) {
            $hasher = $this->createMock(Hasher::class);
            $hasher->expects(self::once())->method('check')->willReturn(false);
            DB::flushQueryLog();
            DB::enableQueryLog();
            self::assertNull((new CheckPassword($hasher, 'nobody'))($email, 'x'));
            $asked[] = count(DB::getQueryLog());
        }

        self::assertSame([1, 1, 0], $asked);
        self::assertTrue(password_get_info(config()->string('kite.nobodys_hash'))['algo'] === PASSWORD_BCRYPT);
    }

    public function test_the_sixth_try_within_a_minute_waits(): void
    {
        $person = $this->person($this->shop());
        for ($try = 1; $try <= 5; $try++) {
            $this->postJson($this->console('/api/sign-in'), ['email' => $person->email, 'password' => 'wrong'])->assertUnprocessable();
        }

        $this->postJson($this->console('/api/sign-in'), ['email' => $person->email, 'password' => 'a long enough password'])
            ->assertTooManyRequests()->assertJsonPath('message', 'That was tried too often; wait a minute and try again.');
    }

    public function test_the_console_lives_on_its_own_host_with_its_own_policy(): void
    {
        $shop = $this->shop();

        $this->get($this->console('/anything'))->assertOk()->assertSee('id="console"', false)->assertHeader('Content-Security-Policy');
        $this->getJson("http://{$shop->host}/api/me")->assertNotFound();
        $this->get('http://nowhere.localhost/')->assertNotFound();
    }
}

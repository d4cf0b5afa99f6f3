<?php

declare(strict_types=1);

namespace Tests\Feature;

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

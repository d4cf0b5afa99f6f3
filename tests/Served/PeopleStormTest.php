<?php

declare(strict_types=1);

namespace Tests\Served;

use App\Models\Invitation;
use App\Models\PasswordLink;
use App\Models\Person;
use App\People\SecondFactor;
use App\Text\Secrets;
use App\Time\Clock;
use GuzzleHttp\Client;
use GuzzleHttp\Promise\PromiseInterface;
use PaperKite\People\Role;
use PaperKite\People\Totp;
use PaperKite\People\TotpSecret;
use Tests\Support\AsksConsole;

/** What works once works once, whoever comes at the same moment; and an owner is always left. */
final class PeopleStormTest extends ServedTestCase
{
    use AsksConsole;

    /** As many as one address may try in a minute, with what comes before. */
    private const MANY = 12;

    public function test_owners_who_lower_and_remove_each_other_at_once_leave_one(): void
    {
        for ($round = 0; $round < 4; $round++) {
            $owners = [$this->person, ...array_map(fn (): Person => $this->person($this->shop), range(1, 3))];
            $acts = [];
            foreach ($owners as $asking) {
                foreach ($owners as $other) {
                    $acts[] = $this->as($asking, $other->id % 2 === 0 ? 'PUT' : 'DELETE', "people/{$other->id}", ['role' => 'reader']);
                }
            }
            self::assertSame([], array_values(array_diff($this->statuses($acts), [200, 403, 404, 422])));
            self::assertGreaterThanOrEqual(1, $this->shop->people()->wherePivot('role', Role::Owner->value)->count());
            $this->shop->people()->sync([$this->person->id => ['role' => Role::Owner]]);
        }
    }

    public function test_an_invitation_that_many_accept_at_once_lets_one_in(): void
    {
        $token = Secrets::token();
        Invitation::query()->create(['shop_id' => $this->shop->id, 'email' => 'ada.'.bin2hex(random_bytes(4)).'@letters.example', 'role' => Role::Editor, 'digest' => hash('sha256', $token), 'created_at' => now(), 'expires_at' => now()->addDay()]);
        $statuses = $this->statuses(array_map(fn (int $number): PromiseInterface => $this->asNobody("invitations/{$token}", ['name' => "Ada {$number}", 'password' => 'four paper lanterns']), range(1, self::MANY)));

        self::assertEquals([200 => 1, 404 => self::MANY - 1], array_count_values($statuses));
        self::assertSame(2, $this->shop->people()->count());
    }

    public function test_a_password_link_that_is_used_many_times_at_once_gives_one_password(): void
    {
        $token = Secrets::token();
        PasswordLink::query()->create(['person_id' => $this->person->id, 'digest' => hash('sha256', $token), 'expires_at' => now()->addHour()]);
        $statuses = $this->statuses(array_map(fn (int $number): PromiseInterface => $this->asNobody("password-links/{$token}", ['password' => "four paper lanterns {$number}"]), range(1, self::MANY)));

        self::assertEquals([204 => 1, 404 => self::MANY - 1], array_count_values($statuses));
    }

    public function test_a_code_and_a_recovery_code_that_are_typed_many_times_at_once_let_in_once(): void
    {
        $secret = $this->secured();
        $code = (new Totp($secret))->code(Totp::stepAt(app(Clock::class)->moment()));
        foreach (['app', 'paper'] as $from) {
            Person::query()->whereKey($this->person->id)->update(['wrong_codes' => 0, 'codes_closed_until' => null]);
            $typed = $from === 'app' ? $code : app(SecondFactor::class)->newCodes($this->person)[0]->shown();
            // More within a minute than may sign in from one address are told to wait.
            $statuses = $this->statuses(array_map(fn (): PromiseInterface => $this->proven($typed), range(1, 4)));
            self::assertEquals([200 => 1, 422 => 3], array_count_values($statuses), $from);
        }
    }

    public function test_of_many_guesses_at_once_five_are_looked_at(): void
    {
        $secret = $this->secured();
        $statuses = $this->statuses(array_map(fn (): PromiseInterface => $this->proven('000000'), range(1, 8)));
        self::assertEquals([422 => 8], array_count_values($statuses));
        $person = $this->person->refresh();

        self::assertSame(0, $person->wrong_codes);
        self::assertNotNull($person->codes_closed_until);
        self::assertSame([422], $this->statuses([$this->proven((new Totp($secret))->code(Totp::stepAt(app(Clock::class)->moment())))]));
    }

    private function secured(): TotpSecret
    {
        $factor = app(SecondFactor::class);
        $secret = $factor->begin($this->person);
        $this->person->update(['second_factor' => bin2hex($secret->bytes), 'second_factor_since' => now()]);

        return $secret;
    }

    /** New recovery codes, for whoever has the password and a code. */
    private function proven(string $code): PromiseInterface
    {
        return $this->as($this->person, 'POST', '../../me/second-factor/codes', ['password' => self::PASSWORD, 'code' => $code]);
    }

    /** @param  array<mixed>  $body */
    private function as(Person $person, string $method, string $path, array $body): PromiseInterface
    {
        [$before, $this->person, $this->session] = [$this->person, $person, null];
        try {
            return $this->ask($method, $path, $body);
        } finally {
            [$this->person, $this->session] = [$before, null];
        }
    }

    /** @param  array<mixed>  $body */
    private function asNobody(string $path, array $body): PromiseInterface
    {
        $browser = self::shopper();
        $console = 'http://'.config()->string('kite.console_host').':'.getenv('KITE_PUBLIC_PORT').'/api';

        return $browser->postAsync("{$console}/{$path}", ['json' => $body, 'headers' => ['Accept' => 'application/json', 'X-XSRF-TOKEN' => $this->tokenOf($browser, $console)]]);
    }

    private function tokenOf(Client $browser, string $console): string
    {
        preg_match('/XSRF-TOKEN=([^;]+)/', implode(' ', $browser->get("{$console}/me", ['headers' => ['Accept' => 'application/json']])->getHeader('Set-Cookie')), $cookie);

        return rawurldecode($cookie[1] ?? '');
    }
}

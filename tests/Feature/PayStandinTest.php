<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use ReflectionClass;
use Standins\Answer;
use Standins\Clock;
use Standins\pay\Api;
use Standins\pay\Delivery;
use Standins\pay\Events;
use Standins\pay\Ledger;
use Standins\pay\Page;
use Standins\Request;

/** The simulated provider keeps its word, since much is tested against it. */
final class PayStandinTest extends TestCase
{
    private const FACTS = [
        'reference' => 'ours', 'amount' => '13.70', 'currency' => 'EUR', 'payee' => 'mosslight', 'digest' => 'abc', 'description' => '<b>Mosslight</b>',
        'return_to' => 'http://shop.localhost/return/ours', 'cancel_to' => 'http://shop.localhost/cancelled/ours', 'events_to' => 'http://127.0.0.1:9/events',
    ];

    private string $file;

    private Ledger $ledger;

    protected function setUp(): void
    {
        $this->file = (string) tempnam(sys_get_temp_dir(), 'ledger');
        $this->ledger = new Ledger($this->file);
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("{$this->file}*") ?: []);
    }

    public function test_the_same_request_opens_the_same_payment(): void
    {
        $first = $this->ledger->open('key-1', self::FACTS);

        self::assertSame($first->id, $this->ledger->open('key-1', ['amount' => '99.00'] + self::FACTS)->id);
        self::assertNotSame($first->id, $this->ledger->open('key-2', self::FACTS)->id);
        self::assertSame(['open', '13.70', 0], [$first->state, $first->amount, $first->captures]);
    }

    public function test_money_is_taken_once_and_only_after_it_was_authorised(): void
    {
        $payment = $this->ledger->open('key-1', self::FACTS);

        self::assertSame(409, $this->ask('POST', "/api/payments/{$payment->id}/capture")['status']);
        $this->ledger->move($payment->id, 'open', 'authorised');
        foreach ([1, 2, 3] as $time) {
            $answer = $this->ask('POST', "/api/payments/{$payment->id}/capture");
            self::assertSame([200, 'captured', 1], [$answer['status'], $answer['data']['state'], $answer['data']['captures']], "capture {$time}");
        }
        self::assertSame('captured', $this->ask('POST', "/api/payments/{$payment->id}/void")['data']['state']);
    }

    /** @param  array<string, string>  $form */
    #[DataProvider('ways')]
    public function test_a_payment_is_made_by_card_or_wallet_with_an_account_or_without(array $form, string $said): void
    {
        $payment = $this->ledger->open('key-1', self::FACTS);
        $paid = $this->page()->answer(self::request('POST', "/pay/{$payment->id}", form: ['do' => 'pay', 'delivery' => 'never'] + $form));
        $isPaid = $said !== 'Enter the e-mail address';

        self::assertSame($isPaid ? 'authorised' : 'open', $this->ledger->payment($payment->id)?->state);
        self::assertStringContainsString($said, self::parts($isPaid ? $this->page()->answer(self::request('GET', "/pay/{$payment->id}")) : $paid)['body']);
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function ways(): iterable
    {
        yield 'as it stands' => [[], 'Card ending in 0017, without an account'];
        yield 'a wallet' => [['method' => 'wallet', 'as' => 'guest', 'email' => 'not.read@tarn.example'], 'Wallet on this device, without an account'];
        yield 'an account' => [['method' => 'card', 'as' => 'account', 'email' => ' Ada@Tarn.example '], 'Card ending in 0017, from the account ada@tarn.example'];
        yield 'an account that is not named' => [['method' => 'wallet', 'as' => 'account', 'email' => ''], 'Enter the e-mail address'];
        yield 'an account of no address' => [['as' => 'account', 'email' => '<script>'], 'Enter the e-mail address'];
        yield 'a way that there is not' => [['method' => 'shells'], 'Card ending in 0017'];
    }

    public function test_a_void_gives_back_what_is_held_and_closes_what_is_open(): void
    {
        $held = $this->ledger->open('key-1', self::FACTS);
        $open = $this->ledger->open('key-2', self::FACTS);
        $this->ledger->move($held->id, 'open', 'authorised');

        self::assertSame('voided', $this->ask('POST', "/api/payments/{$held->id}/void")['data']['state']);
        self::assertSame('cancelled', $this->ask('POST', "/api/payments/{$open->id}/void")['data']['state']);
        self::assertSame(409, $this->ask('POST', "/api/payments/{$held->id}/capture")['status']);
    }

    public function test_the_interface_wants_its_key_and_its_facts(): void
    {
        self::assertSame(401, $this->ask('GET', '/api/payments', key: 'wrong')['status']);
        self::assertSame(404, $this->ask('GET', '/api/payments/pm-none')['status']);
        self::assertSame(422, $this->ask('POST', '/api/payments')['status']);
        self::assertSame(200, $this->ask('GET', '/api/payments')['status']);
    }

    #[DataProvider('decisions')]
    public function test_the_page_does_what_its_buttons_say(string $do, string $state, string $leadsTo): void
    {
        $payment = $this->ledger->open('key-1', self::FACTS);

        $answer = self::parts($this->page()->answer(self::request('POST', "/pay/{$payment->id}", form: ['do' => $do, 'delivery' => 'never'])));

        self::assertSame([303, $leadsTo], [$answer['status'], $answer['location']]);
        self::assertSame($state, $this->ledger->payment($payment->id)?->state);
        $again = self::parts($this->page()->answer(self::request('POST', "/pay/{$payment->id}", form: ['do' => 'pay'])));
        self::assertStringContainsString('This payment is closed', $again['body']);
        self::assertSame($state, $this->ledger->payment($payment->id)?->state);
    }

    /** @return iterable<array{string, string, string}> */
    public static function decisions(): iterable
    {
        yield ['pay', 'authorised', self::FACTS['return_to']];
        yield ['decline', 'declined', self::FACTS['return_to']];
        yield ['cancel', 'cancelled', self::FACTS['cancel_to']];
    }

    public function test_what_a_shop_is_called_is_shown_as_text(): void
    {
        $payment = $this->ledger->open('key-1', self::FACTS);

        $body = self::parts($this->page()->answer(self::request('GET', "/pay/{$payment->id}")))['body'];

        self::assertStringContainsString('&lt;b&gt;Mosslight', $body);
        self::assertStringContainsString('Authorise 13.70 EUR', $body);
        self::assertSame(404, self::parts($this->page()->answer(self::request('GET', '/pay/none')))['status']);
    }

    #[DataProvider('deliveries')]
    public function test_an_event_that_is_not_answered_is_made_again_unless_it_is_forged(Delivery $delivery, int $promised, int $stillDue): void
    {
        $payment = $this->ledger->open('key-1', self::FACTS);

        (new Events($this->ledger, 'whsec_c2VjcmV0', new Clock('')))->tell($payment->in('authorised'), $delivery);

        self::assertCount($stillDue, $this->ledger->due(microtime(true) + 60));
        self::assertSame($promised > 0, $this->ledger->delivery($promised) !== null);
        self::assertNull($this->ledger->delivery($promised + 1));
    }

    /** @return iterable<string, array{Delivery, int, int}> */
    public static function deliveries(): iterable
    {
        yield 'in time' => [Delivery::First, 1, 1];
        yield 'twice' => [Delivery::Twice, 2, 2];
        yield 'late' => [Delivery::Late, 1, 1];
        yield 'forged' => [Delivery::Forged, 1, 0];
        yield 'altered' => [Delivery::Altered, 1, 1];
        yield 'never' => [Delivery::Never, 0, 0];
    }

    public function test_two_deliverers_never_make_the_same_attempt(): void
    {
        $this->ledger->promise('ev-1', 'http://127.0.0.1:9/', '{}', false, 0);
        $delivery = $this->ledger->due(1)[0];

        self::assertTrue($this->ledger->claim($delivery, 100));
        self::assertFalse($this->ledger->claim($delivery, 100));
        self::assertSame([], $this->ledger->due(99));
    }

    private function page(): Page
    {
        return new Page($this->ledger, new Events($this->ledger, 'whsec_c2VjcmV0', new Clock('')));
    }

    /** @return array{status: int, data: array<mixed>} */
    private function ask(string $method, string $path, string $key = 'key'): array
    {
        $parts = self::parts((new Api($this->ledger, 'key', 'http://pay.localhost'))->answer(self::request($method, $path, ['authorization' => "Bearer {$key}"])));

        return ['status' => $parts['status'], 'data' => (array) json_decode($parts['body'], true)];
    }

    /**
     * @param  array<string, string>  $headers
     * @param  array<string, string>  $form
     * @param  array<string, string>  $query
     */
    public static function request(string $method, string $path, array $headers = [], array $form = [], array $query = [], string $host = ''): Request
    {
        $class = new ReflectionClass(Request::class);
        $request = $class->newInstanceWithoutConstructor();
        $class->getConstructor()?->invoke($request, $method, $path, $headers, $form, $query, $host);

        return $request;
    }

    /** @return array{status: int, body: string, location: string} */
    public static function parts(Answer $answer): array
    {
        $read = static function (string $name) use ($answer): string {
            $value = (new ReflectionClass($answer))->getProperty($name)->getValue($answer);

            return is_scalar($value) ? (string) $value : '';
        };

        return ['status' => (int) $read('status'), 'body' => $read('body'), 'location' => $read('location')];
    }
}

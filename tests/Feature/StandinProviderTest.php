<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Casts\FrozenCheckoutCodec;
use App\Models\Checkout;
use App\Models\CheckoutState;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Models\Shop;
use App\Payments\CapturePayment;
use App\Payments\NoteCapture;
use App\Payments\PaymentGone;
use App\Payments\ProviderRefused;
use App\Payments\ProviderUnreachable;
use App\Payments\RefuseEvent;
use App\Payments\StandinProvider;
use App\Payments\UnverifiedEvent;
use App\Payments\VoidPayment;
use App\Text\Secrets;
use App\Time\Clock;
use Illuminate\Http\Client\Factory;
use Illuminate\Http\Client\Request;
use Illuminate\Support\Facades\DB;
use PaperKite\Payment\ProviderState;
use PaperKite\Payment\RefundState;
use PHPUnit\Framework\Attributes\DataProvider;
use StandardWebhooks\Webhook;
use Tests\TestCase;

/** How the shop speaks to the provider. */
final class StandinProviderTest extends TestCase
{
    private const SECRET = 'whsec_dGVzdCBzZWNyZXQgdGhhdCBpcyBsb25nIGVub3VnaA==';

    private const SAID = ['id' => 'pm-1', 'reference' => 'ours', 'state' => 'authorised', 'amount' => '13.70', 'currency' => 'EUR', 'payee' => 'tarn-side', 'digest' => 'abc', 'captured' => '0.00', 'refunded' => '0.00'];

    private Factory $http;

    private StandinProvider $standin;

    protected function setUp(): void
    {
        parent::setUp();
        $this->http = new Factory;
        $this->standin = new StandinProvider($this->http, 'http://127.0.0.1:9/api', 'pay.localhost', 'http://pay.localhost', 'the key', self::SECRET, new Clock);
    }

    public function test_opening_says_what_is_to_be_paid_and_where_to_come_back(): void
    {
        $payment = $this->payment();
        $this->http->fake(['*/payments' => $this->http::response($this->said($payment, 'open') + ['page' => 'http://pay.localhost/pay/pm-1'])]);

        $opened = $this->standin->open($payment->order());

        self::assertSame(['pm-1', 'http://pay.localhost/pay/pm-1'], [$opened->providerId, $opened->url]);
        $this->http->assertSent(fn (Request $request): bool => $request->hasHeader('Authorization', 'Bearer the key')
            && $request->hasHeader('Host', 'pay.localhost')
            && $request->hasHeader('Idempotency-Key', "open-{$payment->reference}")
            && $request['amount'] === '13.70'
            && $request['return_to'] === "{$payment->shop->base()}/return/{$payment->checkout->reference}"
            && $request['events_to'] === "{$payment->shop->base()}/events/payments");
    }

    public function test_capture_and_void_carry_a_key_of_their_own_that_never_changes(): void
    {
        $payment = $this->payment();
        $this->http->fake(['*/capture' => $this->http::response($this->said($payment, 'captured')), '*/void' => $this->http::response($this->said($payment, 'voided'))]);

        $this->capture($payment);
        $this->void($payment);
        $this->void($payment);

        $keys = $this->http->recorded()->map(static function (array $pair): string {
            /** @var array{Request} $pair */
            return implode(',', array_filter($pair[0]->header('Idempotency-Key'), is_string(...)));
        })->all();
        self::assertSame(["capture-{$payment->reference}", "void-{$payment->reference}", "void-{$payment->reference}"], $keys);
    }

    public function test_a_refusal_is_an_answer_and_a_failure_is_none(): void
    {
        $this->http->fake(['*/capture' => $this->http::response(['error' => 'It was voided.'], 409), '*/void' => $this->http::response('', 500)]);
        $payment = $this->payment();

        try {
            $this->standin->capture('pm-1', $payment->amount(), 'a key');
            self::fail('A refusal was taken for a yes.');
        } catch (ProviderRefused $refused) {
            self::assertStringContainsString('will not capture', $refused->getMessage());
        }
        $this->expectException(ProviderUnreachable::class);
        $this->void($payment);
    }

    /** @param  array<string, mixed>|string  $with  what the answer says besides what was asked */
    #[DataProvider('answersToSomethingElse')]
    public function test_an_answer_counts_only_when_it_says_what_was_asked_of_this_payment_in_this_amount(array|string $with): void
    {
        $payment = $this->payment();
        $answer = fn (string $state): array|string => is_string($with) ? $with : $with + $this->said($payment, $state);
        $this->http->fake(['*/capture' => $this->http::response($answer('captured')), '*/void' => $this->http::response($answer('voided')), '*/payments' => $this->http::response($answer('open'))]);

        foreach (['capture' => $this->capture(...), 'void' => $this->void(...), 'open' => fn (Payment $payment) => $this->standin->open($payment->order())] as $verb => $ask) {
            try {
                $ask($payment);
                self::fail("It was believed: {$verb}.");
            } catch (ProviderUnreachable $unreachable) {
                self::assertNotSame('', $unreachable->getMessage());
            }
        }
    }

    /** @return iterable<string, array{array<string, mixed>|string}> */
    public static function answersToSomethingElse(): iterable
    {
        yield 'nothing' => [''];
        yield 'a page' => ['<html>Welcome</html>'];
        yield 'a text' => ['"ok"'];
        yield 'another payment of ours' => [['reference' => 'another', 'page' => 'http://pay.localhost/pay/pm-1']];
        yield 'no state' => [['state' => null]];
        yield 'an amount with a comma, and a page elsewhere' => [['amount' => '13,70', 'page' => 'http://pay.localhost.example/pay']];
    }

    public function test_a_state_that_is_not_what_was_asked_is_asked_for_again(): void
    {
        $payment = $this->payment();
        $this->http->fake(['*/capture' => $this->http::response($this->said($payment, 'authorised')), '*/void' => $this->http::response($this->said($payment, 'authorised'))]);
        foreach ([$this->capture(...), $this->void(...)] as $ask) {
            try {
                $ask($payment);
                self::fail('It was believed.');
            } catch (ProviderUnreachable $unreachable) {
                self::assertStringContainsString('“authorised”', $unreachable->getMessage());
            }
        }
    }

    /** @param  array<string, string>  $with */
    #[DataProvider('otherAmounts')]
    public function test_another_amount_is_not_what_was_captured(array $with): void
    {
        $payment = $this->payment();
        $this->http->fake(['*/capture' => $this->http::response($with + $this->said($payment, 'captured'))]);

        $this->expectException(ProviderUnreachable::class);
        $this->capture($payment);
    }

    /** @return iterable<string, array{array<string, string>}> */
    public static function otherAmounts(): iterable
    {
        yield 'it was opened for less' => [['amount' => '13.69', 'captured' => '13.69']];
        yield 'less was taken' => [['captured' => '13.69']];
    }

    public function test_money_that_was_taken_can_not_be_voided_and_that_is_an_answer(): void
    {
        $payment = $this->payment();
        $this->http->fake(['*/void' => $this->http::response($this->said($payment, 'captured'))]);

        $this->void($payment);

        self::assertSame([PaymentState::Authorised, true], [$payment->refresh()->state, $payment->voided_at !== null]);
        self::assertStringContainsString('will not void', $payment->refusals()->sole()->reason);
    }

    #[DataProvider('refunds')]
    public function test_money_that_is_given_back_is_answered_by_its_key(int $status, string $state, RefundState $is): void
    {
        $payment = $this->payment();
        $this->http->fake(['*/refunds' => $this->http::response($this->said($payment, 'captured') + ['refund' => ['key' => 'act-7', 'amount' => '2.00', 'state' => $state]], $status)]);

        self::assertSame($is, $this->standin->refund('pm-1', $payment->shop->money(200), 'act-7'));
        $this->http->assertSent(static fn (Request $request): bool => $request->hasHeader('Idempotency-Key', 'act-7') && $request['amount'] === '2.00');
    }

    /** @return iterable<string, array{int, string, RefundState}> */
    public static function refunds(): iterable
    {
        yield 'done' => [200, 'done', RefundState::Done];
        yield 'not yet' => [200, 'pending', RefundState::Pending];
        yield 'declined' => [200, 'declined', RefundState::Declined];
        yield 'more than is left' => [409, 'done', RefundState::Declined];
    }

    /** @param  array<string, string>|null  $refund */
    #[DataProvider('answersAboutNoRefund')]
    public function test_an_answer_about_another_refund_is_none(?array $refund): void
    {
        $payment = $this->payment();
        $this->http->fake(['*/refunds' => $this->http::response($this->said($payment, 'captured') + ['refund' => $refund])]);

        $this->expectException(ProviderUnreachable::class);
        $this->standin->refund('pm-1', $payment->shop->money(200), 'act-7');
    }

    /** @return iterable<string, array{array<string, string>|null}> */
    public static function answersAboutNoRefund(): iterable
    {
        yield 'none' => [null];
        yield 'another act' => [['key' => 'act-8', 'amount' => '2.00', 'state' => 'done']];
        yield 'another amount' => [['key' => 'act-7', 'amount' => '20.00', 'state' => 'done']];
        yield 'a state that is new' => [['key' => 'act-7', 'amount' => '2.00', 'state' => 'dancing']];
    }

    public function test_a_payment_that_is_gone_and_a_state_that_is_new_are_answers(): void
    {
        $this->http->fake(['*/payments/pm-1' => $this->http->sequence()->push(['state' => 'dancing'] + self::SAID)->push(['error' => 'No such payment.'], 404)]);

        $said = $this->standin->find('pm-1');
        self::assertSame([ProviderState::Unknown, 'dancing'], [$said->state, $said->stateText]);
        $this->expectException(PaymentGone::class);
        $this->standin->find('pm-1');
    }

    public function test_what_the_provider_says_is_read(): void
    {
        $this->http->fake(['*/payments/pm-1' => $this->http::response(self::SAID)]);

        $said = $this->standin->find('pm-1');

        self::assertSame([ProviderState::Authorised, 'ours', 1370, 'tarn-side'], [$said->state, $said->reference, $said->terms->amount->minor, $said->terms->payee]);
    }

    /** @param  array<string, mixed>|string  $body */
    #[DataProvider('nonsense')]
    public function test_an_answer_that_is_not_as_agreed_is_no_answer(array|string $body, int $status): void
    {
        $this->http->fake(['*' => $this->http::response($body, $status)]);

        $this->expectException(ProviderUnreachable::class);

        $this->standin->find('pm-1');
    }

    /** @return iterable<string, array{array<string, mixed>|string, int}> */
    public static function nonsense(): iterable
    {
        yield 'an error' => [['error' => 'x'], 500];
        yield 'no JSON' => ['<html>', 200];
        yield 'an amount that is a number' => [['amount' => 13.7] + self::SAID, 200];
        yield 'an amount with too many decimals' => [['amount' => '13.701'] + self::SAID, 200];
        yield 'nothing' => [[], 200];
    }

    public function test_a_provider_that_is_not_there_is_no_answer(): void
    {
        $this->expectException(ProviderUnreachable::class);

        $this->standin->find('pm-1');
    }

    public function test_an_event_is_read_only_when_its_signature_is_right(): void
    {
        $body = (string) json_encode(['type' => 'payment.authorised', 'data' => self::SAID]);

        self::assertSame('ours', $this->standin->readEvent($body, $this->signed($body))->reference);
        foreach ([
            'another body' => [str_replace('13.70', '0.01', $body), $this->signed($body)],
            'no headers' => [$body, []],
            'a malformed signature' => [$body, ['webhook-signature' => 'nonsense'] + $this->signed($body)],
            'signed, but empty' => ['{}', $this->signed('{}')],
            'signed, but no JSON' => ['x', $this->signed('x')],
        ] as $what => [$altered, $headers]) {
            try {
                $this->standin->readEvent($altered, $headers);
                self::fail("It was believed: {$what}.");
            } catch (UnverifiedEvent $refused) {
                self::assertNotSame('', $refused->getMessage());
            }
        }
    }

    public function test_an_event_from_a_wrong_clock_is_called_that(): void
    {
        $body = (string) json_encode(['type' => 'payment.authorised', 'data' => self::SAID]);
        foreach (['20 minutes old' => -1200, '20 minutes ahead' => 1200] as $words => $seconds) {
            try {
                $this->standin->readEvent($body, $this->signed($body, time() + $seconds));
                self::fail('It was believed.');
            } catch (UnverifiedEvent $refused) {
                self::assertStringContainsString($words, $refused->getMessage());
                self::assertSame('ours', $refused->claimedReference);
            }
        }
    }

    public function test_a_capture_that_fails_stays_in_the_queue_until_it_is_answered(): void
    {
        config(['queue.default' => 'database']);
        $payment = $this->payment();
        CapturePayment::dispatch($payment->id);
        $this->provider->isDown = true;

        $this->command('queue:work', ['--once' => true, '--tries' => 5, '--queue' => 'money'])->assertSuccessful();
        self::assertSame([1, 1], [DB::table('jobs')->count(), DB::table('jobs')->value('attempts')]);
        self::assertSame(0, DB::table('failed_jobs')->count());

        $this->provider->isDown = false;
        DB::table('jobs')->update(['available_at' => 0]);
        $this->command('queue:work', ['--once' => true, '--tries' => 5, '--queue' => 'money'])->assertSuccessful();
        self::assertSame([0, ["capture {$payment->reference}"]], [DB::table('jobs')->count(), $this->provider->asked]);
    }

    /** @return array<string, string> */
    private function signed(string $body, ?int $at = null): array
    {
        $at ??= time();
        $signature = (new Webhook(self::SECRET))->sign('ev-1', $at, $body);

        return ['webhook-id' => 'ev-1', 'webhook-timestamp' => (string) $at, 'webhook-signature' => is_string($signature) ? $signature : ''];
    }

    private function capture(Payment $payment): void
    {
        (new CapturePayment($payment->id))->handle($this->standin, app(RefuseEvent::class), app(NoteCapture::class));
    }

    private function void(Payment $payment): void
    {
        (new VoidPayment($payment->id))->handle($this->standin, app(RefuseEvent::class), new Clock);
    }

    /** @return array<string, string> what a truthful provider says */
    private function said(Payment $payment, string $state): array
    {
        return ['id' => 'pm-1', 'reference' => $payment->reference, 'state' => $state, 'amount' => '13.70', 'currency' => 'EUR', 'payee' => 'tarn-side', 'digest' => $payment->cart_digest, 'captured' => $state === 'captured' ? '13.70' : '0.00', 'refunded' => '0.00'];
    }

    private function payment(?Shop $shop = null): Payment
    {
        $shop ??= $this->shop();
        $checkout = Checkout::query()->create(['shop_id' => $shop->id, 'reference' => Secrets::token(), 'digest' => str_repeat('a', 64), 'bill' => FrozenCheckoutCodec::decode('{}'), 'state' => CheckoutState::Ordered]);
        $payment = $checkout->payments()->create(['shop_id' => $shop->id, 'reference' => Secrets::token(), 'provider_id' => 'pm-1', 'amount_minor' => 1370, 'currency' => 'EUR', 'payee' => 'tarn-side', 'cart_digest' => str_repeat('a', 64), 'state' => PaymentState::Authorised])->setRelation('checkout', $checkout);

        return $payment->setRelation('shop', $shop);
    }
}

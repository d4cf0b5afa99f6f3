<?php

declare(strict_types=1);

namespace Tests\Served;

use App\Models\Checkout;
use App\Models\CheckoutState;
use App\Models\Order;
use App\Models\Product;
use App\Models\StockMovement;
use GuzzleHttp\Client;
use GuzzleHttp\Promise\PromiseInterface;
use GuzzleHttp\Promise\Utils;
use PaperKite\Quote\CouponKind;
use Psr\Http\Message\ResponseInterface;
use RuntimeException;

/** Many shoppers at once on the last pieces, or the last uses of a coupon: real processes behind a real server and database. */
final class LastPiecesTest extends ServedTestCase
{
    private const SHOPPERS = 20;

    private const PIECES = 5;

    public function test_the_last_pieces_are_sold_once_and_every_other_authorisation_is_given_back(): void
    {
        $product = $this->product($this->shop, ['stock' => self::PIECES]);
        $placement = $this->placement($this->offer($product));
        $shoppers = array_map(static fn (): Client => self::shopper(), range(1, self::SHOPPERS));

        $pages = array_map(fn (Client $shopper): string => $this->hostedPage($shopper, $placement), $shoppers);
        self::assertCount(self::SHOPPERS, array_unique($pages));
        $ends = array_map(
            static fn (ResponseInterface $answer): string => $answer->getHeaderLine('Location'),
            self::all(array_map(static fn (Client $shopper, string $page) => $shopper->postAsync($page, ['form_params' => ['do' => 'pay', 'delivery' => 'twice']]), $shoppers, $pages)),
        );
        $answers = self::all(array_map(static fn (Client $shopper, string $end) => $shopper->getAsync($end), $shoppers, $ends));

        $thanked = array_filter($answers, static fn (ResponseInterface $answer): bool => str_starts_with($answer->getHeaderLine('Location'), '/thanks/'));
        $told = array_filter($answers, static fn (ResponseInterface $answer): bool => str_contains((string) $answer->getBody(), 'Somebody was quicker'));
        self::assertSame([self::PIECES, self::SHOPPERS - self::PIECES], [count($thanked), count($told)]);
        $this->assertSoldOnce($product);
        self::assertSame(['captured' => self::PIECES, 'voided' => self::SHOPPERS - self::PIECES], $this->settledAtTheProvider($pages));
    }

    public function test_fifty_checkouts_at_once_use_a_coupon_no_more_often_than_it_may_be(): void
    {
        $this->shop->coupons()->create(['code' => 'MAY', 'kind' => CouponKind::Amount, 'amount_minor' => 100, 'most_uses' => self::PIECES]);
        $product = $this->product($this->shop, ['stock' => 40]);
        $shoppers = array_map(static fn (): Client => self::shopper(), range(1, 50));
        $placement = $this->placement($this->offer($product));
        $pages = array_map(fn (Client $shopper): string => $this->hostedPage($shopper, $placement, 'MAY'), $shoppers);

        $ends = array_map(
            static fn (ResponseInterface $answer): string => $answer->getHeaderLine('Location'),
            self::all(array_map(static fn (Client $shopper, string $page) => $shopper->postAsync($page, ['form_params' => ['do' => 'pay', 'delivery' => 'first']]), $shoppers, $pages)),
        );
        self::all(array_map(static fn (Client $shopper, string $end) => $shopper->getAsync($end), $shoppers, $ends));

        self::assertSame(self::PIECES, $this->shop->coupons()->sole()->uses);
        self::assertSame([self::PIECES, 40 - self::PIECES], [Order::query()->where('shop_id', $this->shop->id)->count(), $product->refresh()->stock]);
        self::assertSame(['captured' => self::PIECES, 'voided' => 50 - self::PIECES], $this->settledAtTheProvider($pages));
    }

    /**
     * @param  array<PromiseInterface>  $promises
     * @return array<ResponseInterface>
     */
    private static function all(array $promises): array
    {
        /** @var array<ResponseInterface> */
        return Utils::unwrap($promises);
    }

    private function assertSoldOnce(Product $product): void
    {
        self::assertSame(self::PIECES, Order::query()->where('shop_id', $this->shop->id)->count());
        self::assertSame(range(1001, 1000 + self::PIECES), Order::query()->where('shop_id', $this->shop->id)->orderBy('number')->pluck('number')->all());
        self::assertSame(0, $product->refresh()->stock);
        self::assertSame(self::PIECES, StockMovement::query()->where('product_id', $product->id)->count());
        self::assertSame(self::SHOPPERS - self::PIECES, Checkout::query()->where('shop_id', $this->shop->id)->where('state', CheckoutState::SoldOut)->count());
    }

    /**
     * @param  list<string>  $pages
     * @return array<string, int> payments by what became of them, once the queue has told the provider
     */
    private function settledAtTheProvider(array $pages): array
    {
        $ids = array_map(static fn (string $page): string => basename($page), $pages);
        for ($try = 0; $try < 150; $try++) {
            $states = array_count_values(array_map($this->stateOf(...), $ids));
            if (! isset($states['authorised'])) {
                ksort($states);

                return $states;
            }
            usleep(200_000);
        }
        throw new RuntimeException('The queue never told the provider.');
    }

    private function stateOf(string $payment): string
    {
        $answer = (new Client)->get(config()->string('kite.payments.standin.api')."/payments/{$payment}", ['headers' => ['Host' => 'pay.localhost', 'Authorization' => 'Bearer '.config()->string('kite.payments.standin.key')]]);
        /** @var array{state: string, captures: int} $said */
        $said = json_decode((string) $answer->getBody(), true, flags: JSON_THROW_ON_ERROR);
        self::assertLessThanOrEqual(1, $said['captures']);

        return $said['state'];
    }
}

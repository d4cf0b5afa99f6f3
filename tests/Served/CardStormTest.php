<?php

declare(strict_types=1);

namespace Tests\Served;

use App\Models\CardMovement;
use App\Models\Cart;
use App\Models\GiftCard;
use App\Models\Order;
use GuzzleHttp\Client;
use GuzzleHttp\Promise\PromiseInterface;
use GuzzleHttp\Promise\Utils;
use PaperKite\Catalogue\ProductKind;
use PaperKite\GiftCard\MovementKind;
use Psr\Http\Message\ResponseInterface;
use Tests\Support\AsksConsole;
use Tests\Support\KillsServers;

/** Many shoppers at once pay with one gift card, while database and workers are killed: it pays what it is worth, to the cent. */
final class CardStormTest extends ServedTestCase
{
    use AsksConsole;
    use KillsServers;

    private const SHOPPERS = 50;

    /** How many of them the card can pay for. */
    private const WORTH = 3;

    private const PRICE = 1000;

    private const MOST_ROUNDS = 40;

    public function test_fifty_checkouts_on_a_card_worth_three_of_them_make_exactly_three_orders_through_kills(): void
    {
        $card = $this->cardWorth(self::WORTH * self::PRICE);
        $this->product($this->shop, ['sku' => 'seat', 'kind' => ProductKind::Service, 'price_minor' => self::PRICE]);
        $shoppers = array_map(static fn (): Client => self::shopper(), range(1, self::SHOPPERS));
        $checkouts = array_map(fn (Client $shopper): string => $this->shop->base().$shopper->get("{$this->shop->base()}/take/seat?to=pay")->getHeaderLine('Location'), $shoppers);
        foreach ($checkouts as $checkout) {
            Cart::query()->where('ref', basename($checkout))->firstOrFail()->giftCards()->attach($card->id);
        }
        $digests = array_map(static fn (Client $shopper, string $checkout): string => preg_match('/name="digest" value="([0-9a-f]{64})"/', (string) $shopper->get($checkout)->getBody(), $found) === 1 ? $found[1] : '', $shoppers, $checkouts);

        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            if ($round < 4) {
                $this->killIn(random_int(20, 250), $round === 1 ? $this->database() : $this->workers());
            }
            $answers = self::all(array_map(fn (Client $shopper, string $checkout, string $digest): PromiseInterface => $shopper->postAsync($checkout, [
                'headers' => ['Origin' => $this->shop->base()], 'form_params' => ['digest' => $digest, 'email' => 'ada@letters.example', 'pay' => '1'],
            ]), $shoppers, $checkouts, $digests));
            // Whoever was cut off presses the button again, as everybody does who was told nothing.
            if ($round >= 4 && ! in_array(0, $answers, true) && array_filter($answers, static fn (int $status): bool => $status >= 500) === []) {
                break;
            }
            usleep(200_000);
        }

        $this->waitUntil(fn (): bool => $card->refresh()->balance_minor === 0);
        $orders = Order::query()->where('shop_id', $this->shop->id)->where('gift_cards_minor', '>', 0)->get();
        self::assertSame([self::PRICE, self::PRICE, self::PRICE], $orders->map(static fn (Order $order): int => $order->gift_cards_minor)->all());
        $used = CardMovement::query()->where(['gift_card_id' => $card->id, 'kind' => MovementKind::Redeemed])->get();
        self::assertSame($orders->map(static fn (Order $order): int => $order->id)->sort()->values()->all(), $used->map(static fn (CardMovement $movement): int => $movement->order_id)->sort()->values()->all());
        self::assertSame(0, self::moved($card));
    }

    public function test_sixteen_pay_with_a_card_while_its_seller_voids_it_and_the_ledger_is_right(): void
    {
        $card = $this->cardWorth(100 * self::PRICE);
        $this->product($this->shop, ['sku' => 'seat', 'kind' => ProductKind::Service, 'price_minor' => self::PRICE]);
        $asked = [];
        foreach (range(1, 16) as $ignored) {
            $shopper = self::shopper();
            $checkout = $this->shop->base().$shopper->get("{$this->shop->base()}/take/seat?to=pay")->getHeaderLine('Location');
            Cart::query()->where('ref', basename($checkout))->firstOrFail()->giftCards()->attach($card->id);
            preg_match('/name="digest" value="([0-9a-f]{64})"/', (string) $shopper->get($checkout)->getBody(), $found);
            $asked[] = [$shopper, $checkout, $found[1] ?? ''];
        }
        $promises = array_map(fn (array $each): PromiseInterface => $each[0]->postAsync($each[1], ['headers' => ['Origin' => $this->shop->base()], 'form_params' => ['digest' => $each[2], 'email' => 'ada@letters.example', 'pay' => '1']]), $asked);
        $promises[] = $this->ask('POST', "gift-cards/{$card->id}/void", ['reason' => 'Lost']);
        self::all($promises);

        $paid = Order::query()->where('shop_id', $this->shop->id)->get()->sum(static fn (Order $order): int => $order->gift_cards_minor);
        self::assertSame([0, 'Lost'], [$card->refresh()->balance_minor, $card->void_reason]);
        self::assertSame($paid, -self::moved($card, MovementKind::Redeemed));
        self::assertSame(0, self::moved($card));
    }

    private static function moved(GiftCard $card, MovementKind ...$kinds): int
    {
        return $card->movements()->whereIn('kind', $kinds === [] ? MovementKind::cases() : $kinds)->get()->sum(static fn (CardMovement $movement): int => $movement->amount_minor);
    }

    private function cardWorth(int $minor): GiftCard
    {
        $card = $this->product($this->shop, ['sku' => 'card', 'kind' => ProductKind::GiftCard, 'price_minor' => $minor, 'most_minor' => $minor]);
        $shopper = self::shopper();
        $checkout = $this->shop->base().$shopper->get("{$this->shop->base()}/take/card={$this->shop->money($minor)->decimal()}?to=pay")->getHeaderLine('Location');
        preg_match('/name="digest" value="([0-9a-f]{64})"/', (string) $shopper->get($checkout)->getBody(), $found);
        $page = $shopper->post($checkout, ['headers' => ['Origin' => $this->shop->base()], 'form_params' => ['digest' => $found[1] ?? '', 'email' => 'ada@letters.example', 'pay' => '1']])->getHeaderLine('Location');
        $shopper->post($page, ['form_params' => ['do' => 'pay', 'delivery' => 'first']]);
        $this->waitUntil(fn (): bool => GiftCard::query()->where('shop_id', $this->shop->id)->exists());

        return GiftCard::query()->where('shop_id', $this->shop->id)->sole();
    }

    /**
     * @param  array<PromiseInterface>  $promises
     * @return list<int> statuses; 0 where none came
     */
    private static function all(array $promises): array
    {
        /** @var array<array{value?: mixed}> $ends */
        $ends = Utils::settle($promises)->wait();

        return array_values(array_map(static fn (array $end): int => ($end['value'] ?? null) instanceof ResponseInterface ? $end['value']->getStatusCode() : 0, $ends));
    }
}

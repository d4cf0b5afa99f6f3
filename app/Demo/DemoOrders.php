<?php

declare(strict_types=1);

namespace App\Demo;

use App\Checkout\FrozenCheckout;
use App\Checkout\FrozenLine;
use App\Models\Order;
use App\Models\Payment;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use App\Payments\PaymentState;
use App\Payments\WriteOrder;
use App\Secrets;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Date;
use PaperKite\Checkout\CartDigest;
use PaperKite\Checkout\ShopperDetails;
use PaperKite\Quote\CartLine;
use PaperKite\Quote\Quantity;
use PaperKite\Quote\Quote;
use PaperKite\Quote\Receipt;
use Random\Randomizer;

/** Twelve orders of the last four weeks, written as every order is. */
final readonly class DemoOrders
{
    private const SHOPPERS = [
        ['Orla Finnerty', '3 Alder Row', 'T12 K4P2', 'Tarnbridge', 'IE'],
        ['Jonas Ackerfeld', 'Lindenweg 8', '24937', 'Moorhafen', 'DE'],
        ['Priya Larkspur', '41 Quarry Lane', 'VT6 2QL', 'Upper Tarn', 'GB'],
        ['Tomás Ibarrola', 'Calle del Molino 5', '31491', 'Valdehierba', 'ES'],
        ['Maeve Cullinane', 'Weir Cottage', '', 'Mossfield', 'IE'],
        ['Ada Nwosu-Reed', '12 Chandler Court', 'VT1 9DD', 'Tarnmouth', 'GB'],
    ];

    /** What each order holds: index of the product and quantity. */
    private const CARTS = [
        [[0, 1]], [[2, 2]], [[0, 2], [3, 1]], [[1, 1]], [[0, 1]], [[2, 4]],
        [[3, 2]], [[0, 1], [1, 1]], [[2, 2]], [[0, 3]], [[1, 2], [2, 1]], [[0, 1]],
    ];

    public function __construct(private WriteOrder $writeOrder) {}

    /**
     * @param  list<Product>  $products
     * @param  list<Placement>  $placements
     */
    public function load(Shop $shop, array $products, array $placements, Randomizer $chance): void
    {
        $now = CarbonImmutable::now();
        foreach (self::CARTS as $index => $cart) {
            Date::setTestNow($now->subDays(25 - 2 * $index)->setTime($chance->getInt(8, 21), $chance->getInt(0, 59)));
            try {
                $this->order($shop, $index, array_map(static fn (array $line): array => [$products[$line[0]], $line[1]], $cart), $placements);
            } finally {
                Date::setTestNow();
            }
        }
    }

    /**
     * @param  list<array{Product, int}>  $cart
     * @param  list<Placement>  $placements
     */
    private function order(Shop $shop, int $index, array $cart, array $placements): void
    {
        $receipt = Quote::of(array_map(static fn (array $line) => new CartLine($line[0]->toCore(), Quantity::of($line[1])), $cart), $shop->rules());
        [$name, $street, $postcode, $town, $country] = self::SHOPPERS[$index % count(self::SHOPPERS)];
        $email = preg_replace('/[^a-z]+/', '.', strtolower(iconv('UTF-8', 'ASCII//TRANSLIT', $name) ?: 'shopper')).'@letters.example';
        $payment = Payment::query()->create([
            'shop_id' => $shop->id,
            'reference' => Secrets::token(),
            'provider_id' => sprintf('pm-demo-%02d', $index + 1),
            'amount_minor' => $receipt->total->minor,
            'currency' => $shop->currency,
            'payee' => (string) $shop->payee,
            'cart_digest' => CartDigest::of($receipt),
            'state' => PaymentState::Ordered,
            'checkout' => $this->frozen($receipt, $cart, $placements, new ShopperDetails($email, $name, $street, $postcode, $town, $country)),
        ]);
        $order = ($this->writeOrder)($payment);
        Order::query()->whereKey($order->id)->update(['captured_at' => $order->placed_at->addSeconds(2)]);
    }

    /**
     * @param  list<array{Product, int}>  $cart
     * @param  list<Placement>  $placements
     */
    private function frozen(Receipt $receipt, array $cart, array $placements, ShopperDetails $shopper): FrozenCheckout
    {
        $lines = [];
        foreach ($receipt->lines as $i => $line) {
            $product = $cart[$i][0];
            $placement = collect($placements)->first(fn (Placement $placement): bool => $placement->offer()->value('product_id') === $product->id);
            $lines[] = new FrozenLine($product->id, $placement?->id, $product->sku, $product->name, $product->picture, $line->quantity, $line->unit->minor, $line->subtotal->minor);
        }

        return new FrozenCheckout($lines, $shopper, $receipt->items->minor, $receipt->shipping->minor, $receipt->shippingBecause);
    }
}

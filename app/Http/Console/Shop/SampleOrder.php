<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use App\Models\Download;
use App\Models\DownloadFile;
use App\Models\FileVersion;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\OrderStep;
use App\Models\ProductFile;
use App\Models\Refund;
use App\Models\RefundLine;
use App\Models\Shop;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use PaperKite\Catalogue\Drawing;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Order\GoodsState;
use PaperKite\Order\MoneyState;
use PaperKite\Words\Phrase;
use PaperKite\Words\Said;

/** An order that nobody made, in no database: two jars and a parcel of it, with tax in the prices and a coupon. */
final readonly class SampleOrder
{
    private function __construct(
        public Order $order,
        public OrderStep $step,
        public Refund $refund,
        /** A link to the booklet about it. */
        public Download $download,
    ) {}

    public static function in(Shop $shop, CarbonImmutable $at): self
    {
        $line = new OrderLine(['id' => 1, 'order_id' => 1, 'product_id' => 0, 'variant_id' => null, 'sku' => 'honey-340', 'name' => 'Heather honey, 340 g', 'choices' => '', 'picture' => Drawing::HoneyJar->path(), 'quantity' => 2, 'back_ordered' => 0, 'unit_minor' => 980, 'subtotal_minor' => 1960, 'discount_minor' => 196, 'tax_minor' => 330, 'because' => null, 'kind' => ProductKind::Physical, 'thanks' => null, 'attendees' => null, 'begins_at' => null, 'ends_at' => null, 'place' => '', 'event_sequence' => 0]);
        $line->setRelation('download', null);
        $order = new Order([
            'id' => 1, 'shop_id' => $shop->id, 'checkout_id' => 0, 'number' => 1042, 'token' => 'a-sample', 'email' => 'ada@letters.example', 'name' => 'Ada Nwosu-Reed', 'company' => '', 'street' => '12 Chandler Court', 'postcode' => 'VT1 9DD', 'town' => 'Tarnmouth', 'country' => 'GB', 'phone' => '', 'comment' => 'Please ring twice.',
            'currency' => $shop->currency, 'items_minor' => 1960, 'discount_minor' => 196, 'shipping_minor' => 390, 'tax_minor' => 403, 'shipping_tax_minor' => 73, 'tax_is_contained' => true, 'total_minor' => 2154, 'due_now_minor' => 2154, 'gift_cards_minor' => 0, 'profit_minor' => 0,
            'goods_state' => GoodsState::New, 'money_state' => MoneyState::Paid, 'placed_at' => $at, 'captured_at' => $at, 'opened_until' => null,
            'reasons' => ['discount' => Said::of(Phrase::CouponTakesPercent, code: 'BLOSSOM', percent: '10'), 'tax' => Said::of(Phrase::TaxContained)],
        ]);
        $order->setRelation('lines', new Collection([$line]))->setRelation('payments', new Collection)->setRelation('shop', $shop);
        $refund = new Refund(['id' => 1, 'amount_minor' => 1272, 'tax_minor' => 238, 'reason' => '']);
        $refund->setRelation('lines', new Collection([
            new RefundLine(['order_line_id' => 1, 'pieces' => 1, 'net_minor' => 882, 'discount_minor' => 98, 'tax_minor' => 165]),
            new RefundLine(['order_line_id' => null, 'pieces' => 0, 'net_minor' => 390, 'discount_minor' => 0, 'tax_minor' => 73]),
        ]));

        return new self($order, new OrderStep(['carrier' => 'Tarn Parcel', 'tracking' => 'https://parcels.example/1042']), $refund, self::download($at));
    }

    private static function download(CarbonImmutable $at): Download
    {
        $version = new FileVersion(['number' => 1, 'name' => 'heather-honey.pdf', 'is_for_earlier' => false]);
        $file = new DownloadFile(['version' => 1]);
        $file->setRelation('file', (new ProductFile(['id' => 1, 'version' => 1]))->setRelation('versions', new Collection([$version])));
        $download = new Download(['order_line_id' => 0, 'turn' => 1, 'until' => $at->addDays(30), 'most' => 5]);

        return $download->setRelation('files', new Collection([$file]))->setRelation('line', new OrderLine(['name' => 'Heather honey, the booklet', 'choices' => '']));
    }
}

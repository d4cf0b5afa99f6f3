<?php

declare(strict_types=1);

namespace Tests\Served;

use App\Catalogue\ProductForm;
use App\Models\Marketplace;
use App\Models\Partner;
use App\Models\PartnerAddress;
use App\Partners\MarketplaceForm;
use GuzzleHttp\Promise\PromiseInterface;
use GuzzleHttp\Promise\Utils;
use PaperKite\Results\EventKind;
use Psr\Http\Message\ResponseInterface;
use Tests\Core\Partner\Markets;
use Tests\Support\AsksConsole;

/** Many at once on partners' links and forms: every click is counted and led to one whole address, and nobody meets an error. */
final class PartnerStormTest extends ServedTestCase
{
    use AsksConsole;

    private const MANY = 16;

    private const NAVIGATES = ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document', 'Accept-Language' => 'sv-SE'];

    public function test_clicks_are_counted_and_led_while_their_seller_edits_partner_and_product(): void
    {
        $quay = $this->marketplace($this->shop)->load(Marketplace::READ_WITH);
        $lamp = $this->partnerProduct($this->shop, [], $quay);
        $placement = $this->placement($this->offer($lamp));
        $form = self::sent(MarketplaceForm::of($quay));
        /** @var array{entry: array<string, mixed>} $product */
        $product = $this->read($this->ask('GET', "products/{$lamp->id}")->wait());
        $asked = $clicks = [];
        for ($i = 0; $i < self::MANY; $i++) {
            $shopper = self::shopper($this->together);
            $clicks[] = $asked[] = $shopper->getAsync($placement->link($this->shop)->url(), ['headers' => ['User-Agent' => "Window {$i}"] + self::NAVIGATES]);
            $clicks[] = $asked[] = $shopper->getAsync("{$this->shop->base()}/to/{$lamp->sku}?in=list", ['headers' => ['User-Agent' => "Window {$i}"] + self::NAVIGATES]);
            $asked[] = $this->ask('PUT', "marketplaces/{$quay->id}", ['partner_id' => "moss-{$i}", 'item_address' => $i % 2 === 0 ? '/goods{?nr}' : '/item/{nr}'] + $form);
            $asked[] = $this->ask('PUT', "products/{$lamp->id}", ['name' => "Lamp {$i}"] + $product['entry']);
        }
        self::assertSame([], array_filter($this->statuses($asked), static fn (int $status): bool => $status >= 400));

        foreach ($clicks as $click) {
            $answer = $click->wait();
            self::assertInstanceOf(ResponseInterface::class, $answer);
            self::assertMatchesRegularExpression("~\Ahttps://quay\.example/(goods\?nr=90210&|item/90210\?)kaj=moss-\d{1,2}&note=({$placement->code}|list)\z~", $answer->getHeaderLine('Location'));
        }
        self::assertSame([self::MANY, 2 * self::MANY], [$this->acts($this->shop, EventKind::Click), $this->acts($this->shop, EventKind::Lead)]);
        self::assertSame(1, PartnerAddress::query()->where('product_id', $lamp->id)->count());
    }

    public function test_of_sixteen_who_add_the_same_marketplace_one_does_and_the_others_are_told(): void
    {
        $this->ask('GET', 'partners')->wait();
        $adds = array_map(fn (int $i): PromiseInterface => $this->ask('POST', 'marketplaces', Markets::form(['name' => 'Lane', 'hosts' => ['lane.example', "h{$i}.lane.example"]])), range(1, self::MANY));

        self::assertEquals([201 => 1, 422 => self::MANY - 1], array_count_values($this->statuses($adds)));
        self::assertSame([1, 1], [Marketplace::query()->where('shop_id', $this->shop->id)->count(), Partner::query()->where('shop_id', $this->shop->id)->count()]);
    }

    public function test_marketplaces_of_one_partner_are_added_at_once(): void
    {
        $this->ask('GET', 'partners')->wait();
        $adds = array_map(fn (int $i): PromiseInterface => $this->ask('POST', 'marketplaces', Markets::form(['name' => "Lane {$i}", 'hosts' => ["h{$i}.lane.example"]])), range(1, self::MANY));

        self::assertEquals([201 => self::MANY], array_count_values($this->statuses($adds)));
        self::assertSame(1, Partner::query()->where('shop_id', $this->shop->id)->count());
    }

    public function test_goods_that_become_a_partners_meanwhile_are_sold_or_led_to_and_nothing_between(): void
    {
        $quay = $this->marketplace($this->shop);
        $honey = $this->product($this->shop);
        $placement = $this->placement($this->offer($honey));
        $own = self::sent(ProductForm::of($honey->load(['variants', 'pictures', 'categories', 'addOns', 'addresses']), $this->shop->zone()));
        $partner = ['kind' => 'partner', 'addresses' => [['by' => 'reference', 'marketplace_id' => $quay->id, 'text' => '7', 'price' => '', 'is_fallback' => true]]] + $own;
        $asked = $clicks = [];
        for ($i = 0; $i < self::MANY; $i++) {
            $clicks[] = $asked[] = self::shopper($this->together)->getAsync($placement->link($this->shop)->url(), ['headers' => ['User-Agent' => "Window {$i}"] + self::NAVIGATES]);
            $asked[] = $this->ask('PUT', "products/{$honey->id}", $i % 2 === 0 ? $partner : $own);
        }
        self::assertSame([], array_filter($this->statuses($asked), static fn (int $status): bool => $status >= 400));
        foreach (Utils::unwrap($clicks) as $answer) {
            self::assertInstanceOf(ResponseInterface::class, $answer);
            self::assertMatchesRegularExpression("~\A(/checkout/\S{12}|https://quay\.example/goods\?nr=7&kaj=moss-7&note={$placement->code}|)\z~", $answer->getHeaderLine('Location'));
        }
        self::assertSame(self::MANY, $this->acts($this->shop, EventKind::Click));
    }
}

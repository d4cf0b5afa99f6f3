<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Catalogue\ProductForm;
use App\Looks\PageLookForm;
use App\Models\Invitation;
use App\Models\Marketplace;
use App\Models\Offer;
use App\Models\PasswordLink;
use App\Models\Person;
use App\Models\Placement;
use App\Models\Shop;
use App\Offers\OfferForm;
use App\Partners\MarketplaceForm;
use App\Partners\ReadyMarketplaces;
use App\Shopfront\ShopfrontForm;
use App\Text\Secrets;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Facades\Queue;
use PaperKite\Look\PageLook;
use PaperKite\People\Role;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\TakesOrders;
use Tests\TestCase;

/** Whatever is sent in place of what a form holds, the answer is a refusal or a sound form: never a fault of the server, never a row that can't be read again. */
final class MangledFormsTest extends TestCase
{
    use TakesOrders;

    private const PRODUCT = [
        'files' => [['id' => 1, 'variant' => 'wrap-s']], 'sample' => 1, 'download_days' => '14', 'download_times' => '',
        'addresses' => [['by' => 'reference', 'marketplace_id' => 1, 'text' => '90210', 'price' => '9.80', 'is_fallback' => true, 'category' => 'Lamps']], 'text_by' => '2026-09-01', 'name' => 'Beeswax food wrap', 'sku' => 'wrap', 'is_draft' => false, 'kind' => 'service', 'least' => '2.00', 'most' => '', 'suggested' => '5, 10', 'begins' => '2026-05-01T10:00', 'ends' => '2026-05-01T13:00', 'place' => 'Weir Cottage',
        'asks_attendees' => true, 'parcel_address' => 'optional', 'thanks' => 'In spring.', 'summary' => '<p>Short.</p>', 'description' => '', 'price' => '7.00', 'sale_price' => '6.00', 'sale_from' => '2026-05-01T00:00', 'sale_until' => '',
        'cost' => '', 'tax_class' => '', 'weight' => '60', 'weight_unit' => 'g', 'shipping_first' => '2.00', 'shipping_more' => '', 'picture' => 'food-wrap', 'tracks_stock' => true, 'stock' => '5', 'stock_seen' => 5,
        'allows_back_order' => false, 'low_stock' => '', 'categories' => ['Wraps'], 'traits' => [['name' => 'Made of', 'values' => ['Cotton']]], 'add_ons' => [1], 'pictures' => [['id' => 1, 'alt' => '']],
        'buttons' => ['list' => '', 'product' => '', 'glance' => '', 'list_cart' => '', 'list_pay' => '', 'product_cart' => '', 'product_pay' => '', 'glance_cart' => '', 'glance_pay' => ''],
        'options' => [['name' => 'Size', 'choices' => [['name' => 'Small', 'price' => '6.50', 'adds' => '']]]],
        'variants' => [['choices' => ['Small'], 'sku' => 'wrap-s', 'price' => '', 'stock' => '5', 'stock_seen' => 5, 'weight' => '', 'picture_id' => null, 'is_preselected' => true, 'begins' => '', 'ends' => '', 'place' => '']],
    ];

    private const RULES = [
        'prices_include_tax' => true, 'timezone' => 'Europe/Dublin', 'payment_fee' => ['percent' => '1.9', 'fixed' => '0.30'], 'shipping_tax_class' => null,
        'tax' => [['country' => 'IE', 'class' => 'standard', 'rate' => '23']],
        'zones' => [['name' => 'Home', 'countries' => ['IE'], 'free_from' => '60.00', 'table' => ['by' => 'total', 'limit' => null, 'bands' => [['from' => '0.00', 'fee' => '3.90'], ['from' => '20.00', 'fee' => '5.90']]]]],
    ];

    private Shop $shop;

    private Offer $offer;

    private Placement $placement;

    private Person $person;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        config(['kite.hosts.renames_per_day' => 100_000]);
        $this->app->instance(ReadyMarketplaces::class, new ReadyMarketplaces(resource_path('marketplaces'), 8400));
        $this->shop = $this->shop();
        $this->offer = $this->offer($this->product($this->shop));
        $this->placement = $this->placement($this->offer);
        $this->person = $this->person($this->shop);
        $this->actingAs($this->person);
    }

    #[DataProvider('values')]
    public function test_every_form_bears_it(mixed $value): void
    {
        foreach ($this->forms() as $operation => [$path, $form]) {
            foreach ($this->mangled($form, $value) as $at => $mangled) {
                $this->bears(strtoupper(strtok($operation, ' ') ?: ''), $path, $mangled, $at);
                // The one that renames the shop is asked at the new address from then on.
                if ($path === 'names') {
                    $this->shop->refresh();
                }
            }
        }
        $this->everythingCanBeRead();
    }

    #[DataProvider('values')]
    public function test_a_drawn_button_bears_it(mixed $value): void
    {
        foreach ($this->mangled($this->lookEntry(), $value) as $mangled) {
            $this->get($this->console("/preview/{$this->shop->slug}/button?ground=light&words[idle]=x&look=".rawurlencode((string) json_encode($mangled))))->assertOk();
        }
    }

    public function test_no_field_of_a_product_is_left_out(): void
    {
        self::assertEqualsCanonicalizing(array_keys(self::sent(ProductForm::blank())), array_keys(self::PRODUCT));
    }

    public function test_no_form_that_the_api_describes_is_left_out(): void
    {
        /** @var array{paths: array<string, array<string, array{requestBody?: array{content: array<string, mixed>}}>>} $described */
        $described = json_decode((string) file_get_contents(base_path('openapi.json')), true);
        $takesJson = [];
        foreach ($described['paths'] as $path => $methods) {
            foreach (['put', 'post'] as $method) {
                if (isset($methods[$method]['requestBody']['content']['application/json'])) {
                    $takesJson[] = "{$method} {$path}";
                }
            }
        }

        // Where there are people, no form sets anything up; what it bears, `SetUpTest` shows.
        self::assertEqualsCanonicalizing(array_diff($takesJson, ['post /set-up']), array_keys($this->forms()));
    }

    /** @return iterable<string, array{mixed}> */
    public static function values(): iterable
    {
        yield 'nothing' => [null];
        yield 'a number' => [7];
        yield 'a negative number' => [-1];
        yield 'a huge number' => [9_223_372_036_854_775_807];
        yield 'half a piece' => [0.5];
        yield 'yes' => [true];
        yield 'a blank' => [''];
        yield 'a word' => ['nonsense'];
        yield 'a long word' => [str_repeat('x', 70_000)];
        yield 'a control character' => ["a\0b"];
        yield 'markup' => ['</style><script>alert(1)</script>'];
        yield 'a list' => [[1, 'two', null]];
        yield 'an object' => [['a' => ['b' => 'c']]];
    }

    /** @return array<string, array{string, array<mixed>}> by operation of openapi.json, where it is asked and what its form holds when it is right; the one that renames the shop comes last */
    private function forms(): array
    {
        $goods = $this->product($this->shop);
        $other = $this->offer($goods);
        $look = $this->shop->looks()->firstOrFail();
        $spare = $this->shop->looks()->whereKeyNot($look->id)->firstOrFail();
        $display = $this->display($this->shop);
        $shelf = ['name' => 'x', 'density' => 'cards', 'onwards' => 'stay', 'category' => '', 'products' => [1]];
        $table = $this->shop->priceTables()->create(['name' => 'Spare']);
        $coupon = $this->shop->coupons()->create(['code' => 'JUNE', 'kind' => 'amount', 'amount_minor' => 100]);
        $order = $this->paid($this->shop, $goods, 1);
        $refund = ['by' => 'goods', 'lines' => [['line' => $order->lines()->sole()->id, 'pieces' => '1']], 'shipping' => '', 'amount' => '', 'reason' => ''];
        $offer = self::sent(OfferForm::of($this->offer->load(Offer::TOLD_WITH)));
        $place = ['page' => 'here', 'medium' => 'html', 'form' => 'button', 'label' => '', 'caption' => '', 'is_paused' => false];
        $prices = self::tableEntry('Jars', [$this->offer->id, $other->id], $other->id);
        $code = ['code' => 'MAY', 'kind' => 'amount', 'value' => '1.00', 'min_spend' => '', 'skus' => ['honey'], 'from' => '2026-05-01T00:00', 'until' => '', 'most_uses' => '3', 'most_uses_each' => ''];

        $quay = $this->marketplace($this->shop, ['name' => 'Quay '.Marketplace::query()->count(), 'hosts' => ['quay'.Marketplace::query()->count().'.example']]);
        $market = ['rates' => [['category' => 'Lamps', 'rate' => '4.5', 'from' => '2026-01-01', 'until' => '2026-12-31']]] + self::sent(MarketplaceForm::of($quay->load([...Marketplace::READ_WITH, 'rates'])));
        $report = $this->report($quay);
        $file = $this->soldFile($goods);
        $layout = ['columns' => ['day' => 'Date', 'sub_id' => 'Sub ID', 'commission' => 'Commission'], 'mark' => ',', 'order' => 'day', 'encoding' => 'UTF-8', 'separator' => ';'];

        return [
            'post /shops/{shop}/offers/proof' => ['offers/proof', $offer + ['country' => 'IE']],
            'post /shops/{shop}/offers' => ['offers', $offer],
            'put /shops/{shop}/offers/{offer}' => ["offers/{$this->offer->id}", $offer],
            'post /shops/{shop}/offers/{offer}/state' => ["offers/{$other->id}/state", ['state' => 'paused']],
            'post /shops/{shop}/offers/many' => ['offers/many', ['changes' => [['offer' => $other->id, 'state' => 'paused', 'look' => null]], 'takes_back' => false]],
            'post /shops/{shop}/deleted/{kind}/{subject}' => ['deleted/coupon/'.$this->shop->coupons()->create(['code' => 'GONE', 'kind' => 'amount', 'amount_minor' => 100])->id, ['is_deleted' => true]],
            'post /shops/{shop}/offers/{offer}/placements' => ["offers/{$this->offer->id}/placements", $place],
            'put /shops/{shop}/placements/{placement}' => ["placements/{$this->placement->id}", $place],
            'post /shops/{shop}/placements/{placement}/widget' => ["placements/{$this->placement->id}/widget", $offer],
            'post /shops/{shop}/placements/{placement}/copied' => ["placements/{$this->placement->id}/copied", ['digest' => 'x']],
            'post /shops/{shop}/price-tables' => ['price-tables', $prices],
            'post /shops/{shop}/price-tables/trial' => ['price-tables/trial', $prices],
            'put /shops/{shop}/price-tables/{priceTable}' => ["price-tables/{$table->id}", $prices],
            'post /shops/{shop}/price-tables/{priceTable}/places' => ["price-tables/{$table->id}/places", ['page' => 'x']],
            'post /shops/{shop}/shelves' => ['shelves', $shelf],
            'post /shops/{shop}/shelves/trial' => ['shelves/trial', $shelf],
            'put /shops/{shop}/shelves/{shelf}' => ["shelves/{$display->shelf_id}", $shelf],
            'post /shops/{shop}/shelves/{shelf}/places' => ["shelves/{$display->shelf_id}/places", ['page' => 'x']],
            'put /shops/{shop}/display-places/{displayPlacement}' => ["display-places/{$display->id}", ['page' => 'x', 'is_paused' => true]],
            'post /shops/{shop}/price-tables/{priceTable}/copied' => ["price-tables/{$table->id}/copied", ['digest' => 'x']],
            'post /shops/{shop}/price-tables/{priceTable}/away' => ["price-tables/{$table->id}/away", ['is_away' => true]],
            'post /shops/{shop}/looks' => ['looks', $this->lookEntry()],
            'post /shops/{shop}/looks/trial' => ['looks/trial', $this->lookEntry()],
            'put /shops/{shop}/looks/{look}' => ["looks/{$look->id}", $this->lookEntry()],
            'post /shops/{shop}/looks/{look}/away' => ["looks/{$spare->id}/away", ['is_away' => true]],
            'post /shops/{shop}/gift-cards/{giftCard}/void' => ['gift-cards/'.$this->giftCard($this->shop, 2500)->id.'/void', ['reason' => 'Lost.']],
            'post /shops/{shop}/uploads' => ['uploads', ['name' => 'guide.pdf', 'bytes' => 12]],
            'post /shops/{shop}/files' => ['files', ['upload' => $this->stored($this->shop)->id]],
            'post /shops/{shop}/files/{file}/versions' => ["files/{$file->id}/versions", ['upload' => $this->stored($this->shop)->id, 'is_for_earlier' => true]],
            'post /shops/{shop}/samples' => ['samples', ['upload' => null, 'file' => $file->id, 'pages' => 2]],
            'post /shops/{shop}/products/check' => ['products/check', self::PRODUCT],
            'post /shops/{shop}/products' => ['products', self::PRODUCT],
            'put /shops/{shop}/products/{product}' => ["products/{$goods->id}", self::PRODUCT],
            'post /shops/{shop}/marketplaces' => ['marketplaces', $market],
            'post /shops/{shop}/marketplaces/trial' => ['marketplaces/trial', $market + ['address' => 'https://quay.example/goods?nr=1']],
            'put /shops/{shop}/marketplaces/{marketplace}' => ["marketplaces/{$quay->id}", $market],
            'post /shops/{shop}/marketplaces/{marketplace}/away' => ["marketplaces/{$quay->id}/away", ['is_away' => true]],
            'put /shops/{shop}/partners/rules' => ['partners/rules', ['price_days' => '14', 'stale' => 'mark', 'takes_over' => true, 'title_words' => '3', 'text_words' => '500', 'conversion' => '2']],
            'post /shops/{shop}/partners/page' => ['partners/page', ['address' => 'https://quay.example/goods?nr=1']],
            'post /shops/{shop}/prices/acts' => ['prices/acts', ['act' => 'hide', 'prices' => [1]]],
            'post /shops/{shop}/reports/{report}/trial' => ["reports/{$report->id}/trial", $layout],
            'post /shops/{shop}/reports/{report}/read' => ['reports/'.$this->report($quay)->id.'/read', $layout],
            'post /shops/{shop}/reports/{report}/back' => ["reports/{$report->id}/back", ['is_back' => true]],
            'put /shops/{shop}/partners/referrer' => ['partners/referrer', ['policy' => 'no-referrer']],
            'post /shops/{shop}/partners/ready/{key}' => ['partners/ready/nordkai', ['partner_id' => 'moss-7']],
            'put /shops/{shop}/rules' => ['rules', ['currency' => 'EUR', 'home_country' => 'IE', 'rules' => self::RULES]],
            'post /shops/{shop}/products/{product}/place' => ["products/{$goods->id}/place", ['medium' => 'html']],
            'post /shops/{shop}/rules/first-zone' => ['rules/first-zone', ['fee' => '4.90']],
            'post /shops/{shop}/rules/first-rate' => ['rules/first-rate', ['class' => 'reduced', 'rate' => '7']],
            'post /shops/{shop}/rules/trial' => ['rules/trial', ['rules' => self::RULES, 'sample' => ['amount' => '25.00', 'weight' => '900', 'pieces' => '2', 'country' => 'IE', 'tax_class' => 'standard']]],
            'put /shops/{shop}/checkout' => ['checkout', ['company' => 'off', 'postcode' => 'optional', 'phone' => 'required', 'comment' => 'off', 'coupon_place' => 'cart', 'terms' => '<p>Fair.</p>', 'policy' => '', 'hosts' => ['www.fern.example'], 'after_paying' => 'https://www.fern.example/thanks', 'after_cancelling' => '', 'download_days' => '30', 'download_times' => '5']],
            'post /shops/{shop}/coupons' => ['coupons', $code],
            'put /shops/{shop}/coupons/{coupon}' => ["coupons/{$coupon->id}", $code],
            'put /shops/{shop}/open-links' => ['open-links', ['to' => 'cart']],
            'post /shops/{shop}/open-links/build' => ['open-links/build', ['items' => [['sku' => 'honey', 'quantity' => 2, 'choices' => ['x']]], 'to' => 'cart', 'coupon' => 'MAY', 'back' => 'https://www.fern.example/', 'from' => 'letter']],
            'put /shops/{shop}/payee' => ['payee', ['payee' => 'mosslight', 'password' => 'not the password']],
            'post /shops/{shop}/orders/goods' => ['orders/goods', ['numbers' => [1001, 1002], 'to' => 'sent', 'carrier' => 'Tarn Parcel', 'tracking' => 'https://parcels.example/1']],
            'put /shops/{shop}/orders/{number}/note' => ["orders/{$order->number}/note", ['note' => 'Ring twice.']],
            'post /shops/{shop}/orders/{number}/refunds/trial' => ["orders/{$order->number}/refunds/trial", $refund],
            'post /shops/{shop}/orders/{number}/refunds' => ["orders/{$order->number}/refunds", $refund + ['act' => 'one-act-of-many', 'shown' => '9.80', 'is_restocked' => true]],
            'post /shops/{shop}/orders/{number}/cancel' => ["orders/{$order->number}/cancel", ['shown' => '13.70', 'is_restocked' => true]],
            'put /shops/{shop}/words' => ['words', ['own' => ['cart.title' => 'Basket', 'mail.hello' => 'Dear {name}']]],
            'post /password-links' => ['/password-links', ['email' => 'ada@letters.example']],
            'post /password-links/{token}' => ["/password-links/{$this->passwordLink()}", ['password' => 'four paper lanterns']],
            'post /invitations/{token}' => ["/invitations/{$this->invitation($this->person->email)}", ['name' => 'Ada', 'password' => 'four paper lanterns']],
            'put /me/password' => ['/me/password', ['password' => 'not the password', 'new_password' => 'four paper lanterns']],
            'post /me/second-factor' => ['/me/second-factor', ['password' => 'a long enough password']],
            'post /me/second-factor/confirm' => ['/me/second-factor/confirm', ['code' => '123456']],
            'post /me/second-factor/codes' => ['/me/second-factor/codes', ['password' => 'a long enough password', 'code' => '123456']],
            'post /me/second-factor/end' => ['/me/second-factor/end', ['password' => 'a long enough password', 'code' => '123456']],
            'post /shops/{shop}/invitations' => ['invitations', ['email' => 'ada@letters.example', 'role' => 'editor']],
            'put /shops/{shop}/people/{person}' => ["people/{$this->person->id}", ['role' => 'owner']],
            'post /sign-in' => ['/sign-in', ['email' => 'ada@letters.example', 'password' => 'not the password']],
            'put /shops/{shop}/page-look' => ['page-look', self::sent(PageLookForm::of(PageLook::shipped()))],
            'post /shops/{shop}/page-look/trial' => ['page-look/trial', self::sent(PageLookForm::of(PageLook::shipped()))],
            'put /shops/{shop}/shopfront' => ['shopfront', self::sent(ShopfrontForm::of($this->shop))],
            'put /shops/{shop}/names' => ['names', ['name' => 'Tarn', 'slug' => $this->shop->slug, 'host' => $this->shop->host, 'checkout_slug' => 'checkout']],
        ];
    }

    private function everythingCanBeRead(): void
    {
        foreach (['offers', "offers/{$this->offer->id}", "offers/{$this->offer->id}/history", 'looks', 'price-tables', 'copies', 'products', 'partners', 'partners/rules', 'prices', 'commission', 'reports', 'earnings', 'coupons', 'rules', 'checkout', 'open-links', 'shopfront', 'page-look', 'orders'] as $path) {
            $this->getJson($this->address($path))->assertOk();
        }
        foreach ($this->shop->products()->get() as $product) {
            $this->getJson($this->address("products/{$product->id}"))->assertOk();
        }
        $this->get("http://{$this->shop->host}/")->assertOk();
    }

    /** @return array<mixed> */
    private function lookEntry(): array
    {
        return (array) $this->getJson($this->address('looks'))->json('items.0.entry');
    }

    /**
     * @param  array<mixed>  $form
     * @return iterable<string, array<mixed>> the form with each of its places, however deep, in turn replaced by the value
     */
    private function mangled(array $form, mixed $value): iterable
    {
        foreach ($form as $key => $inner) {
            yield (string) $key => [$key => $value] + $form;
            if (is_array($inner)) {
                foreach ($this->mangled($inner, $value) as $deeper => $mangled) {
                    yield "{$key}.{$deeper}" => [$key => $mangled] + $form;
                }
            }
        }
    }

    /** @param  array<mixed>  $form */
    private function bears(string $method, string $path, array $form, string $at): void
    {
        app(Repository::class)->clear();
        $status = $this->json($method, $this->address($path), $form)->getStatusCode();

        // A mailed link works once: the first form that it bears is the last one that it takes.
        $isLink = preg_match('#^/(?:invitations|password-links)/#', $path) === 1;
        self::assertContains($status, [200, 201, 204, 409, 422, ...($isLink ? [404] : [])], "{$method} {$path} with something else at {$at}");
    }

    /** @return string the token of a link that is usable still, however often one was used before */
    private function passwordLink(): string
    {
        $token = Secrets::token();
        PasswordLink::query()->create(['person_id' => $this->person($this->shop)->id, 'digest' => hash('sha256', $token), 'expires_at' => now()->addHour()]);

        return $token;
    }

    private function invitation(string $email): string
    {
        $token = Secrets::token();
        Invitation::query()->create(['shop_id' => $this->shop->id, 'email' => $email, 'role' => Role::Reader, 'digest' => hash('sha256', $token), 'created_at' => now(), 'expires_at' => now()->addHour()]);

        return $token;
    }

    private function address(string $path): string
    {
        return $this->console(str_starts_with($path, '/') ? "/api{$path}" : "/api/shops/{$this->shop->slug}/{$path}");
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\FormVersion;
use App\Models\OfferVersion;
use App\Models\Person;
use App\Models\Product;
use App\Models\Shop;
use Carbon\CarbonImmutable;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Two sellers at one form: the second is told by whom and when it was changed, and nothing is written over. */
final class ChangedMeanwhileTest extends TestCase
{
    private Shop $shop;

    private Person $maren;

    private Person $tomas;

    private Product $product;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->maren = $this->person($this->shop);
        $this->tomas = $this->person($this->shop);
        $this->maren->update(['name' => 'Maren Holt']);
        $this->tomas->update(['name' => 'Tomás Ruiz']);
        $this->product = $this->product($this->shop);
        CarbonImmutable::setTestNow('2026-11-26 13:32:10');
    }

    protected function tearDown(): void
    {
        CarbonImmutable::setTestNow();
        parent::tearDown();
    }

    /** @return array<string, array{string, string, string}> a form, how its sentence begins, and what both change */
    public static function forms(): array
    {
        return [
            'an offer' => ['offer', 'This offer was', ''],
            'a product' => ['product', 'This product was', 'Name: “Autumn honey” and “Spring honey”'],
            'the rules' => ['rules', 'The rules were', 'Country: “DE” and “ES”'],
            'the checkout' => ['checkout', 'The checkout was', 'Phone: “optional” and “required”'],
            'the shopfront' => ['shopfront', 'The shopfront was', 'Words, Button: normal: “Take it” and “Have it”'],
            'the words' => ['words', 'The words were', 'Cart title: “Basket” and “Bag”'],
            'a price table' => ['table', 'This price table was', 'Name: “Pots” and “Tins”'],
            'a coupon' => ['coupon', 'This coupon was', 'Discount: “12” and “15”'],
            'a look' => ['look', 'This look was', 'Background: “#1e5a70” and “#000000”'],
            'the look of the pages' => ['page_look', 'The look of the pages was', 'Accent: “#2f5d4e” and “#8a4b2a”'],
            'a marketplace' => ['marketplace', 'This marketplace was', 'Name: “Quay north” and “Quay south”'],
        ];
    }

    #[DataProvider('forms')]
    public function test_of_what_both_changed_the_second_is_shown_both_sides_and_chooses(string $form, string $thing, string $clash): void
    {
        [$address, $base, $mine, $theirs] = $this->form($form);
        $this->save($this->maren, $address, [...$base, ...$mine, 'version' => 1])->assertOk();
        $at = $this->timeInShop();

        $told = $this->save($this->tomas, $address, [...$base, ...$theirs, 'version' => 1])->assertStatus(409);
        self::assertSame("{$thing} changed meanwhile by Maren Holt ({$at}). Nothing was saved yet; what you typed still stands here.", $told->json('message'));
        self::assertSame($clash, implode('; ', array_map(self::said(...), (array) $told->json('clashes'))));
        $this->save($this->tomas, $address, [...$base, ...$theirs, 'version' => $told->json('version') ?? $told->json('offer.version')])->assertOk();
        self::assertSame([], array_diff_key($theirs, $this->kept($theirs)));

        $this->save($this->maren, $address, [...$base, ...$mine, 'version' => 1])->assertStatus(409)->assertJsonPath('message', "{$thing} changed meanwhile by Tomás Ruiz ({$at}). Nothing was saved yet; what you typed still stands here.");
        $this->save($this->maren, $address, [...$base, ...$mine])->assertOk();
        self::assertSame([], array_diff_key($mine, $this->kept($mine)));
    }

    #[DataProvider('forms')]
    public function test_two_who_changed_different_fields_both_keep_their_change(string $form): void
    {
        [$address, $base, $mine, , $aside] = $this->form($form);
        $this->save($this->maren, $address, [...$base, ...$mine, 'version' => 1])->assertOk();
        $this->save($this->tomas, $address, array_replace_recursive($base, $aside, ['version' => 1]))->assertOk();

        self::assertSame([], array_diff_key($mine + $aside, $this->kept($mine), $this->kept($aside)));
    }

    #[DataProvider('forms')]
    public function test_the_same_act_twice_is_the_same_and_one_version(string $form): void
    {
        [$address, $base, $mine] = $this->form($form);
        $versions = fn (): int => FormVersion::query()->where('shop_id', $this->shop->id)->count() + OfferVersion::query()->where('shop_id', $this->shop->id)->count();
        $this->save($this->maren, $address, [...$base, ...$mine, 'version' => 1])->assertOk();
        $before = $versions();

        $this->save($this->maren, $address, [...$base, ...$mine, 'version' => 1])->assertOk();
        self::assertSame([], array_diff_key($mine, $this->kept($mine)));
        self::assertSame($before, $versions());
    }

    public function test_a_change_of_ones_own_in_another_window_is_told_as_that(): void
    {
        [$address, $base, $mine, $theirs] = $this->form('rules');
        $this->save($this->maren, $address, [...$base, ...$mine, 'version' => 1])->assertOk();

        $this->save($this->maren, $address, [...$base, ...$theirs, 'version' => 1])->assertStatus(409)->assertJsonPath('message', "The rules were changed meanwhile by yourself, in another window ({$this->timeInShop()}). Nothing was saved yet; what you typed still stands here.");
    }

    public function test_what_was_sold_meanwhile_is_nobodys_change_and_stays_sold(): void
    {
        $this->product->update(['stock' => 10]);
        [$address, $base] = $this->form('product');
        Product::query()->whereKey($this->product->id)->decrement('stock', 3);
        $this->save($this->maren, $address, [...$base, 'name' => 'Autumn honey', 'version' => 1])->assertOk();
        Product::query()->whereKey($this->product->id)->decrement('stock', 1);

        $this->save($this->tomas, $address, [...$base, 'price' => '12.00', 'version' => 1])->assertOk();
        self::assertSame(['Autumn honey', 1200, 6], [$this->product->refresh()->name, $this->product->price_minor, $this->product->stock]);

        $this->save($this->tomas, $address, [...$base, 'stock' => '50', 'version' => 1])->assertOk();
        self::assertSame(50, $this->product->refresh()->stock);
    }

    public function test_the_stock_of_variants_stays_sold_too(): void
    {
        $this->save($this->maren, "/products/{$this->product->id}", ['options' => [['name' => 'Size', 'choices' => [['name' => 'S'], ['name' => 'L']]]], 'variants' => [['choices' => ['S'], 'sku' => 'v-s', 'stock' => '9'], ['choices' => ['L'], 'sku' => 'v-l', 'stock' => '9']]] + $this->form('product')[1])->assertOk();
        $base = (array) $this->getJson($this->console("/api/shops/{$this->shop->slug}/products/{$this->product->id}"))->json('entry');
        $this->product->variants()->where('sku', 'v-s')->decrement('stock', 2);
        $this->save($this->maren, "/products/{$this->product->id}", [...$base, 'name' => 'Autumn honey', 'version' => 2])->assertOk();

        $variants = (array) $base['variants'];
        $variants[1] = ['stock' => '30'] + (array) $variants[1];
        $this->save($this->tomas, "/products/{$this->product->id}", [...$base, 'variants' => $variants, 'version' => 2])->assertOk();
        self::assertEquals(['v-l' => 30, 'v-s' => 7], $this->product->variants()->orderBy('sku')->pluck('stock', 'sku')->all());
        self::assertSame('Autumn honey', $this->product->refresh()->name);
    }

    #[DataProvider('forms')]
    public function test_a_version_that_is_none_is_no_leave_to_write_over(string $form): void
    {
        [$address, $base, $mine] = $this->form($form);

        $this->save($this->maren, $address, [...$base, ...$mine, 'version' => '1'])->assertUnprocessable()->assertJsonPath('errors.version.0', 'What this form began with can’t be read; load the page again.');
    }

    #[DataProvider('forms')]
    public function test_who_began_with_a_version_that_nobody_knows_is_refused_at_the_first_try(string $form): void
    {
        [$address, $base, $mine] = $this->form($form);
        $tries = 0;
        DB::listen(static function (QueryExecuted $query) use (&$tries): void {
            $tries += preg_match('/\AINSERT INTO edits|from `offers` .* for update/', $query->sql);
        });

        $this->save($this->maren, $address, [...$base, ...$mine, 'version' => 99])->assertStatus(409);
        self::assertSame(1, $tries);
    }

    public function test_what_an_order_takes_is_no_version(): void
    {
        $address = "/products/{$this->product->id}";
        $this->actingAs($this->maren)->getJson($this->console("/api/shops/{$this->shop->slug}{$address}"))->assertOk()->assertJsonPath('version', 1);
        Product::query()->whereKey($this->product->id)->decrement('stock', 2);

        $this->getJson($this->console("/api/shops/{$this->shop->slug}{$address}"))->assertOk()->assertJsonPath('version', 1)->assertJsonPath('entry.stock', (string) $this->product->refresh()->stock);
    }

    public function test_each_form_of_a_shop_counts_for_itself(): void
    {
        [$rules, $base, $mine] = $this->form('rules');
        [$checkout, $asked, $changed] = $this->form('checkout');
        $this->save($this->maren, $rules, [...$base, ...$mine, 'version' => 1])->assertOk()->assertJsonPath('version', 2);

        $this->save($this->tomas, $checkout, [...$asked, ...$changed, 'version' => 1])->assertOk()->assertJsonPath('version', 2);
    }

    public function test_a_person_who_is_gone_is_not_named(): void
    {
        [$address, $base, $mine, $theirs] = $this->form('rules');
        $this->save($this->maren, $address, [...$base, ...$mine, 'version' => 1])->assertOk();
        $this->maren->delete();

        $this->save($this->tomas, $address, [...$base, ...$theirs, 'version' => 1])->assertStatus(409)
            ->assertJsonPath('message', "The rules were changed meanwhile ({$this->timeInShop()}). Nothing was saved yet; what you typed still stands here.");
    }

    private string $form = '';

    /** @return array{string, array<string, mixed>, array<string, mixed>, array<string, mixed>, array<string, mixed>} where it is saved, what stands there, two changes of the same, and one of something else */
    private function form(string $form): array
    {
        $this->form = $form;
        $at = fn (string $address, ?string $entry = null): array => [$address, $this->standing($address, $entry)];

        return match ($form) {
            'offer' => [...$at($this->offerForm(), 'entry'), ['opening' => 'new_tab'], ['opening' => 'own_page'], ['cart_use' => 'with_cart']],
            'product' => [...$at("/products/{$this->product->id}", 'entry'), ['name' => 'Autumn honey'], ['name' => 'Spring honey'], ['price' => '12.00']],
            'rules' => [...$at('/rules'), ['home_country' => 'DE'], ['home_country' => 'ES'], ['rules' => ['timezone' => 'Europe/Madrid']]],
            'checkout' => ['/checkout', $this->checkout(), ['phone' => 'optional'], ['phone' => 'required'], ['company' => 'optional']],
            'shopfront' => [...$at('/shopfront', 'entry'), ['words' => ['idle' => 'Take it']], ['words' => ['idle' => 'Have it']], ['has_notice' => false]],
            'words' => ['/words', ['own' => []], ['own' => ['cart.title' => 'Basket']], ['own' => ['cart.title' => 'Bag']], ['own' => ['cart.empty' => 'Nothing in it']]],
            'table' => [...$this->table(), ['name' => 'Pots'], ['name' => 'Tins'], ['stressed' => $this->shop->offers()->firstOrFail()->id]],
            'coupon' => [...$this->coupon(), ['value' => '12'], ['value' => '15'], ['most_uses' => '7']],
            'look' => ["/looks/{$this->shop->looks()->firstOrFail()->id}", $this->standing('/looks', 'items.0.entry'), ['fill' => '#1e5a70'], ['fill' => '#000000'], ['font_size' => '18']],
            'page_look' => [...$at('/page-look', 'entry'), ['accent' => '#2f5d4e'], ['accent' => '#8a4b2a'], ['ground' => '#ffffff']],
            'marketplace' => [...$this->market(), ['name' => 'Quay north'], ['name' => 'Quay south'], ['counts_for_hours' => '48']],
            default => throw new \LogicException($form),
        };
    }

    /**
     * @param  array<string, mixed>  $wanted
     * @return array<string, mixed> of these fields, those that stand so in the version that was kept last
     */
    private function kept(array $wanted): array
    {
        $form = $this->form === 'offer'
            ? OfferVersion::query()->where('shop_id', $this->shop->id)->orderByDesc('version')->firstOrFail()->entry
            : FormVersion::query()->where(['shop_id' => $this->shop->id])->orderByDesc('version')->firstOrFail()->form;

        return array_filter($wanted, static fn (mixed $value, string $name): bool => is_array($value)
            ? array_intersect_key((array) ($form[$name] ?? []), $value) === $value
            : ($form[$name] ?? null) === $value, ARRAY_FILTER_USE_BOTH);
    }

    private static function said(mixed $clash): string
    {
        return is_array($clash) && is_string($clash['label']) && is_string($clash['theirs']) && is_string($clash['mine']) ? "{$clash['label']}: “{$clash['theirs']}” and “{$clash['mine']}”" : '';
    }

    /** @return array<string, mixed> */
    private function standing(string $address, ?string $at): array
    {
        $entry = $this->actingAs($this->maren)->getJson($this->console("/api/shops/{$this->shop->slug}{$address}"))->assertOk()->json($at);
        self::assertIsArray($entry);
        unset($entry['version'], $entry['may_change_currency']);

        /** @var array<string, mixed> */
        return $entry;
    }

    private function offerForm(): string
    {
        $entry = $this->actingAs($this->maren)->getJson($this->console("/api/shops/{$this->shop->slug}/offers/blank"))->assertOk()->json('entry');
        self::assertIsArray($entry);
        $id = $this->postJson($this->console("/api/shops/{$this->shop->slug}/offers"), ['cart_use' => 'just_this', 'opening' => 'same_tab'] + $entry)->assertCreated()->json('id');
        self::assertIsInt($id);

        return "/offers/{$id}";
    }

    /** @return array<string, mixed> */
    private function checkout(): array
    {
        return ['company' => 'off', 'postcode' => 'optional', 'phone' => 'off', 'comment' => 'off', 'coupon_place' => 'both', 'terms' => '', 'policy' => '', 'hosts' => [], 'after_paying' => '', 'after_cancelling' => ''];
    }

    /** @return array{string, array<string, mixed>} */
    private function table(): array
    {
        $offers = [$this->offer($this->product)->id, $this->offer($this->product($this->shop))->id];
        $entry = self::tableEntry('Jars', $offers);
        $id = $this->actingAs($this->maren)->postJson($this->console("/api/shops/{$this->shop->slug}/price-tables"), $entry)->assertCreated()->assertJsonPath('version', 1)->json('id');
        self::assertIsInt($id);

        return ["/price-tables/{$id}", $entry];
    }

    /** @return array{string, array<string, mixed>} */
    private function coupon(): array
    {
        $entry = ['code' => 'SPRING', 'kind' => 'percent', 'value' => '10', 'min_spend' => '', 'skus' => [], 'from' => '', 'until' => '', 'most_uses' => '', 'most_uses_each' => ''];
        $id = $this->actingAs($this->maren)->postJson($this->console("/api/shops/{$this->shop->slug}/coupons"), $entry)->assertCreated()->assertJsonPath('version', 1)->json('id');
        self::assertIsInt($id);

        return ["/coupons/{$id}", $entry];
    }

    /** @return array{string, array<string, mixed>} */
    private function market(): array
    {
        $market = $this->marketplace($this->shop);

        return ["/marketplaces/{$market->id}", $this->standing('/partners', 'marketplaces.0.entry')];
    }

    /**
     * @param  array<mixed>  $entry
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function save(Person $person, string $address, array $entry): TestResponse
    {
        return $this->actingAs($person)->putJson($this->console("/api/shops/{$this->shop->slug}{$address}"), $entry);
    }

    /** As its clock shows what is 13:32 in UTC. */
    private function timeInShop(): string
    {
        return CarbonImmutable::parse('2026-11-26 13:32:10', 'UTC')->setTimezone($this->shop->refresh()->zone())->format('j M Y, H:i');
    }
}

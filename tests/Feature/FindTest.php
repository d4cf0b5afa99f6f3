<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Finding\Kind;
use App\Finding\WriteWords;
use App\Models\Coupon;
use App\Models\Offer;
use App\Models\Person;
use App\Models\Product;
use App\Models\Shop;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use PaperKite\People\Role;
use PaperKite\Quote\CouponKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\TakesOrders;
use Tests\TestCase;

/** The command box finds anything of the shop, and takes its links apart. */
final class FindTest extends TestCase
{
    use TakesOrders;

    private Shop $shop;

    private Person $person;

    private Product $product;

    private Offer $offer;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->actingAs($this->person = $this->person($this->shop));
        $this->product = $this->product($this->shop, ['name' => 'Heather honey', 'sku' => 'honey-340']);
        $this->offer = $this->offer($this->product);
    }

    public function test_things_of_each_kind_are_found_with_what_tells_them_apart(): void
    {
        $this->placement($this->offer, 'the spring post', ['code' => 'h7kq2m9']);
        $order = $this->held($this->shop, $this->product, 2);
        $this->shop->coupons()->create(['code' => 'HONEY10', 'kind' => CouponKind::Percent, 'percent' => '10']);
        $this->shop->looks()->firstOrFail()->update(['name' => 'Honeycomb']);

        $found = $this->find('hone');

        self::assertSame([
            ['product', 'Heather honey', 'honey-340 · Goods', $this->product->id],
            ['offer', 'Buy now: Heather honey', 'live · the spring post', $this->offer->id],
            ['order', "{$order->number}, {$order->shopper()}", 'New · Held, not taken yet', $order->number],
            ['place', 'the spring post', 'HTML button · Buy now', $this->offer->id],
            ['look', 'Honeycomb', 'look', $this->shop->looks()->firstOrFail()->id],
            ['coupon', 'HONEY10', 'takes 10 % off.', $this->shop->coupons()->firstOrFail()->id],
        ], array_map(static fn (array $thing): array => [$thing['kind'], $thing['label'], $thing['note'], $thing['id']], $found['things']));
    }

    public function test_whoever_types_a_sku_a_number_or_a_code_means_that_one(): void
    {
        $placement = $this->placement($this->offer, 'honey-340 and more');
        $this->product($this->shop, ['name' => 'HONEY-340 stand', 'sku' => 'stand']);
        $order = $this->held($this->shop, $this->product, 1);

        self::assertSame(['Heather honey', 'HONEY-340 stand'], array_slice($this->labels('Honey-340'), 0, 2));
        self::assertSame("{$order->number}, {$order->shopper()}", $this->labels((string) $order->number)[0]);
        self::assertSame(['honey-340 and more'], $this->labels(strtoupper($placement->code)));
    }

    public function test_what_was_opened_lately_comes_first_and_stands_there_before_anything_is_typed(): void
    {
        $old = $this->product($this->shop, ['name' => 'Old honey', 'sku' => 'old']);
        $this->product($this->shop, ['name' => 'New honey', 'sku' => 'new']);
        $strangers = $this->product($this->shop(), ['name' => 'Strange honey']);
        $recent = "1-{$old->id},1-{$strangers->id},9-1,nonsense,1-{$this->product->id}";

        self::assertSame(['Old honey', 'Heather honey'], $this->labels('', $recent));
        self::assertSame(['Old honey', 'Heather honey', 'New honey'], array_slice($this->labels('honey', $recent), 0, 3));
        self::assertSame(['New honey', 'Old honey'], array_slice($this->labels('honey'), 0, 2));
        self::assertSame([], $this->labels(''));
    }

    /** @param  list<string>  $acts */
    #[DataProvider('actsByName')]
    public function test_acts_and_settings_are_found_by_their_names_and_by_other_words_for_them(string $typed, array $acts): void
    {
        self::assertSame($acts, array_column($this->find($typed)['acts'], 'act'));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function actsByName(): iterable
    {
        yield 'an act' => ['new off', ['new_offer']];
        yield 'by another word' => ['create product', ['new_product']];
        yield 'a setting' => ['vat', ['tax']];
        yield 'all settings of payments' => ['setting paym', ['payee', 'fee']];
        yield 'a page' => ['outdated', ['copies']];
        yield 'nothing' => ['zebra', []];
        yield 'nothing typed' => ['', []];
    }

    public function test_a_reader_is_offered_no_act_that_changes_something(): void
    {
        $this->shop->people()->updateExistingPivot($this->person->id, ['role' => Role::Reader]);
        Auth::forgetGuards();
        $this->actingAs($this->person->refresh());

        self::assertSame(['offers'], array_column($this->find('offer')['acts'], 'act'));
        self::assertSame([], $this->find('people')['acts']);
    }

    #[DataProvider('links')]
    public function test_a_link_of_the_shop_is_taken_apart(string $link, string $says, int $things): void
    {
        $this->placement($this->offer, 'the spring post', ['code' => 'h7kq2m9']);
        DB::table('former_hosts')->insert(['shop_id' => $this->shop->id, 'host' => 'old-moss.localhost']);
        DB::table('skus')->insert(['shop_id' => $this->shop->id, 'sku' => 'jar-7', 'product_id' => $this->product->id, 'is_former' => true]);
        DB::table('skus')->insertOrIgnore(['shop_id' => $this->shop->id, 'sku' => 'honey-340', 'product_id' => $this->product->id]);

        $found = $this->find(str_replace('{base}', $this->shop->base(), $link));

        self::assertStringContainsString($says, $found['link'], $link);
        self::assertCount($things, $found['things']);
        if ($things > 0) {
            self::assertNotSame([], $found['parts']);
        }
    }

    /** @return iterable<string, array{string, string, int}> */
    public static function links(): iterable
    {
        yield 'of a place' => ['{base}/k/h7kq2m9', 'The link of a place.', 1];
        yield 'of a place, off paper' => ['{base}/K/H7KQ2M9', 'The link of a place.', 1];
        yield 'at a former host' => ['http://old-moss.localhost/k/h7kq2m9', 'has left old-moss.localhost', 1];
        yield 'without a scheme' => ['old-moss.localhost/k/h7kq2m9', 'The link of a place.', 1];
        yield 'of a code that nobody has' => ['{base}/k/0000000', 'No place of this shop', 0];
        yield 'of no code' => ['{base}/k/', 'No place of this shop', 0];
        yield 'of goods' => ['{base}/take/2*honey-340?coupon=MAY', 'A link that names its goods.', 1];
        yield 'of goods by a former SKU' => ['{base}/take/jar-7', '“jar-7” is a former SKU, and leads to Heather honey still.', 1];
        yield 'of goods that are not there' => ['{base}/take/zebra', 'The shop sells nothing under “zebra”.', 0];
        yield 'of goods, spelled wrong' => ['{base}/take/0*honey-340', 'The number before the *', 0];
        yield 'of a product' => ['{base}/p/honey-340', 'The page of a product.', 1];
        yield 'of a product by a former SKU' => ['{base}/p/jar-7', 'is a former SKU', 1];
        yield 'of a product that is not there' => ['{base}/p/zebra', 'nothing under the SKU “zebra”', 0];
        yield 'of another page' => ['{base}/terms', 'A page of this shop', 0];
    }

    #[DataProvider('strangers')]
    public function test_what_is_no_link_of_the_shop_is_searched_for_as_words(string $typed): void
    {
        self::assertSame('', $this->find($typed)['link'], $typed);
    }

    /** @return iterable<string, array{string}> */
    public static function strangers(): iterable
    {
        yield 'another host' => ['https://blog.example/k/h7kq2m9'];
        yield 'a path alone' => ['/k/h7kq2m9'];
        yield 'a host alone' => ['https://'];
        yield 'no address' => ['http://[::1'];
        yield 'another port of nowhere' => ['http://x:99999999/k/1'];
        yield 'marks alone' => ['%%%'];
        yield 'bytes that are no text' => ["\xC3\x28"];
        yield 'a long text' => [str_repeat('honey ', 2_000)];
    }

    public function test_words_that_very_many_things_have_find_the_newest_and_with_a_rarer_word_the_one(): void
    {
        $codes = array_map(static fn (int $number): string => "MAY{$number}", range(1, 1_010));
        DB::table('coupons')->insert(array_map(fn (string $code): array => ['shop_id' => $this->shop->id, 'code' => $code, 'kind' => CouponKind::Percent->value, 'percent' => '10', 'created_at' => now(), 'updated_at' => now()], $codes));
        app(WriteWords::class)->of(Kind::Coupon, $this->shop, array_values($this->shop->coupons()->get(['id'])->map(static fn (Coupon $coupon): int => $coupon->id)->all()));

        self::assertSame(array_slice(array_reverse($codes), 0, 5), $this->labels('may off'));
        self::assertSame(array_slice(array_reverse($codes), 0, 5), $this->labels('off'));
        self::assertSame(['MAY507'], $this->labels('off may507'));
        self::assertSame(['MAY507', 'MAY506'], array_slice([...$this->labels('may507 takes'), ...$this->labels('takes may506')], 0, 2));
        self::assertSame([], $this->labels('off honey'));
    }

    public function test_another_shop_finds_nothing_of_it(): void
    {
        $this->placement($this->offer, 'the spring post', ['code' => 'h7kq2m9']);
        $link = "{$this->shop->base()}/k/h7kq2m9";
        $other = $this->shop();
        $this->actingAs($this->person($other));
        $this->shop = $other;

        self::assertSame([[], '', []], [$this->labels('honey'), $this->find($link)['link'], $this->labels('h7kq2m9')]);
    }

    /** @return list<string> */
    private function labels(string $typed, string $recent = ''): array
    {
        return array_column($this->find($typed, $recent)['things'], 'label');
    }

    /** @return array{link: string, parts: list<array<string, string>>, things: list<array{kind: string, label: string, note: string, id: int}>, acts: list<array{act: string}>} */
    private function find(string $typed, string $recent = ''): array
    {
        /** @var array{link: string, parts: list<array<string, string>>, things: list<array{kind: string, label: string, note: string, id: int}>, acts: list<array{act: string}>} */
        return $this->getJson($this->console("/api/shops/{$this->shop->slug}/find?typed=".rawurlencode($typed).'&recent='.rawurlencode($recent)))->assertOk()->json();
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Shop;
use Illuminate\Testing\TestResponse;
use PaperKite\Look\PageLook;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** How a shop's own pages look: tried before it is saved, worn by every page afterwards. */
final class PageLookTest extends TestCase
{
    private Shop $shop;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->actingAs($this->person($this->shop));
    }

    public function test_a_look_that_is_saved_is_worn_by_every_page(): void
    {
        $this->product($this->shop, ['sku' => 'honey']);
        $banner = $this->shop->pictures()->create(['file' => str_repeat('a', 32).'-1600x400.webp', 'width' => 1600, 'height' => 400, 'created_at' => now(), 'free_since' => now()]);
        $this->putJson($this->address(), ['ground' => '#F7F3EA', 'accent' => '#8a4b2a', 'font' => 'serif', 'mark' => 'kite', 'sentence' => 'Jars & <pots>.', 'banner_id' => $banner->id, 'banner_text' => 'The "kiln"'] + $this->entry())
            ->assertOk()->assertJsonPath('entry.ground', '#f7f3ea')->assertJsonPath('entry.banner_path', $banner->path())->assertJsonPath('entry.banner_id', null);

        foreach (['/', '/p/honey', '/cart', '/account'] as $page) {
            $this->get($this->shop->base().$page)->assertOk()->assertSee('--paper:#f7f3ea;', false)->assertSee('--shop:#8a4b2a;', false)->assertSee("'Shop Serif'", false)->assertSee('class="shop-mark"', false);
        }
        $this->get($this->shop->base().'/')->assertSee('Jars &amp; &lt;pots&gt;.', false)->assertSee('alt="The &quot;kiln&quot;"', false)->assertSee('content="Jars &amp; &lt;pots&gt;."', false)
            ->assertSee("content=\"{$this->shop->base()}{$banner->files()->plainPath()}\"", false);
        self::assertTrue($banner->refresh()->is_kept);
    }

    public function test_a_shop_that_has_said_nothing_looks_as_it_ships(): void
    {
        $this->get($this->shop->base().'/')->assertSee(PageLook::shipped()->css(), false);
    }

    public function test_a_picture_of_another_shop_is_none(): void
    {
        $theirs = $this->shop()->pictures()->create(['file' => 'theirs.webp', 'width' => 1, 'height' => 1, 'created_at' => now()]);

        $this->putJson($this->address(), ['banner_id' => $theirs->id] + $this->entry())->assertOk()->assertJsonPath('entry.banner_path', '');
        $this->putJson($this->address(), ['banner_path' => '/pictures/theirs.webp'] + $this->entry())->assertOk()->assertJsonPath('entry.banner_path', '');
    }

    public function test_what_is_wrong_is_told_while_it_is_tried_and_saves_nothing(): void
    {
        $wrong = ['ground' => '#888888', 'accent' => 'red;}</style><script>alert(1)</script>'] + $this->entry();
        self::assertSame(['accent', 'ground'], array_keys(collect((array) $this->postJson($this->address('/trial'), $wrong)->assertOk()->json('errors'))->sortKeys()->all()));
        $this->putJson($this->address(), $wrong)->assertUnprocessable()->assertJsonStructure(['errors' => ['ground', 'accent']]);

        self::assertEquals(PageLook::shipped(), $this->shop->refresh()->page_look);
    }

    public function test_colours_that_would_hide_the_button_are_moved_and_the_seller_is_told(): void
    {
        $this->postJson($this->address('/trial'), ['ground' => '#ffffff', 'accent' => '#ffff00'] + $this->entry())->assertOk()->assertJsonPath('errors', [])->assertJsonPath('moved', static fn (mixed $moved): bool => is_string($moved) && $moved !== '');
        $this->postJson($this->address('/trial'), $this->entry())->assertJsonPath('moved', '');
    }

    #[DataProvider('pages')]
    public function test_every_page_is_tried_before_it_is_saved_by_day_and_by_night(string $what): void
    {
        $this->product($this->shop, ['name' => 'Heather honey']);
        $look = (string) json_encode(['ground' => '#fbeef2', 'accent' => '#b92b4f'] + $this->entry());

        $day = $this->preview($what, 'light', $look)->assertOk()->assertSee('Heather honey')->assertSee('--paper:#fbeef2;', false)->assertDontSee('.js', false)->assertSee('inert', false);
        self::assertStringStartsWith('sandbox', (string) $day->headers->get('Content-Security-Policy'));
        $this->preview($what, 'dark', $look)->assertOk()->assertDontSee('--paper:#fbeef2;', false)->assertSee('color-scheme:dark', false);
        self::assertEquals(PageLook::shipped(), $this->shop->refresh()->page_look);
    }

    /** @return iterable<string, array{string}> */
    public static function pages(): iterable
    {
        foreach (['list', 'product', 'cart', 'checkout'] as $what) {
            yield $what => [$what];
        }
    }

    public function test_a_shop_without_goods_and_a_look_that_is_none_are_shown_too(): void
    {
        foreach (['list', 'product', 'cart', 'checkout', 'nothing'] as $what) {
            $this->preview($what, 'light', '{"ground":["a"]')->assertOk()->assertSee($this->shop->name);
        }
    }

    /** @return array<string, mixed> */
    private function entry(): array
    {
        /** @var array<string, mixed> */
        return (array) $this->getJson($this->address())->assertOk()->json('entry');
    }

    private function address(string $path = ''): string
    {
        return $this->console("/api/shops/{$this->shop->slug}/page-look{$path}");
    }

    /** @return TestResponse<Response> */
    private function preview(string $what, string $scheme, string $look): TestResponse
    {
        return $this->post($this->console("/preview/{$this->shop->slug}/pages"), ['what' => $what, 'scheme' => $scheme, 'look' => $look]);
    }
}

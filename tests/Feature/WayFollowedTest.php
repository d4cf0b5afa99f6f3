<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Offer;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use App\Text\Secrets;
use Illuminate\Testing\TestResponse;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;
use PaperKite\Offer\Step;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The steps that the desk counts are the pages that a shopper meets. */
final class WayFollowedTest extends TestCase
{
    private const MOST_PAGES = 6;

    private Shop $shop;

    private string $visitor;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->visitor = Secrets::token();
    }

    #[DataProvider('offers')]
    public function test_the_pages_are_as_counted(Onwards $destination, Opening $opening, string $goods, CartUse $cartUse): void
    {
        $offer = $this->made($destination, $opening, $goods, $cartUse);
        $placement = $this->placement($offer);
        $counted = array_map(static fn (Step $page): string => $page->value, $offer->load(['lines.product', 'lines.variant'])->way()->pages);

        self::assertSame($counted, $this->walked($placement));
    }

    /** @return iterable<string, array{Onwards, Opening, string, CartUse}> */
    public static function offers(): iterable
    {
        foreach ([Onwards::Pay, Onwards::Cart, Onwards::Stay, Onwards::Choose] as $destination) {
            foreach ([Opening::SameTab, Opening::OwnPage] as $opening) {
                foreach (['plain', 'several', 'varied', 'asked', 'named'] as $goods) {
                    foreach ($destination === Onwards::Pay ? CartUse::cases() : [CartUse::JustThis] as $cartUse) {
                        yield "{$destination->value}, {$opening->value}, {$goods}, {$cartUse->value}" => [$destination, $opening, $goods, $cartUse];
                    }
                }
            }
        }
    }

    private function made(Onwards $destination, Opening $opening, string $goods, CartUse $cartUse): Offer
    {
        $honey = $this->product($this->shop);
        $wrap = $this->product($this->shop, ['sku' => 'wrap', 'has_variants' => true, 'options' => [new Option('Size', [new Choice('Small')])]]);
        $small = $wrap->variants()->create(['shop_id' => $this->shop->id, 'position' => 0, 'sku' => 'wrap-s', 'choices' => ['Small'], 'choices_digest' => hash('sha256', 'Small')]);
        $with = ['destination' => $destination, 'opening' => $opening, 'cart_use' => $cartUse];
        $offer = $this->offer(in_array($goods, ['varied', 'named'], true) ? $wrap : $honey, $goods === 'asked' ? $with + ['ask_label' => 'How many', 'ask_least' => 1, 'ask_most' => 5] : $with);
        if ($goods === 'several') {
            $offer->lines()->create(['shop_id' => $this->shop->id, 'position' => 1, 'product_id' => $wrap->id, 'variant_id' => $small->id, 'quantity' => 1]);
        }
        if ($goods === 'named') {
            $offer->lines()->update(['variant_id' => $small->id]);
        }

        return $offer;
    }

    /** @return list<string> the pages between the click and the payment, as a shopper who says what is asked meets them */
    private function walked(Placement $placement): array
    {
        $pages = [];
        $address = $this->landed($this->get($this->at("/k/{$placement->code}"), ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document']));
        while (count($pages) < self::MOST_PAGES) {
            $this->get($this->at($address))->assertOk();
            $pages[] = $page = $this->pageAt($address);
            if ($page === 'checkout') {
                return $pages;
            }
            $address = match ($page) {
                'offer' => $this->landed($this->post($this->at($address), ['quantity' => '1', 'choice' => [['Small']]])),
                'product' => $this->landed($this->post($this->at('/cart/add'), ['sku' => $this->skuAt($placement), 'quantity' => '1', 'k' => $placement->code, 'choice' => ['Small'], 'to' => 'cart'])),
                default => $this->landed($this->post($this->at('/cart'), ['to_checkout' => '1'])),
            };
        }
        self::fail('The way never ends: '.implode(', ', $pages));
    }

    private function pageAt(string $address): string
    {
        return match (true) {
            str_starts_with($address, '/o/') => 'offer',
            str_starts_with($address, '/p/') => 'product',
            str_starts_with($address, '/checkout/') => 'checkout',
            default => 'cart',
        };
    }

    /**
     * Whoever looks on goes to the cart when they are done.
     *
     * @param  TestResponse<\Illuminate\Http\Response>  $answer
     */
    private function landed(TestResponse $answer): string
    {
        $address = (string) $answer->assertStatus(303)->headers->get('Location');

        return $address === '/?after=added' ? '/cart' : $address;
    }

    private function skuAt(Placement $placement): string
    {
        $product = $placement->offer()->firstOrFail()->lines()->firstOrFail()->product()->firstOrFail();

        return $product instanceof Product ? $product->sku : self::fail('There is no product.');
    }

    private function at(string $path): string
    {
        $this->withUnencryptedCookies(['kite_visitor' => $this->visitor])->withHeader('Origin', $this->shop->base());

        return "http://{$this->shop->host}{$path}";
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Catalogue\SaveVariants;
use App\Models\Cart;
use App\Models\CartLine;
use App\Models\Shop;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Cache;
use Illuminate\Testing\TestResponse;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PaperKite\Checkout\CheckoutRules;
use Tests\Support\GeneratedLinks;
use Tests\TestCase;

/** Open links without end: each gets an answer, adds what it names or nothing, and leads to no host that the shop does not list. */
final class GeneratedLinksTest extends TestCase
{
    private const SEED = 20261124;

    private const LINKS = 600;

    private Shop $shop;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop(['checkout_rules' => new CheckoutRules(hosts: [GeneratedLinks::HOST])]);
        foreach (array_diff(array_keys(GeneratedLinks::GOODS), ['wrap', 'wrap-Large']) as $sku) {
            $this->product($this->shop, ['sku' => (string) $sku]);
        }
        $wrap = $this->product($this->shop, ['sku' => 'wrap', 'has_variants' => true, 'options' => [new Option('Size', [new Choice('Large')])]]);
        $wrap->variants()->create(['shop_id' => $this->shop->id, 'position' => 0, 'sku' => 'wrap-Large', 'choices' => ['Large'], 'choices_digest' => SaveVariants::digest(['Large'])]);
    }

    public function test_every_link_does_what_it_says_or_nothing(): void
    {
        $generated = new GeneratedLinks(self::SEED);
        $followed = 0;
        // More of them, where somebody wants to wait: see docs/bench.md.
        for ($i = (int) (getenv('KITE_LINKS') ?: self::LINKS); $i > 0; $i--) {
            ['link' => $link, 'lines' => $lines, 'place' => $place] = $generated->next();
            Cache::clear();
            $answer = $this->get("http://{$this->shop->host}/take/{$link}", ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document']);
            $added = $this->linesOf($answer);
            if ($lines === null) {
                self::assertSame([404, []], [$answer->status(), $added], $link);

                continue;
            }
            $followed++;
            ksort($lines);
            self::assertSame([303, $lines], [$answer->status(), $added], $link);
            self::assertStringStartsWith($place, (string) $answer->headers->get('Location'), $link);
        }

        self::assertGreaterThan(self::LINKS / 3, $followed);
        self::assertSame(0, Cart::query()->where('shop_id', '!=', $this->shop->id)->count());
    }

    /**
     * @param  TestResponse<Response>  $answer
     * @return array<int|string, int> quantities by SKU in the cart of the visitor whom the answer names
     */
    private function linesOf(TestResponse $answer): array
    {
        $cookie = $answer->headers->getCookies()[0] ?? null;
        if ($cookie === null) {
            return [];
        }
        $cart = Cart::query()->where('visitor', hash('sha256', (string) $cookie->getValue()))->with(['lines.product', 'lines.variant'])->sole();

        return $cart->lines->mapWithKeys(static fn (CartLine $line): array => [$line->variant->sku ?? $line->product->sku => $line->quantity])->sortKeys()->all();
    }
}

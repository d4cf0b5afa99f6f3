<?php

declare(strict_types=1);

namespace Tests\Served;

use App\Catalogue\ProductForm;
use App\Models\Cart;
use App\Models\CartLine;
use App\Models\Placement;
use App\Models\Product;
use GuzzleHttp\Handler\CurlMultiHandler;
use GuzzleHttp\HandlerStack;
use GuzzleHttp\Promise\PromiseInterface;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\Onwards;
use Psr\Http\Message\ResponseInterface;
use Tests\Support\AsksConsole;

/** Many who use one cart of a page at once, while the seller edits what they buy. */
final class WidgetStormTest extends ServedTestCase
{
    use AsksConsole;

    private const MANY = 16;

    private const NAVIGATES = ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document'];

    private Product $honey;

    private Placement $placement;

    protected function setUp(): void
    {
        parent::setUp();
        $this->together = HandlerStack::create(new CurlMultiHandler);
        $this->honey = $this->product($this->shop, ['stock' => 500]);
        $this->placement = $this->placement($this->offer($this->honey, ['destination' => Onwards::Stay, 'cart_use' => CartUse::WithCart]), 'a page', ['medium' => 'widget']);
    }

    public function test_each_click_counts_once_while_the_seller_edits(): void
    {
        $token = $this->token($this->add(['click' => 'first'])->wait());
        $product = self::sent(ProductForm::of($this->honey->load(['variants', 'pictures', 'categories', 'addOns', 'addresses']), $this->shop->zone()));
        $asked = [];
        foreach (range(1, self::MANY) as $i) {
            $asked[] = $this->add(['token' => $token, 'click' => "click {$i}"]);
            $asked[] = $this->ask('PUT', "products/{$this->honey->id}", ['name' => "Honey {$i}"] + $product);
            $asked[] = $this->embed('GET', "data?v=1&codes={$this->placement->code}", []);
        }
        self::assertSame([], array_filter($this->statuses($asked), static fn (int $status): bool => $status >= 400));
        self::assertSame(self::MANY + 1, $this->pieces());

        // The same click, sent sixteen times at once.
        $again = array_map(fn (): PromiseInterface => $this->add(['token' => $token, 'click' => 'again']), range(1, self::MANY));
        self::assertEquals([200 => self::MANY], array_count_values($this->statuses($again)));
        self::assertSame(self::MANY + 2, $this->pieces());
    }

    public function test_of_sixteen_who_bring_one_ticket_one_gets_the_cart(): void
    {
        $token = $this->token($this->add([])->wait());
        $go = $this->go($token);
        $asked = array_map(fn (int $i): PromiseInterface => self::shopper($this->together)->getAsync($go, ['headers' => ['User-Agent' => "Browser {$i}"] + self::NAVIGATES]), range(1, self::MANY));

        self::assertEquals([303 => 1, 410 => self::MANY - 1], array_count_values($this->statuses($asked)));
        self::assertSame(1, Cart::query()->where('shop_id', $this->shop->id)->count() - 1, 'Whoever came too late has begun no cart.');
    }

    public function test_a_browser_that_sends_its_request_sixteen_times_at_once_gets_one_cart(): void
    {
        $go = $this->go($this->token($this->add([])->wait()));
        $asked = array_map(fn (): PromiseInterface => self::shopper($this->together)->getAsync($go, ['headers' => ['User-Agent' => 'Browser'] + self::NAVIGATES]), range(1, self::MANY));

        self::assertEquals([303 => self::MANY], array_count_values($this->statuses($asked)));
        self::assertSame([2, 2], [Cart::query()->where('shop_id', $this->shop->id)->count(), $this->pieces()], 'One of the page, and one of the shop, with a piece each.');
    }

    public function test_a_cart_that_is_filled_handed_over_and_ordered_at_once_loses_and_doubles_nothing(): void
    {
        $token = $this->token($this->add(['click' => 'first'])->wait());
        $browser = self::shopper($this->together);
        $browser->get($this->go($token), ['headers' => self::NAVIGATES]);
        $asked = [];
        foreach (range(1, self::MANY) as $i) {
            $asked[] = $this->add(['token' => $token, 'click' => "click {$i}"]);
            $asked[] = $this->embed('POST', 'cart/hand-over', ['token' => $token, 'to' => 'cart'])->then(fn (ResponseInterface $answer): PromiseInterface => $browser->getAsync($this->field($answer, 'go'), ['headers' => self::NAVIGATES]));
            $asked[] = $browser->postAsync("{$this->shop->base()}/cart", ['headers' => ['Origin' => $this->shop->base()], 'form_params' => ['update' => '1']]);
        }
        self::assertSame([], array_filter($this->statuses($asked), static fn (int $status): bool => $status >= 400));
        $browser->get($this->go($token), ['headers' => self::NAVIGATES]);

        $shared = Cart::query()->where('shop_id', $this->shop->id)->orderByDesc('id')->firstOrFail();
        self::assertSame([self::MANY + 1, 2 * (self::MANY + 1)], [$shared->lines()->sole()->quantity, $this->pieces()]);
    }

    /** @param  array<string, string>  $sent */
    private function add(array $sent): PromiseInterface
    {
        return $this->embed('POST', 'cart/add', ['code' => $this->placement->code] + $sent);
    }

    /** @param  array<string, string>  $sent */
    private function embed(string $method, string $path, array $sent): PromiseInterface
    {
        return self::shopper($this->together)->requestAsync($method, "{$this->shop->base()}/embed/{$path}", ['headers' => ['Origin' => 'http://blog.example']] + ($sent === [] ? [] : ['form_params' => $sent]));
    }

    private function go(string $token): string
    {
        return $this->field($this->embed('POST', 'cart/hand-over', ['token' => $token, 'to' => 'cart'])->wait(), 'go');
    }

    private function token(mixed $answer): string
    {
        return $this->field($answer, 'token');
    }

    private function field(mixed $answer, string $name): string
    {
        self::assertInstanceOf(ResponseInterface::class, $answer);
        $told = json_decode((string) $answer->getBody(), true);

        return is_array($told) && is_string($told[$name] ?? null) ? $told[$name] : self::fail("There is no “{$name}”: {$answer->getStatusCode()} {$answer->getBody()}");
    }

    /** In all carts of the shop. */
    private function pieces(): int
    {
        return array_sum(CartLine::query()->without(['product', 'variant.picture'])->where('product_id', $this->honey->id)->get()->map(static fn (CartLine $line): int => $line->quantity)->all());
    }
}

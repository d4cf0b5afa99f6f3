<?php

declare(strict_types=1);

namespace Tests\Served;

use App\Models\Cart;
use App\Models\CartLine;
use App\Models\DisplayPlacement;
use App\Models\Placement;
use App\Models\Product;
use GuzzleHttp\Handler\CurlMultiHandler;
use GuzzleHttp\HandlerStack;
use GuzzleHttp\Promise\PromiseInterface;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\Onwards;
use Psr\Http\Message\ResponseInterface;
use Tests\Support\AsksConsole;

/** Sixteen who take from a shelf and a price table at once, by one cart and by their own, while the seller saves both. */
final class DisplayStormTest extends ServedTestCase
{
    use AsksConsole;

    private const MANY = 16;

    /** @var list<Product> */
    private array $goods;

    protected function setUp(): void
    {
        parent::setUp();
        $this->together = HandlerStack::create(new CurlMultiHandler);
        $this->goods = array_map(fn (string $sku): Product => $this->product($this->shop, ['sku' => $sku, 'name' => ucfirst($sku), 'stock' => 900]), ['honey', 'candle', 'soap']);
    }

    public function test_what_was_accepted_is_in_the_carts_and_nothing_else(): void
    {
        $shelf = $this->display($this->shop, ...$this->goods);
        $offers = array_map(fn (Product $product): int => $this->offer($product, ['destination' => Onwards::Stay, 'cart_use' => CartUse::WithCart])->id, $this->goods);
        $made = $this->read($this->ask('POST', 'price-tables', self::tableEntry('Jars', $offers))->wait());
        $table = is_int($made['id'] ?? null) ? $made['id'] : self::fail('A table has a number.');
        $this->ask('POST', "price-tables/{$table}/places", ['page' => 'a page'])->wait();
        $code = DisplayPlacement::query()->where('whole_table_id', $table)->firstOrFail()->code;
        $columns = array_values($this->shop->placements()->where('price_table_id', $table)->orderBy('table_position')->get()->map(static fn (Placement $column): string => $column->code)->all());
        $token = $this->field($this->add(['code' => $shelf->code, 'item' => 'honey'])->wait(), 'token');

        $adds = $others = [];
        foreach (range(1, self::MANY) as $i) {
            $adds[] = $this->add(['code' => $shelf->code, 'in' => $shelf->code, 'item' => 'honey', 'token' => $token, 'click' => "shelf {$i}"]);
            $adds[] = $this->add(['code' => $columns[$i % 3], 'in' => $code, 'token' => $i % 2 === 0 ? $token : '', 'click' => "table {$i}"]);
            // What comes and goes while it is taken.
            $adds[] = $this->add(['code' => $shelf->code, 'in' => $shelf->code, 'item' => 'soap', 'click' => "soap {$i}"]);
            $others[] = $this->ask('PUT', "shelves/{$shelf->shelf_id}", ['name' => "Hive {$i}", 'density' => ['rows', 'cards', 'large'][$i % 3], 'onwards' => 'stay', 'category' => '', 'products' => array_map(static fn (Product $product): int => $product->id, array_slice($i % 2 === 0 ? array_reverse($this->goods) : $this->goods, 0, $i % 4 === 0 ? 3 : 2))]);
            $others[] = $this->ask('PUT', "price-tables/{$table}", self::tableEntry('Jars', $i % 2 === 0 ? $offers : array_reverse($offers), $offers[$i % 3]));
            $others[] = $this->embed('GET', "data?v=1&codes={$shelf->code}", []);
            $others[] = $this->embed('GET', "data?v=1&codes={$shelf->code}&whole=1&item=soap", []);
            $others[] = $this->embed('POST', 'cart', ['token' => $token, 'shown' => '1']);
        }
        $statuses = $this->statuses($adds);
        self::assertSame([], array_diff($statuses, [200, 409]));
        self::assertSame([], array_filter($this->statuses($others), static fn (int $status): bool => $status >= 400));
        $accepted = 1 + count(array_filter($statuses, static fn (int $status): bool => $status === 200));
        self::assertSame($accepted, array_sum(CartLine::query()->whereIn('cart_id', Cart::query()->where('shop_id', $this->shop->id)->select('id'))->get()->map(static fn (CartLine $line): int => $line->quantity)->all()));
        self::assertGreaterThan(2 * self::MANY, $accepted, 'What stays on shelf and table is always to be had.');
    }

    /** @param  array<string, string>  $sent */
    private function add(array $sent): PromiseInterface
    {
        return $this->embed('POST', 'cart/add', $sent);
    }

    /** @param  array<string, string>  $sent */
    private function embed(string $method, string $path, array $sent): PromiseInterface
    {
        return self::shopper($this->together)->requestAsync($method, "{$this->shop->base()}/embed/{$path}", ['headers' => ['Origin' => 'http://blog.example']] + ($sent === [] ? [] : ['form_params' => $sent]));
    }

    private function field(mixed $answer, string $name): string
    {
        $told = $answer instanceof ResponseInterface ? json_decode((string) $answer->getBody(), true) : null;

        return is_array($told) && is_string($told[$name] ?? null) ? $told[$name] : self::fail("It says no {$name}.");
    }
}

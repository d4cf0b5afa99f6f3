<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Shop;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Which pages the web server is told to keep for seconds. */
final class KeepPageTest extends TestCase
{
    private Shop $shop;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->product($this->shop, ['sku' => 'honey']);
    }

    #[DataProvider('kept')]
    public function test_what_is_the_same_for_everybody_may_be_kept(string $path): void
    {
        $this->get($this->shop->base().$path)->assertOk()->assertHeader('X-Accel-Expires', '2')->assertHeaderMissing('Set-Cookie');
    }

    /** @return iterable<array{string}> */
    public static function kept(): iterable
    {
        yield from array_map(static fn (string $path): array => [$path], ['/', '/?page=1&sort=newest', '/p/honey', '/p/honey?quantity=2&k=abc', '/p/honey?glance=1', '/robots.txt', '/sitemap.xml', '/goods.json']);
    }

    /** @param  array<string, string>  $headers */
    #[DataProvider('personal')]
    public function test_what_is_somebodys_or_nothing_is_not(string $path, array $headers = []): void
    {
        $this->get($this->shop->base().$path, $headers)->assertHeaderMissing('X-Accel-Expires');
    }

    /** @return iterable<string, array{0: string, 1?: array<string, string>}> */
    public static function personal(): iterable
    {
        yield 'a cookie of ours' => ['/p/honey', ['Cookie' => 'kite_visitor=0123456789abcdefghijkl']];
        yield 'any cookie' => ['/', ['Cookie' => '0']];
        yield 'credentials' => ['/', ['Authorization' => 'Basic YTpi']];
        yield 'a search' => ['/?q=honey'];
        yield 'what follows an act' => ['/?after=added'];
        yield 'an entry of theirs' => ['/p/honey?email=ada%40letters.example'];
        yield 'the rest of a link' => ['/p/honey?rest=x'];
        yield 'what is not there' => ['/p/nothing'];
        yield 'a page that leads on' => ['/terms'];
        yield 'a cart' => ['/cart'];
    }

    public function test_a_page_says_its_own_style_by_a_digest_that_stays(): void
    {
        self::assertStringContainsString("style-src 'self'; ", (string) $this->get("{$this->shop->base()}/robots.txt")->headers->get('Content-Security-Policy'));
        $pages = array_map(fn () => $this->get("{$this->shop->base()}/"), [1, 2]);
        self::assertSame($pages[0]->headers->get('Content-Security-Policy'), $pages[1]->headers->get('Content-Security-Policy'));
        preg_match('~<style>(.*?)</style>~s', (string) $pages[0]->getContent(), $style);
        self::assertStringContainsString("'sha256-".base64_encode(hash('sha256', $style[1] ?? '', true))."'", (string) $pages[0]->headers->get('Content-Security-Policy'));
    }

    public function test_where_a_proxy_names_the_country_it_is_told_apart(): void
    {
        config(['trustedproxy.country_header' => 'X-Client-Country']);

        $this->get("{$this->shop->base()}/")->assertHeader('Vary', 'X-Client-Country');
    }
}

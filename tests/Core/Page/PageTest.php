<?php

declare(strict_types=1);

namespace Tests\Core\Page;

use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Page\GoodsData;
use PaperKite\Page\SharedPage;
use PaperKite\Page\SharedPicture;
use PaperKite\Text\ScriptJson;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What pages say of themselves to programs. */
final class PageTest extends TestCase
{
    #[DataProvider('texts')]
    public function test_a_description_ends_with_a_word(string $text, string $description): void
    {
        $page = new SharedPage('Honey', $text, 'https://mosslight.example/p/honey');

        self::assertSame($description, $page->description());
        self::assertLessThanOrEqual(200, mb_strlen($page->description()));
    }

    /** @return iterable<string, array{string, string}> */
    public static function texts(): iterable
    {
        yield 'short' => ["Dark\n and  late.", 'Dark and late.'];
        yield 'none' => ['  ', ''];
        yield 'long' => [str_repeat('honey ', 50), rtrim(str_repeat('honey ', 33)).'…'];
        yield 'ends in a comma' => [str_repeat('honey, ', 40), rtrim(str_repeat('honey, ', 28), ', ').'…'];
        yield 'without spaces' => [str_repeat('蜂', 300), str_repeat('蜂', 199).'…'];
        yield 'exactly as long as it may be' => [str_repeat('a', 200), str_repeat('a', 200)];
    }

    public function test_a_link_to_goods_shows_title_text_picture_and_price(): void
    {
        $page = new SharedPage('Heather honey', 'Dark.', 'https://mosslight.example/p/honey', new SharedPicture('https://mosslight.example/pictures/a.jpg', 'A jar', 1200, 800), self::euro(980), isGoods: true);

        self::assertSame([
            'og:type' => 'product', 'og:site_name' => 'Mosslight Apiary', 'og:title' => 'Heather honey', 'og:description' => 'Dark.', 'og:url' => 'https://mosslight.example/p/honey',
            'og:image' => 'https://mosslight.example/pictures/a.jpg', 'og:image:alt' => 'A jar', 'og:image:width' => '1200', 'og:image:height' => '800',
            'product:price:amount' => '9.80', 'product:price:currency' => 'EUR',
        ], $page->properties('Mosslight Apiary'));
        self::assertSame(['og:type', 'og:site_name', 'og:title', 'og:url'], array_keys((new SharedPage('A', '', 'https://a.example/'))->properties('A')));
    }

    /** @param  array<string, mixed>  $offers */
    #[DataProvider('goods')]
    public function test_goods_are_told_by_their_kind(GoodsData $goods, string $type, ?array $offers): void
    {
        $document = $goods->document();

        self::assertSame([$type, $offers], [$document['@type'], $document['offers'] ?? null]);
        self::assertSame($type === 'Product', isset($document['sku']));
        self::assertSame($type === 'Event', isset($document['startDate']));
    }

    /** @return iterable<string, array{GoodsData, string, array<string, mixed>|null}> */
    public static function goods(): iterable
    {
        $at = 'https://mosslight.example/p/a';
        yield 'of one price' => [new GoodsData('A', 'a', '', [], $at, self::euro(980), self::euro(980), 1, true), 'Product', ['@type' => 'Offer', 'price' => '9.80', 'priceCurrency' => 'EUR', 'availability' => 'https://schema.org/InStock', 'url' => $at]];
        yield 'of several' => [new GoodsData('A', 'a', '', [], $at, self::euro(500), self::euro(980), 3, false), 'Product', ['@type' => 'AggregateOffer', 'lowPrice' => '5.00', 'highPrice' => '9.80', 'offerCount' => 3, 'priceCurrency' => 'EUR', 'availability' => 'https://schema.org/OutOfStock', 'url' => $at]];
        yield 'a partner’s' => [new GoodsData('A', 'a', '', [], $at, null, null, 1, true), 'Product', null];
        yield 'a cause' => [new GoodsData('A', 'a', '', [], $at, self::euro(500), self::euro(500), 1, true, isGiven: true), 'DonateAction', null];
        yield 'a course' => [new GoodsData('A', 'a', '', [], $at, self::euro(0), self::euro(0), 1, true, begins: '2026-12-01T09:00:00Z', place: 'Tarn'), 'Event', ['@type' => 'Offer', 'price' => '0.00', 'priceCurrency' => 'EUR', 'availability' => 'https://schema.org/InStock', 'url' => $at]];
    }

    public function test_no_name_ends_the_script_that_it_stands_in(): void
    {
        $json = ScriptJson::of(['name' => '</script><script>alert(1)</script><!--', 'text' => "a\xff"]);

        self::assertStringNotContainsString('<', $json);
        self::assertSame(['name' => '</script><script>alert(1)</script><!--', 'text' => "a\u{FFFD}"], json_decode($json, true, flags: JSON_THROW_ON_ERROR));
    }

    private static function euro(int $minor): Money
    {
        return Money::ofMinor($minor, Currency::of('EUR'));
    }
}

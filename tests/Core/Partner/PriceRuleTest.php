<?php

declare(strict_types=1);

namespace Tests\Core\Partner;

use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Partner\Item;
use PaperKite\Partner\Price\PageProblem;
use PaperKite\Partner\Price\PriceRule;
use PaperKite\Partner\Price\PriceShowing;
use PaperKite\Partner\Price\PriceState;
use PaperKite\Partner\Price\ReadItemPage;
use PaperKite\Partner\Price\SeenPage;
use PaperKite\Partner\Price\StalePrice;
use PaperKite\Partner\Price\WatchedPrice;
use PaperKite\Time\Day;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What an item's page says of its price, what follows from it, and for how long it is believed. */
final class PriceRuleTest extends TestCase
{
    /** @return iterable<string, array{string, string|PageProblem}> */
    public static function pages(): iterable
    {
        $offer = static fn (string $offer): string => '{"@context":"https://schema.org","@type":"Product","name":"Lamp","offers":'.$offer.'}';
        $page = static fn (string ...$json): string => implode('', array_map(static fn (string $each): string => "<script type=\"application/ld+json\">{$each}</script>", $json));

        yield 'a price' => [$page($offer('{"@type":"Offer","price":"46.00","priceCurrency":"EUR"}')), '46.00'];
        yield 'a number' => [$page($offer('{"@type":"Offer","price":89.9,"priceCurrency":"EUR"}')), '89.90'];
        yield 'decimals that say nothing' => [$page($offer('{"price":"46.000","priceCurrency":"EUR"}')), '46.00'];
        yield 'decimals that nobody pays' => [$page($offer('{"price":"46.005","priceCurrency":"EUR"}')), PageProblem::NoPrice];
        yield 'the type by its address' => [$page('{"@type":"https://schema.org/Product","offers":{"price":"1.20","priceCurrency":"EUR"}}'), '1.20'];
        yield 'deep in a graph, among others' => [$page('{"@graph":[{"@type":"WebSite"},{"@type":["Thing","Product"],"offers":[{"price":"5","priceCurrency":"EUR"}]}]}'), '5.00'];
        yield 'in a price specification' => [$page($offer('{"@type":"Offer","priceSpecification":{"price":"7.10","priceCurrency":"EUR"}}')), '7.10'];
        yield 'the second script' => [$page('not json at all', $offer('{"price":"8","priceCurrency":"EUR"}')), '8.00'];
        yield 'in capitals and single quotes' => ["<SCRIPT id=x TYPE='application/ld+json'>".$offer('{"price":"8","priceCurrency":"EUR"}').'</SCRIPT>', '8.00'];
        yield 'several that are the same' => [$page($offer('[{"price":"8","priceCurrency":"EUR"},{"price":"8.00","priceCurrency":"EUR"}]')), '8.00'];
        yield 'several that are not' => [$page($offer('[{"price":"8","priceCurrency":"EUR"},{"price":"9","priceCurrency":"EUR"}]')), PageProblem::SeveralPrices];
        yield 'from low to high' => [$page($offer('{"@type":"AggregateOffer","lowPrice":"8","highPrice":"12","priceCurrency":"EUR"}')), PageProblem::SeveralPrices];
        yield 'from low to as low' => [$page($offer('{"@type":"AggregateOffer","lowPrice":"8","highPrice":"8","priceCurrency":"EUR"}')), '8.00'];
        yield 'this one among two' => [$page('{"@type":"Product","sku":"W204","offers":{"price":"46","priceCurrency":"EUR"}}', '{"@type":"Product","sku":"w900","offers":{"price":"1","priceCurrency":"EUR"}}'), '46.00'];
        yield 'one of two, and nobody says which' => [$page('{"@type":"Product","offers":{"price":"46","priceCurrency":"EUR"}}', '{"@type":"Product","offers":{"price":"1","priceCurrency":"EUR"}}'), PageProblem::SeveralItems];
        yield 'another currency' => [$page($offer('{"price":"46","priceCurrency":"SEK"}')), PageProblem::OtherCurrency];
        yield 'no currency' => [$page($offer('{"price":"46"}')), PageProblem::OtherCurrency];
        yield 'nothing to pay' => [$page($offer('{"price":"0.00","priceCurrency":"EUR"}')), PageProblem::NoPrice];
        yield 'less than nothing' => [$page($offer('{"price":"-4","priceCurrency":"EUR"}')), PageProblem::NoPrice];
        yield 'with a comma' => [$page($offer('{"price":"46,00","priceCurrency":"EUR"}')), PageProblem::NoPrice];
        yield 'with markup' => [$page($offer('{"price":"<b>46</b>","priceCurrency":"EUR"}')), PageProblem::NoPrice];
        yield 'no longer made' => [$page($offer('{"price":"46","priceCurrency":"EUR","availability":"https://schema.org/Discontinued"}')), PageProblem::Gone];
        yield 'no offer' => [$page('{"@type":"Product","name":"Lamp"}'), PageProblem::NoPrice];
        yield 'no data' => ['<p>46 EUR</p>', PageProblem::NoData];
        yield 'a script without an end' => ['<script type="application/ld+json">{"@type":"Product"', PageProblem::NoData];
        yield 'nested without an end' => [$page(str_repeat('[', 100_000)), PageProblem::NoData];
        yield 'in a script of another type' => ['<script>'.$offer('{"price":"8","priceCurrency":"EUR"}').'</script>', PageProblem::NoData];
    }

    #[DataProvider('pages')]
    public function test_a_page_says_one_price_or_none(string $html, string|PageProblem $expected): void
    {
        $page = ReadItemPage::of($html, new Item(['item' => 'w204']), Currency::of('EUR'));

        self::assertSame($expected, $page instanceof SeenPage ? $page->price->decimal() : $page);
    }

    public function test_title_and_text_come_without_markup_and_within_their_length(): void
    {
        $page = ReadItemPage::of('<script type="application/ld+json">'.json_encode(['@type' => 'Product', 'name' => "Lamp\u{202E} &amp; <b>oil</b>", 'description' => '<p>Burns.</p><ul><li>All night</li></ul>'.str_repeat('x', 30_000), 'offers' => ['price' => '1', 'priceCurrency' => 'EUR']], JSON_HEX_TAG).'</script>', new Item(['item' => 'w204']), Currency::of('EUR'));

        self::assertInstanceOf(SeenPage::class, $page);
        self::assertSame('Lamp & oil', $page->title);
        self::assertStringStartsWith("Burns.\nAll night\nxxx", $page->text);
        self::assertSame(ReadItemPage::LONGEST_TEXT, mb_strlen($page->text));
    }

    /** @return iterable<string, array{int, PriceState|null, StalePrice, PriceShowing}> */
    public static function ages(): iterable
    {
        yield 'today' => [0, PriceState::Same, StalePrice::Hide, PriceShowing::Plain];
        yield 'the last day' => [7, null, StalePrice::Hide, PriceShowing::Plain];
        yield 'a day more, hidden' => [8, PriceState::Same, StalePrice::Hide, PriceShowing::Hidden];
        yield 'a day more, marked' => [8, PriceState::Unreadable, StalePrice::Mark, PriceShowing::Marked];
        yield 'known to be wrong' => [0, PriceState::Changed, StalePrice::Mark, PriceShowing::Hidden];
        yield 'of what is gone' => [0, PriceState::Vanished, StalePrice::Mark, PriceShowing::Hidden];
        yield 'of a day that comes' => [-1, null, StalePrice::Hide, PriceShowing::Plain];
    }

    #[DataProvider('ages')]
    public function test_a_price_is_believed_for_some_days(int $days, ?PriceState $state, StalePrice $stale, PriceShowing $expected): void
    {
        $today = Day::read('2026-03-01');

        self::assertSame($expected, (new PriceRule(7, $stale))->showing($today->plusDays(-$days), $today, $state));
    }

    public function test_what_a_look_finds_becomes_a_state_and_what_to_do_about_it(): void
    {
        $eur = static fn (int $minor): Money => Money::ofMinor($minor, Currency::of('EUR'));
        $page = static fn (int $minor): SeenPage => new SeenPage($eur($minor), 'Lamp', '');
        $asks = new PriceRule;

        $same = (new WatchedPrice($eur(4600)))->after($page(4600), $asks);
        self::assertSame([PriceState::Same, true], [$same->state, $same->isSeenNow]);
        $changed = $same->after($page(4900), $asks);
        self::assertSame([PriceState::Changed, 4600, 4900, false], [$changed->state, $changed->shown?->minor, $changed->found?->minor, $changed->isSeenNow]);
        self::assertSame([PriceState::Same, 4900, true], [$changed->takenOver()->state, $changed->takenOver()->shown?->minor, $changed->takenOver()->isSeenNow]);
        self::assertSame([PriceState::Same, null], [$changed->showing(null)->state, $changed->showing(null)->shown]);
        self::assertSame(PriceState::Same, $changed->showing($eur(4900))->state);
        self::assertSame(PriceState::Changed, $same->showing($eur(4500))->state);
        self::assertSame([PriceState::Same, 4900], [($own = $same->after($page(4900), new PriceRule(takesOver: true)))->state, $own->shown?->minor]);
        self::assertSame([PriceState::Same, null], [(new WatchedPrice(null))->after($page(4900), new PriceRule(takesOver: true))->state, (new WatchedPrice(null))->after($page(4900), new PriceRule(takesOver: true))->shown], 'Where the seller shows none, none is shown.');
        self::assertSame(PriceState::Vanished, $same->after(PageProblem::Gone, $asks)->state);
        $missed = $same->after(PageProblem::NotFound, $asks);
        self::assertSame([PriceState::Unreadable, PriceState::Vanished], [$missed->state, $missed->after(PageProblem::NotFound, $asks)->state], 'Once may be a mistake of the day.');
        self::assertSame(PriceState::Unreadable, $missed->after(PageProblem::Silent, $asks)->after(PageProblem::NotFound, $asks)->state, 'Only twice in a row.');
        self::assertSame(PriceState::Same, $missed->after($page(4600), $asks)->state);
    }
}

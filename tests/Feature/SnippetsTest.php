<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Changes\Editing;
use App\Looks\ReadLooks;
use App\Models\Product;
use App\Models\Shop;
use App\Offers\SavePriceTable;
use App\Offers\TableSnippet;
use App\Time\Clock;
use DOMDocument;
use PaperKite\Medium\TableEntry;
use PaperKite\Quote\ShippingZone;
use PaperKite\Quote\ShopRules;
use PaperKite\Quote\TaxRates;
use PaperKite\Text\FormInput;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What the console hands out to be pasted: whatever a seller typed stays text, in every medium, and nothing stands there that should not. */
final class SnippetsTest extends TestCase
{
    private const PAYEE = 'payee-that-nobody-sees';

    private Shop $shop;

    private Product $product;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop(['payee' => self::PAYEE]);
        $this->product = $this->product($this->shop);
        $this->actingAs($this->person($this->shop));
    }

    #[DataProvider('hostile')]
    public function test_words_of_the_seller_stay_words(string $words): void
    {
        $this->product->update(['name' => $words]);
        $snippets = $this->snippets($words);

        foreach (['html', 'email'] as $medium) {
            $document = $this->parsed($snippets[$medium]);
            self::assertSame($words, $document->textContent, $medium);
            self::assertSame([1, 0], [$document->getElementsByTagName('a')->length, $document->getElementsByTagName('script')->length]);
        }
        self::assertSame(1, substr_count($snippets['json_ld'], '<'.'script'));
        self::assertSame(1, substr_count($snippets['json_ld'], '</script'));
        self::assertSame($words, $this->told($snippets['json_ld'])['name'] ?? null);
        self::assertStringStartsWith('http', $snippets['link']);
        foreach ($snippets as $medium => $snippet) {
            self::assertStringNotContainsString(self::PAYEE, $snippet, $medium);
        }
    }

    /** @return iterable<string, array{string}> */
    public static function hostile(): iterable
    {
        yield 'plain' => ['Buy a jar'];
        yield 'a script' => ['<script>alert(1)</script>'];
        yield 'out of the attribute' => ['" onmouseover="alert(1)'];
        yield 'out of the script' => ['</script><img src=x>'];
        yield 'a comment' => ['<!-- --> <![CDATA[ ]]>'];
        yield 'entities' => ['&lt;b&gt; &#x3c;i&#x3e;'];
        yield 'Markdown' => ['[x](javascript:1) **y** `z`'];
        yield 'right to left' => ['קנה עכשיו'];
        yield 'emoji' => ['🍯 👩‍🌾🏽'];
        yield 'braces' => ['{{7*7}} ${7*7} <%= 7 %>'];
    }

    public function test_json_ld_tells_price_and_stock_of_today(): void
    {
        self::assertSame(['price' => '9.80', 'priceCurrency' => 'EUR', 'availability' => 'https://schema.org/InStock'], $this->offered());
        $this->product->update(['sale_minor' => 700, 'stock' => 0]);

        self::assertSame(['price' => '7.00', 'priceCurrency' => 'EUR', 'availability' => 'https://schema.org/OutOfStock'], $this->offered());
    }

    public function test_json_ld_and_price_tables_tell_prices_where_the_shop_ships_nowhere(): void
    {
        $this->shop->update(['rules' => new ShopRules($this->shop->currency(), $this->shop->zone(), new TaxRates(true, []), null, [new ShippingZone('Over there', ['NZ'], null, null)])]);

        self::assertSame(['price' => '9.80', 'priceCurrency' => 'EUR', 'availability' => 'https://schema.org/InStock'], $this->offered());
        $table = app(SavePriceTable::class)($this->shop, null, TableEntry::read(FormInput::of(self::tableEntry('Jars', [$this->offer($this->product)->id, $this->offer($this->product($this->shop))->id]))), Editing::byCommand());
        self::assertStringContainsString('€9.80', TableSnippet::of($table, $this->shop, app(ReadLooks::class)($this->shop), (new Clock)->moment()));
    }

    public function test_a_summary_is_told_as_plain_text(): void
    {
        $this->product->update(['summary' => '<p>Late, <b>dark</b> &amp; slow.</p><ul><li>From the moor</li></ul>']);

        self::assertSame('Late, dark & slow. From the moor', $this->text($this->told($this->snippets('Buy')['json_ld'])['description'] ?? null));
    }

    public function test_a_caption_of_the_place_stands_there_alone(): void
    {
        $offer = $this->offer($this->product, ['caption' => 'As everywhere']);
        $this->placement($offer, 'here', ['caption' => 'Only here']);
        $this->placement($offer, 'there');
        $places = $this->getJson($this->console("/api/shops/{$this->shop->slug}/offers/{$offer->id}"))->assertOk();

        self::assertStringContainsString('>Only here</a>', $this->text($places->json('placements.0.snippet')));
        self::assertStringContainsString('>As everywhere</a>', $this->text($places->json('placements.1.snippet')));
    }

    public function test_what_the_shop_says_everywhere_is_said_where_nobody_says_more(): void
    {
        $this->putJson($this->console("/api/shops/{$this->shop->slug}/shopfront"), ['buttons' => [], 'captions' => [], 'words' => ['idle' => 'Shop words'], 'after_adding' => 'cart', 'has_notice' => true, 'notice_leads' => 'cart', 'address' => ''])->assertOk();

        self::assertStringContainsString('>Shop words</a>', $this->snippets('')['html']);
        self::assertStringContainsString('>Offer words</a>', $this->snippets('Offer words')['html']);
    }

    /** @return array<string, string> by medium */
    private function snippets(string $caption): array
    {
        $offer = $this->offer($this->product, ['caption' => $caption === '' ? null : $caption]);
        foreach (['link', 'html', 'widget', 'email', 'markdown', 'qr', 'json_ld'] as $medium) {
            $this->placement($offer, $medium, ['medium' => $medium]);
        }
        /** @var list<array{page: string, snippet: string}> $placements */
        $placements = $this->getJson($this->console("/api/shops/{$this->shop->slug}/offers/{$offer->id}"))->assertOk()->json('placements');

        return array_column($placements, 'snippet', 'page');
    }

    /** @return array<mixed> */
    private function offered(): array
    {
        $offers = $this->told($this->snippets('Buy')['json_ld'])['offers'] ?? [];

        return is_array($offers) ? array_diff_key($offers, ['@type' => 1, 'url' => 1]) : self::fail('There is no offer.');
    }

    /** @return array<mixed> */
    private function told(string $snippet): array
    {
        $document = json_decode(substr($snippet, (int) strpos($snippet, '{'), -strlen('</script>')), true);

        return is_array($document) ? $document : self::fail('There is no document.');
    }

    private function text(mixed $value): string
    {
        return is_string($value) ? $value : self::fail('There is no text.');
    }

    private function parsed(string $html): DOMDocument
    {
        $document = new DOMDocument;
        $document->loadHTML("<?xml encoding=\"UTF-8\"><body>{$html}</body>", LIBXML_NOERROR);

        return $document;
    }
}

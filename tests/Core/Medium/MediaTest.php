<?php

declare(strict_types=1);

namespace Tests\Core\Medium;

use DOMDocument;
use DOMElement;
use PaperKite\Look\ButtonPicture;
use PaperKite\Look\Look;
use PaperKite\Look\ShippedLooks;
use PaperKite\Medium\ColumnWords;
use PaperKite\Medium\EmailButton;
use PaperKite\Medium\HtmlButton;
use PaperKite\Medium\JsonLd;
use PaperKite\Medium\LookSheet;
use PaperKite\Medium\MarkdownLink;
use PaperKite\Medium\Media;
use PaperKite\Medium\Placed;
use PaperKite\Medium\PlacedGoods;
use PaperKite\Medium\PlainLink;
use PaperKite\Medium\PriceTable;
use PaperKite\Medium\QrCode;
use PaperKite\Medium\TableColumn;
use PaperKite\Medium\Widget;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Samples;

/** What is pasted in each medium: whatever a seller writes stays text, and nothing stands there that should not. */
final class MediaTest extends TestCase
{
    #[DataProvider('hostile')]
    public function test_a_caption_stays_text_in_every_html_medium(string $caption): void
    {
        foreach ([new HtmlButton, new EmailButton] as $medium) {
            $document = self::parsed($medium->snippet(self::placed($caption)));

            self::assertSame($caption, $document->textContent, $medium->key());
            self::assertSame(1, $document->getElementsByTagName('a')->length);
            self::assertSame(0, $document->getElementsByTagName('script')->length + $document->getElementsByTagName('img')->length);
        }
        $table = self::parsed((new PriceTable($caption, [self::column($caption), self::column($caption)], 1))->html());
        self::assertSame($caption, $table->getElementsByTagName('ul')->item(0)?->getAttribute('aria-label'));
        self::assertSame(2, $table->getElementsByTagName('a')->length);
        self::assertSame(0, $table->getElementsByTagName('script')->length + $table->getElementsByTagName('img')->length);
    }

    #[DataProvider('hostile')]
    public function test_a_widget_is_a_plain_link_and_the_script_of_its_shop(string $caption): void
    {
        $snippet = (new Widget)->snippet(self::placed($caption));
        $document = self::parsed($snippet);
        $widget = $document->getElementsByTagName('paper-kite')->item(0);
        $script = $document->getElementsByTagName('script')->item(0);

        self::assertSame([2, 'abc1234', $caption], [count(explode("\n", $snippet)), $widget?->getAttribute('code'), $widget?->textContent]);
        self::assertSame('https://honey.example/k/abc1234', $document->getElementsByTagName('a')->item(0)?->getAttribute('href'));
        self::assertSame(['https://honey.example/embed/kite.js', true, ''], [$script?->getAttribute('src'), $script?->hasAttribute('async'), $script?->textContent]);
        self::assertSame([1, 1, 0], [$document->getElementsByTagName('a')->length, $document->getElementsByTagName('script')->length, $document->getElementsByTagName('img')->length]);
    }

    /** What was pasted is for good: lines of another form are kept beside those that were given out before. */
    public function test_the_lines_of_a_widget_are_of_the_last_form_that_was_given_out(): void
    {
        $forms = glob(dirname(__DIR__, 2).'/Support/snippets/widget-*.html') ?: [];
        natsort($forms);
        $last = strtr(trim((string) file_get_contents(end($forms) ?: '')), ['{base}' => 'https://honey.example', '{code}' => 'abc1234', '{caption}' => 'Take a jar']);

        self::assertSame($last, (new Widget)->snippet(self::placed('Take a jar')));
    }

    #[DataProvider('hostile')]
    public function test_a_caption_stays_text_in_markdown(string $caption): void
    {
        $markdown = (new MarkdownLink)->snippet(self::placed($caption));

        // Without the escapes, the caption is there as it was written; with them, nothing in it is Markdown or HTML.
        self::assertMatchesRegularExpression('~\A\[.*\]\(<https://honey\.example/k/abc1234>\)\z~su', $markdown);
        $escaped = substr($markdown, 1, -strlen('](<https://honey.example/k/abc1234>)'));
        self::assertSame($caption, preg_replace('/\\\\([!-\/:-@\[-`{-~])/', '$1', $escaped));
        self::assertDoesNotMatchRegularExpression('/(?<!\\\\)(?:\\\\\\\\)*[\[\]<>*_`&!]/', $escaped);
    }

    #[DataProvider('hostile')]
    public function test_names_stay_text_in_json_ld(string $name): void
    {
        $html = (new JsonLd)->snippet(self::placed('Buy now', [self::goods($name)]));
        $json = substr($html, strlen('<script type="application/ld+json">'), -strlen('</script>'));
        /** @var array{name: string, offers: array<string, string>} $document */
        $document = json_decode($json, true, flags: JSON_THROW_ON_ERROR);

        self::assertSame($name, $document['name']);
        self::assertStringNotContainsString('<', $json);
        self::assertSame(['@type' => 'Offer', 'url' => 'https://honey.example/k/abc1234', 'price' => '9.80', 'priceCurrency' => 'EUR', 'availability' => 'https://schema.org/InStock'], $document['offers']);
    }

    /** @return iterable<string, array{string}> */
    public static function hostile(): iterable
    {
        yield 'plain' => ['Buy now'];
        yield 'a script' => ['<script>alert(1)</script>'];
        yield 'out of the attribute' => ['"><img src=x onerror=alert(1)>'];
        yield 'out of the script' => ['</script><script>alert(1)</script><!--'];
        yield 'out of the link text' => ['](javascript:alert(1)) ![x](y)'];
        yield 'entities' => ['&lt;b&gt; &amp; Tom’s'];
        yield 'emphasis' => ['*really* _cheap_ `now` ~~old~~ \\'];
        yield 'apostrophes' => ['\' onclick=\'alert(1)'];
        yield 'right to left, with a picture' => ['קנה עכשיו 🍯'];
        yield 'template braces' => ['{{ constructor }} ${x}'];
    }

    public function test_live_media_hold_the_link_alone(): void
    {
        self::assertSame('https://honey.example/k/abc1234', (new PlainLink)->snippet(self::placed('Buy now')));
        self::assertSame('HTTPS://HONEY.EXAMPLE/K/ABC1234', (new QrCode)->snippet(self::placed('Buy now')));
        self::assertSame(['link', 'widget', 'qr'], array_values(array_map(static fn ($medium): string => $medium->key(), array_filter(Media::all(), static fn ($medium): bool => $medium->isLive()))));
        self::assertNull(Media::find('carrier pigeon'));
    }

    public function test_a_price_stands_only_where_the_medium_is_about_the_price(): void
    {
        foreach (Media::all() as $medium) {
            self::assertSame($medium->key() === 'json_ld', str_contains($medium->snippet(self::placed('Buy now')), '9.80'), $medium->key());
        }
        self::assertStringContainsString('€9.80', (new PriceTable('Jars', [self::column('a'), self::column('b')], null))->html());
    }

    #[DataProvider('looks')]
    public function test_an_e_mail_button_keeps_to_what_mail_programs_keep(Look $look): void
    {
        $html = (new EmailButton)->snippet(self::placed('Buy now', look: $look));
        foreach (self::parsed($html)->getElementsByTagName('body')->item(0)?->getElementsByTagName('*') ?? [] as $element) {
            self::assertInstanceOf(DOMElement::class, $element);
            self::assertContains($element->tagName, [...EmailButton::ELEMENTS, 'tbody']);
            foreach ($element->attributes as $attribute) {
                self::assertContains($attribute->nodeName, EmailButton::ATTRIBUTES);
            }
        }
        self::assertStringNotContainsString('url(', $html);
        self::assertSame('Buy now', trim(strip_tags($html)));
    }

    /** @return iterable<string, array{Look}> */
    public static function looks(): iterable
    {
        foreach (ShippedLooks::all() as $name => $look) {
            yield $name => [$look];
        }
    }

    public function test_a_button_opens_a_tab_where_the_offer_says_so_and_carries_the_classes_of_the_look(): void
    {
        self::assertStringContainsString('target="_blank" rel="noopener"', (new HtmlButton)->snippet(self::placed('Buy now', opensNewTab: true)));
        self::assertStringNotContainsString('target', (new HtmlButton)->snippet(self::placed('Buy now')));
        self::assertStringNotContainsString('outline', (new HtmlButton)->snippet(self::placed('Buy now')));
    }

    public function test_a_button_can_be_the_sellers_own_picture(): void
    {
        $look = self::pictured();
        $image = self::parsed((new HtmlButton)->snippet(self::placed('Buy now', look: $look)))->getElementsByTagName('img')->item(0);

        self::assertSame(['https://honey.example/pictures/a.webp', 'Honey "by" the jar'], [$image?->getAttribute('src'), $image?->getAttribute('alt')]);
        self::assertStringContainsString('width:200px;height:auto', (string) $image?->getAttribute('style'));
        self::assertSame('Honey "by" the jar', self::parsed((new EmailButton)->snippet(self::placed('Buy now', look: $look)))->textContent);
    }

    public function test_a_look_that_follows_the_page_names_no_colour_and_no_font(): void
    {
        $html = (new HtmlButton)->snippet(self::placed('Buy now', look: ShippedLooks::all()['As the page']));

        self::assertStringContainsString('background-color:transparent;color:inherit;font:inherit', $html);
        self::assertDoesNotMatchRegularExpression('/#[0-9a-f]{6}/', $html);
    }

    public function test_a_sheet_has_the_states_that_a_copy_has_not(): void
    {
        $css = (new LookSheet(ShippedLooks::all()['Kite silk'], '.button'))->css();

        foreach ([':hover', ':active', ':focus-visible{outline:3px solid', '[aria-disabled=true]', 'prefers-color-scheme:dark'] as $part) {
            self::assertStringContainsString($part, $css);
        }
        self::assertSame(substr_count($css, '{'), substr_count($css, '}'));
    }

    public function test_several_goods_are_one_offer_of_products(): void
    {
        $json = substr((new JsonLd)->snippet(self::placed('Both', [self::goods('Honey'), self::goods('Candle')])), strlen('<script type="application/ld+json">'), -strlen('</script>'));
        /** @var array<string, mixed> $document */
        $document = json_decode($json, true, flags: JSON_THROW_ON_ERROR);

        self::assertSame(['Offer', ['Honey', 'Candle']], [$document['@type'] ?? null, array_column((array) ($document['itemOffered'] ?? []), 'name')]);
    }

    /** @param  non-empty-list<PlacedGoods>|null  $goods */
    private static function placed(string $caption, ?array $goods = null, ?Look $look = null, bool $opensNewTab = false): Placed
    {
        return new Placed('https://honey.example/k/abc1234', $caption, $look ?? ShippedLooks::all()['Kite silk'], $opensNewTab, 'https://honey.example', $goods ?? [self::goods('Heather honey')], Samples::euros(980), true);
    }

    private static function column(string $caption): TableColumn
    {
        return new TableColumn(self::placed($caption), ColumnWords::none());
    }

    private static function goods(string $name): PlacedGoods
    {
        return new PlacedGoods($name, 'honey-340', 'From the moor.', 'https://honey.example/pictures/a.webp', 1, Samples::euros(980));
    }

    private static function pictured(): Look
    {
        $look = ShippedLooks::all()['Kite silk'];

        return new Look($look->fill, $look->ink, $look->border, 0, 4, 15, $look->shadow, 12, 22, $look->font, 16, true, $look->icon, $look->iconSide, 8, $look->width, 50, $look->alignment, picture: new ButtonPicture('/pictures/a.webp', 'Honey "by" the jar', true, 200, false, 400, 100));
    }

    private static function parsed(string $html): DOMDocument
    {
        $document = new DOMDocument;
        $document->loadHTML("<?xml encoding=\"UTF-8\"><body>{$html}</body>", LIBXML_NOERROR);

        return $document;
    }
}

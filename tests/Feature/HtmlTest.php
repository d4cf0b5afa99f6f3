<?php

declare(strict_types=1);

namespace Tests\Feature;

use PaperKite\Look\Look;
use PaperKite\Look\ShippedLooks;
use PaperKite\Medium\ColumnWords;
use PaperKite\Medium\HtmlButton;
use PaperKite\Medium\JsonLd;
use PaperKite\Medium\Placed;
use PaperKite\Medium\PlacedGoods;
use PaperKite\Medium\PriceTable;
use PaperKite\Medium\TableColumn;
use PaperKite\Medium\Widget;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** What sellers paste into other people's pages is valid HTML. */
final class HtmlTest extends TestCase
{
    #[DataProvider('snippets')]
    public function test_a_snippet_is_valid_html(string $snippet, bool $isInHead = false): void
    {
        $file = tempnam(sys_get_temp_dir(), 'kite').'.html';
        [$head, $body] = $isInHead ? [$snippet, ''] : ['', $snippet];
        file_put_contents($file, "<!DOCTYPE html><html lang=\"en\"><head><title>A page</title>{$head}</head><body><h1>A page</h1><div>{$body}</div></body></html>");
        $check = new Process(['node_modules/.bin/html-validate', '--config', 'tests/html-validate.json', $file], dirname(__DIR__, 2));
        $check->run();
        unlink($file);

        self::assertSame(0, $check->getExitCode(), $check->getOutput().$check->getErrorOutput());
    }

    /** @return iterable<string, array{0: string, 1?: bool}> */
    public static function snippets(): iterable
    {
        $silk = ShippedLooks::all()['Kite silk'];
        foreach (['Buy now', '<script>alert("x")</script>', 'קנה & שמור 🍯'] as $caption) {
            yield "a button: {$caption}" => [(new HtmlButton)->snippet(self::placed($caption, $silk))];
            yield "a widget: {$caption}" => [(new Widget)->snippet(self::placed($caption, $silk))];
            yield "a price table: {$caption}" => [(new PriceTable($caption, array_map(static fn (string $text): TableColumn => new TableColumn(self::placed($caption, $silk), ColumnWords::kept('', $text)), ['', "{$caption}\n\nThird", 'One']), 1, $caption))->html()];
            yield "JSON-LD: {$caption}" => [(new JsonLd)->snippet(self::placed($caption, $silk)), true];
        }
        foreach (ShippedLooks::all() as $name => $look) {
            yield "a button in {$name}" => [(new HtmlButton)->snippet(self::placed('Buy now', $look))];
        }
    }

    private static function placed(string $caption, Look $look): Placed
    {
        $price = Money::ofMinor(980, Currency::of('EUR'));

        return new Placed('https://honey.example/k/abc1234', $caption, $look, true, 'https://honey.example', [new PlacedGoods($caption, 'honey', $caption, 'https://honey.example/a.webp', 2, $price)], $price, true);
    }
}

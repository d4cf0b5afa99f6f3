<?php

declare(strict_types=1);

namespace Tests\Core\Page;

use DOMDocument;
use PaperKite\Page\LetterHtml;
use PHPUnit\Framework\TestCase;

/** A letter as HTML says what its text says. */
final class LetterHtmlTest extends TestCase
{
    public function test_paragraphs_lists_and_links_are_kept(): void
    {
        $html = LetterHtml::of('Order 7', "Dear Ada,\n\nyour order:\n  2 × Honey: €19.60\n  Shipping: €3.90\nThank you.\n\nSee https://mosslight.example/thanks/a?b=1&c=2.\n", 'Mosslight Apiary', '#2f5d4e', 'en');

        self::assertStringContainsString('2 × Honey: €19.60<br>Shipping: €3.90</p>', $html);
        self::assertStringContainsString('<a href="https://mosslight.example/thanks/a?b=1&amp;c=2"', $html);
        self::assertStringContainsString('</a>.</p>', $html);
        self::assertStringContainsString('border-top:4px solid #2f5d4e', $html);
        self::assertSame(6, substr_count($html, '<p '));
    }

    public function test_whatever_somebody_typed_is_text(): void
    {
        $html = LetterHtml::of('<b>x</b>', "<script>alert(1)</script>\n  \"><img src=x onerror=alert(1)>\nhttps://a.example/\"onmouseover=\"x\njavascript:alert(1)\n\xff", '"><script>', '#000000', 'en');
        $document = new DOMDocument;
        $document->loadHTML($html);

        self::assertSame([0, 0], [$document->getElementsByTagName('script')->length, $document->getElementsByTagName('img')->length]);
        $links = $document->getElementsByTagName('a');
        self::assertSame(1, $links->length);
        self::assertSame('https://a.example/', $links->item(0)?->getAttribute('href'));
        self::assertSame('', $links->item(0)->getAttribute('onmouseover'));
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Look;

use DOMDocument;
use DOMElement;
use PaperKite\Look\IconDrawing;
use PaperKite\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** An uploaded drawing keeps its shapes and colours, and nothing that does or fetches anything. */
final class IconDrawingTest extends TestCase
{
    private const SHAPE = '<path d="M3 3h14v14H3z" fill="#b92b4f"/>';

    public function test_shapes_colours_and_gradients_are_kept(): void
    {
        $drawing = IconDrawing::read('<?xml version="1.0"?><!DOCTYPE svg PUBLIC "-//W3C//DTD SVG 1.1//EN" "http://www.w3.org/Graphics/SVG/1.1/DTD/svg11.dtd"><svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 40 20"><defs><linearGradient id="a"><stop offset="0" stop-color="red"/></linearGradient></defs><g transform="rotate(45)" style="fill:url(#a); stroke : rgb(1,2,3)"><circle cx="5" cy="5" r="2.5"/></g></svg>');

        self::assertSame(200, $drawing->width);
        self::assertSame('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 40 20" width="200" height="100"><defs><linearGradient id="a"><stop offset="0" stop-color="red"/></linearGradient></defs><g transform="rotate(45)" fill="url(#a)" stroke="rgb(1,2,3)"><circle cx="5" cy="5" r="2.5"/></g></svg>', $drawing->svg);
    }

    #[DataProvider('hostile')]
    public function test_what_does_or_fetches_anything_is_not_taken_along(string $content): void
    {
        $drawing = IconDrawing::read('<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" xmlns:e="http://example.org/e" viewBox="0 0 20 20" onload="alert(1)">'.self::SHAPE.$content.'</svg>');

        self::assertStringContainsString('d="M3 3h14v14H3z"', $drawing->svg);
        foreach (['script', 'alert', 'on', 'href', 'http://evil', 'evil.example', 'javascript', 'foreignObject', 'style', 'image', '@import', 'expression', 'data:', 'animate', 'CDATA', '<?', '<!'] as $part) {
            self::assertDoesNotMatchRegularExpression('~(?<![a-z])'.preg_quote($part, '~').'~i', str_replace('xmlns="http://www.w3.org/2000/svg"', '', $drawing->svg), $part);
        }
        $document = new DOMDocument;
        self::assertTrue($document->loadXML($drawing->svg));
        foreach ($document->getElementsByTagName('*') as $element) {
            self::assertInstanceOf(DOMElement::class, $element);
            self::assertContains($element->tagName, ['svg', 'path', 'g', 'rect']);
        }
        // Drawn anew it is the same.
        self::assertSame($drawing->svg, IconDrawing::read($drawing->svg)->svg);
    }

    /** @return iterable<string, array{string}> */
    public static function hostile(): iterable
    {
        yield 'a script' => ['<script>alert(1)</script>'];
        yield 'a script in capitals, of another namespace' => ['<SCRIPT xmlns="http://www.w3.org/1999/xhtml">alert(1)</SCRIPT>'];
        yield 'an event' => ['<rect onclick="alert(1)" ONLOAD="alert(1)" width="2" height="2"/>'];
        yield 'HTML' => ['<foreignObject><body xmlns="http://www.w3.org/1999/xhtml"><img src="x" onerror="alert(1)"/></body></foreignObject>'];
        yield 'a picture from elsewhere' => ['<image href="http://evil.example/a.png" xlink:href="http://evil.example/a.png" width="9" height="9"/>'];
        yield 'a link' => ['<a xlink:href="javascript:alert(1)"><rect width="9" height="9"/></a>'];
        yield 'a use of another drawing' => ['<use href="http://evil.example/a.svg#b"/>'];
        yield 'a style sheet' => ['<style>@import url(http://evil.example/a.css); * { background: url(http://evil.example) }</style>'];
        yield 'a style that fetches' => ['<rect style="fill:url(http://evil.example/#a);background:url(\'//evil.example\')" width="1" height="1"/>'];
        yield 'a colour that fetches' => ['<rect fill="url(http://evil.example/#a)" width="1" height="1"/>'];
        yield 'a colour that fetches, escaped' => ['<rect fill="url(&#104;ttp://evil.example/#a)" width="1" height="1"/>'];
        yield 'a filter' => ['<filter id="f"><feImage href="http://evil.example"/></filter><rect filter="url(#f)" width="1" height="1"/>'];
        yield 'an animation' => ['<animate attributeName="href" values="javascript:alert(1)"/><set attributeName="onclick" to="alert(1)"/>'];
        yield 'a comment, an instruction and character data' => ['<!-- <script>alert(1)</script> --><?xml-stylesheet href="http://evil.example"?><![CDATA[<script>alert(1)</script>]]>'];
        yield 'elements of others' => ['<e:path d="M0 0"/><e:script>alert(1)</e:script>'];
        yield 'a handler' => ['<handler type="application/ecmascript">alert(1)</handler><listener event="click"/>'];
    }

    #[DataProvider('refused')]
    public function test_what_is_no_icon_is_refused(string $bytes, string $part): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($part);
        IconDrawing::read($bytes);
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        $svg = static fn (string $content, string $size = 'viewBox="0 0 20 20"'): string => "<svg xmlns=\"http://www.w3.org/2000/svg\" {$size}>{$content}</svg>";
        yield 'nothing' => ['', 'not an SVG'];
        yield 'no XML' => ['<svg', 'not an SVG'];
        yield 'HTML' => ['<html><body/></html>', 'not an SVG'];
        yield 'bytes that are no text' => ["<svg>\xFF</svg>", 'not an SVG'];
        yield 'what unfolds without end' => ['<!DOCTYPE svg [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;&a;">]>'.$svg('<text>&b;</text>'), 'not an SVG'];
        yield 'a file of the server' => ['<!DOCTYPE svg [<!ENTITY a SYSTEM "file:///etc/passwd">]>'.$svg('<text>&a;</text>'), 'not an SVG'];
        yield 'no shape' => [$svg('<text>Buy</text><script/>'), 'no shape'];
        yield 'no size' => [$svg(self::SHAPE, ''), 'how large'];
        yield 'a size that is none' => [$svg(self::SHAPE, 'width="100%" height="1em"'), 'how large'];
        yield 'a size of nothing' => [$svg(self::SHAPE, 'viewBox="0 0 20 0"'), 'how large'];
        yield 'a long one' => [$svg(self::SHAPE, 'viewBox="0 0 100 20"'), 'nearer to a square'];
        yield 'a high one' => [$svg(self::SHAPE, 'viewBox="0 0 20 100"'), 'One side of the drawing'];
        yield 'too many shapes' => [$svg(str_repeat('<path d="M0"/>', 1001)), 'simplify'];
        yield 'too deep' => [$svg(str_repeat('<g>', 30).self::SHAPE.str_repeat('</g>', 30)), 'simplify'];
        yield 'too many bytes' => [$svg(str_repeat(' ', 50_001)), '50 KB'];
    }
}

<?php

declare(strict_types=1);

namespace App\Text;

use PaperKite\Text\InvalidLine;
use Symfony\Component\HtmlSanitizer\HtmlSanitizer;
use Symfony\Component\HtmlSanitizer\HtmlSanitizerConfig;

/** Text with a little form, as a seller wrote or pasted it: cut down to what a description needs before it is kept. */
final class RichText
{
    /** In characters (Unicode code points) of HTML. */
    public const LONGEST = 40_000;

    private const PLAIN = ['p', 'br', 'strong', 'em', 'ul', 'ol', 'li', 'h3', 'blockquote'];

    /**
     * Sanitising may lengthen a text, as it writes an apostrophe in six characters: the limit holds for what comes of it as well.
     *
     * @param  string  $what  what the text is, as the message shall call it: "The summary"
     * @param  int  $max  the most characters (Unicode code points) of HTML that it may have
     * @return string HTML that may stand in a page as it is; blank where nothing is left of it
     *
     * @throws InvalidLine where it is longer, before or after
     */
    public static function of(string $html, string $what, int $max = self::LONGEST): string
    {
        $html = mb_scrub($html, 'UTF-8');
        self::measure($html, $what, $max);
        $clean = self::sanitised($html);
        self::measure($clean, $what, $max);

        return $clean;
    }

    private static function measure(string $html, string $what, int $max): void
    {
        if (mb_strlen($html) > $max) {
            throw InvalidLine::tooLong("{$what} with its bold, lists and links", mb_strlen($html), $max);
        }
    }

    private static function sanitised(string $html): string
    {
        $config = (new HtmlSanitizerConfig)
            ->withMaxInputLength(-1)
            // Links lead out of the shop, so they are vouched for by nobody.
            ->allowElement('a', ['href'])
            ->allowLinkSchemes(['https', 'http', 'mailto'])
            ->forceAttribute('a', 'rel', 'noopener nofollow');
        foreach (self::PLAIN as $element) {
            $config = $config->allowElement($element);
        }
        foreach (['b', 'i', 'u', 's', 'div', 'span', 'h1', 'h2', 'h4', 'h5', 'h6', 'code', 'pre'] as $element) {
            $config = $config->blockElement($element);
        }
        $clean = trim((new HtmlSanitizer($config))->sanitize($html));

        return trim(html_entity_decode(strip_tags($clean)), " \n\u{A0}") === '' ? '' : $clean;
    }
}

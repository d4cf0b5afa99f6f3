<?php

declare(strict_types=1);

namespace App\Text;

use Symfony\Component\HtmlSanitizer\HtmlSanitizer;
use Symfony\Component\HtmlSanitizer\HtmlSanitizerConfig;

/** Text with a little form, as a seller wrote or pasted it: cut down to what a description needs before it is kept. */
final class RichText
{
    /** In bytes of HTML. */
    public const LONGEST = 40_000;

    private const PLAIN = ['p', 'br', 'strong', 'em', 'ul', 'ol', 'li', 'h3', 'blockquote'];

    /** @return string HTML that may stand in a page as it is; blank where nothing is left of it */
    public static function sanitised(string $html): string
    {
        $config = (new HtmlSanitizerConfig)
            ->withMaxInputLength(self::LONGEST)
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
        $clean = trim((new HtmlSanitizer($config))->sanitize(mb_scrub($html, 'UTF-8')));

        return trim(html_entity_decode(strip_tags($clean)), " \n\u{A0}") === '' ? '' : $clean;
    }
}

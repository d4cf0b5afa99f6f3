<?php

declare(strict_types=1);

namespace PaperKite\Page;

use PaperKite\Money\Money;

/**
 * What a page says of itself to programs: those that show a link to it beside a title and a picture, and search engines.
 *
 * @see https://ogp.me/
 * @see https://www.rfc-editor.org/rfc/rfc6596 canonical
 */
final readonly class SharedPage
{
    private const LONGEST_TEXT = 200;

    public function __construct(
        public string $title,
        /** A sentence or two in plain text; blank where there is none. */
        public string $text,
        /** The one address that it is known by. */
        public string $address,
        public ?SharedPicture $picture = null,
        /** `null` where it is not of one price. */
        public ?Money $price = null,
        public bool $isFound = true,
        /** Whether it is about something that is sold. */
        public bool $isGoods = false,
    ) {}

    /** @return string at most 200 characters, ending with a word */
    public function description(): string
    {
        $text = trim((string) preg_replace('/\s+/u', ' ', $this->text));
        if (mb_strlen($text) <= self::LONGEST_TEXT) {
            return $text;
        }
        $cut = mb_substr($text, 0, self::LONGEST_TEXT - 1);

        return rtrim((string) (preg_replace('/\s\S*$/u', '', $cut) ?: $cut), ' ,;:–—-').'…';
    }

    /**
     * @param  string  $site  the shop's name
     * @return array<string, string> contents of `<meta property>`, by property
     */
    public function properties(string $site): array
    {
        return array_filter([
            'og:type' => $this->isGoods ? 'product' : 'website',
            'og:site_name' => $site,
            'og:title' => $this->title,
            'og:description' => $this->description(),
            'og:url' => $this->address,
            'og:image' => $this->picture->address ?? '',
            'og:image:alt' => $this->picture->text ?? '',
            'og:image:width' => (string) $this->picture?->width,
            'og:image:height' => (string) $this->picture?->height,
            'product:price:amount' => $this->price?->decimal() ?? '',
            'product:price:currency' => $this->price->currency->code ?? '',
        ], static fn (string $content): bool => $content !== '');
    }
}

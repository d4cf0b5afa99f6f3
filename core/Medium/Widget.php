<?php

declare(strict_types=1);

namespace PaperKite\Medium;

/** An element that a script of the shop fills with what the offer says now; without the script, a plain link stands in it. */
final readonly class Widget implements Medium
{
    public const SCRIPT = '/embed/kite.js';

    public function key(): string
    {
        return 'widget';
    }

    public function label(): string
    {
        return 'Widget';
    }

    public function isLive(): bool
    {
        return true;
    }

    public function opensTabs(): bool
    {
        return true;
    }

    public function note(): string
    {
        return 'For a page that takes scripts: two lines. Words, look, price and stock follow every change; without the script a plain link stands there.';
    }

    /** What a page with a Content-Security-Policy (W3C CSP 3) has to allow besides: one host, for script, data and pictures. */
    public static function policy(string $base): string
    {
        return "script-src {$base}; connect-src {$base}; img-src {$base}";
    }

    public function snippet(Placed $placed): string
    {
        return self::around($placed->url, $placed->caption, $placed->base, $placed->partner);
    }

    /**
     * @param  string  $url  of the placement
     * @param  string  $words  of the link that stands there without the script
     * @param  string  $base  the shop's own origin
     */
    public static function around(string $url, string $words, string $base, ?PartnerNote $partner = null): string
    {
        $link = Markup::open('a', ['href' => $url, 'dir' => 'auto', 'rel' => $partner === null ? null : PartnerNote::REL]).Markup::escaped($words).'</a>';
        $note = $partner === null ? '' : ' '.Markup::open('small', ['dir' => 'auto']).Markup::escaped($partner->disclosure).'</small>';
        $code = substr((string) strrchr($url, '/'), 1);

        return Markup::open('paper-kite', ['code' => $code])."{$link}{$note}</paper-kite>\n".Markup::open('script', ['async' => '', 'src' => $base.self::SCRIPT]).'</script>';
    }
}

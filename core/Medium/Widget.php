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
        $link = Markup::open('a', ['href' => $placed->url, 'dir' => 'auto', 'rel' => $placed->partner === null ? null : PartnerNote::REL]).Markup::escaped($placed->caption).'</a>';
        $note = $placed->partner === null ? '' : ' '.Markup::open('small', ['dir' => 'auto']).Markup::escaped($placed->partner->disclosure).'</small>';
        $code = substr((string) strrchr($placed->url, '/'), 1);

        return Markup::open('paper-kite', ['code' => $code])."{$link}{$note}</paper-kite>\n".Markup::open('script', ['async' => '', 'src' => $placed->base.self::SCRIPT]).'</script>';
    }
}

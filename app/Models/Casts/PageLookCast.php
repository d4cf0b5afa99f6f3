<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;
use PaperKite\Look\Colour;
use PaperKite\Look\Icon;
use PaperKite\Look\PageFont;
use PaperKite\Look\PageLook;

/**
 * How a shop's own pages look, as JSON in one column.
 *
 * @implements CastsAttributes<PageLook, PageLook>
 */
final class PageLookCast implements CastsAttributes
{
    /** A cached object is written out again at every reading of any attribute of its model. */
    public bool $withoutObjectCaching = true;

    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): PageLook
    {
        if (! is_string($value)) {
            return PageLook::shipped();
        }
        /** @var array{ground: string, accent: string, font: string, staysLight: bool, mark: string, banner: string, bannerText: string, sentence: string} $kept */
        $kept = json_decode($value, true, flags: JSON_THROW_ON_ERROR);

        return new PageLook(
            Colour::read($kept['ground'], 'The background'),
            Colour::read($kept['accent'], 'The accent'),
            PageFont::from($kept['font']),
            $kept['staysLight'],
            Icon::from($kept['mark']),
            $kept['banner'],
            $kept['bannerText'],
            $kept['sentence'],
        );
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        if (! $value instanceof PageLook) {
            throw new InvalidArgumentException('A shop keeps a PageLook.');
        }

        return json_encode([
            'ground' => $value->ground->hex(), 'accent' => $value->accent->hex(), 'font' => $value->font->value, 'staysLight' => $value->staysLight,
            'mark' => $value->mark->value, 'banner' => $value->banner, 'bannerText' => $value->bannerText, 'sentence' => $value->sentence,
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}

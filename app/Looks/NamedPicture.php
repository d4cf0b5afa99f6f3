<?php

declare(strict_types=1);

namespace App\Looks;

use App\Models\Picture;
use App\Models\Shop;
use PaperKite\Text\FormInput;

/** A picture that a form names: one that this shop has uploaded, by its number or by the path that it is shown at. */
final class NamedPicture
{
    /** @param  string  $as  what the form calls it: "picture" for `picture_id` and `picture_path` */
    public static function in(Shop $shop, FormInput $typed, string $as): ?Picture
    {
        $path = $typed->text("{$as}_path");
        $id = $typed->id("{$as}_id");
        $picture = match (true) {
            $id !== null => $shop->pictures()->whereKey($id)->first(),
            $path !== '' && mb_check_encoding($path, 'ASCII') => $shop->pictures()->where('file', basename($path))->first(),
            default => null,
        };

        return $picture instanceof Picture ? $picture : null;
    }

    /** Shown where it can be copied from or seen at any time, it stays for good. */
    public static function keep(Shop $shop, string $path): void
    {
        $shop->pictures()->where('file', basename($path))->update(['is_kept' => true]);
    }
}

<?php

declare(strict_types=1);

namespace App\Files;

/** Writes a file whole, or leaves nothing of it: a full disk leaves no half picture and no empty message. */
final class WholeFile
{
    private const READABLE = 0o644;

    public static function write(string $path, string $bytes): bool
    {
        $part = "{$path}.part";
        $isThere = (is_dir(dirname($path)) || @mkdir(dirname($path), 0o755, true) || is_dir(dirname($path)))
            && @file_put_contents($part, $bytes) === strlen($bytes)
            && @chmod($part, self::READABLE)
            && @rename($part, $path);
        if (! $isThere && is_file($part)) {
            @unlink($part);
        }

        return $isThere;
    }
}

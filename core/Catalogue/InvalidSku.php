<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

use DomainException;
use PaperKite\Refusal;

final class InvalidSku extends DomainException implements Refusal
{
    public static function missing(): self
    {
        return new self('The SKU is missing; it is how links and sheets name this product, such as honey-340.');
    }

    public static function notUtf8(): self
    {
        return new self('The SKU holds bytes that are not text (UTF-8); type it again.');
    }

    public static function character(string $found, string $proposal): self
    {
        $named = preg_match('/[\p{Z}\p{C}]/u', $found) === 1 ? 'a space or control character' : "“{$found}”";
        $advice = $proposal === '' ? 'use letters, digits, - _ or .' : "“{$proposal}” would do.";

        return new self("A SKU can't hold {$named}; {$advice}");
    }

    public static function tooLong(int $length, int $max): self
    {
        return new self("The SKU has {$length} characters; shorten it to {$max}.");
    }
}

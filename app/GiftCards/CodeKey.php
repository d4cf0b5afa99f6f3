<?php

declare(strict_types=1);

namespace App\GiftCards;

use PaperKite\GiftCard\CardCode;

/** By what a code is found again without being kept: its digest under the installation’s key (RFC 2104). */
final readonly class CodeKey
{
    public function __construct(private string $key) {}

    public function of(CardCode $code): string
    {
        return hash_hmac('sha256', "gift card {$code->text}", $this->key);
    }
}

<?php

declare(strict_types=1);

namespace PaperKite\Text;

use PaperKite\ToldRefusal;

final class InvalidAddress extends ToldRefusal
{
    public const SENTENCES = [
        'refused.no_address' => 'This is not an e-mail address yet; it looks like name@host.example.',
        'refused.odd_address' => 'This address holds letters of an unusual form, such as wide ones; type it with plain letters.',
    ];

    public static function notOne(): self
    {
        return new self('refused.no_address');
    }

    public static function lookalikes(): self
    {
        return new self('refused.odd_address');
    }
}

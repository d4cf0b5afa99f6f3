<?php

declare(strict_types=1);

namespace PaperKite\Text;

use DomainException;
use PaperKite\Refusal;

final class InvalidAddress extends DomainException implements Refusal
{
    public static function notOne(): self
    {
        return new self('This is not an e-mail address yet; it looks like name@host.example.');
    }

    public static function lookalikes(): self
    {
        return new self('This address holds letters of an unusual form, such as wide ones; type it with plain letters.');
    }
}

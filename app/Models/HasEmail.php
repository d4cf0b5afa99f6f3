<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Casts\Attribute;
use PaperKite\Text\EmailAddress;

/**
 * What has an e-mail address keeps it as it was written, and beside it as it is compared.
 *
 * @property string $email
 * @property string $email_key
 */
trait HasEmail
{
    protected function email(): Attribute
    {
        return Attribute::set(static fn (string $text): array => ['email' => $text, 'email_key' => EmailAddress::keyOf($text)]);
    }
}

<?php

declare(strict_types=1);

namespace App\Providers;

use App\Messages\SendMessage;
use App\Offers\RecheckChanged;
use App\Payments\CapturePayment;
use App\Payments\VoidPayment;

/** Jobs that an earlier release has written name its classes: they are done by those that took their place. */
final class FormerNames
{
    public const JOBS = [
        'App\Jobs\CapturePayment' => CapturePayment::class,
        'App\Jobs\VoidPayment' => VoidPayment::class,
        'App\Jobs\SendMessage' => SendMessage::class,
        'App\Changes\RecheckChanged' => RecheckChanged::class,
    ];

    public static function understand(): void
    {
        spl_autoload_register(static function (string $name): void {
            if (isset(self::JOBS[$name])) {
                class_alias(self::JOBS[$name], $name);
            }
        });
    }
}

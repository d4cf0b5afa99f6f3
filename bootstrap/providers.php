<?php

declare(strict_types=1);

return [
    App\Providers\AppServiceProvider::class,
    App\Providers\ChangeServiceProvider::class,
    App\Providers\LimitServiceProvider::class,
    App\Providers\PaymentServiceProvider::class,
];

<?php

declare(strict_types=1);

return [
    'stateful' => [],
    'guard' => ['web'],
    'expiration' => null,
    'routes' => false,
];

<?php

declare(strict_types=1);

return [
    // Proxies in front of the web server, whose word for the visitor's address is taken; networks as 10.0.0.0/8.
    'proxies' => array_values(array_filter(explode(',', (string) env('KITE_TRUSTED_PROXIES', '')))),

    // The header in which they say the visitor's country (ISO 3166-1); without one, the browser's languages tell.
    'country_header' => env('KITE_COUNTRY_HEADER'),
];

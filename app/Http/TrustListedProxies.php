<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;

/** The operator's proxies are believed as to the visitor's address, and nothing else: hosts and schemes come from configuration. */
final class TrustListedProxies extends TrustProxies
{
    protected $headers = Request::HEADER_X_FORWARDED_FOR;
}

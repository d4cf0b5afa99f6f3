<?php

declare(strict_types=1);

namespace App\Http\Shopper;

use App\Carts\Caller;
use Illuminate\Http\Request;
use PaperKite\Link\Device;

/** What a request tells of whoever sends it; the address leaves this place as a keyed hash. */
final readonly class ReadCaller
{
    public function __construct(private string $key) {}

    public function __invoke(Request $request): Caller
    {
        return new Caller(
            hash_hmac('sha256', (string) $request->ip(), $this->key),
            $request->userAgent() ?? '',
            $request->headers->get('Accept-Language') ?? '',
            Device::of(RequestHeaders::of($request)),
        );
    }
}

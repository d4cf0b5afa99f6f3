<?php

declare(strict_types=1);

namespace App\Http\Shopper;

use App\Carts\Caller;
use Illuminate\Http\Request;
use PaperKite\Link\Device;
use PaperKite\Link\ShopperCountry;

/** What a request tells of whoever sends it; the address leaves this place as a keyed hash. */
final readonly class ReadCaller
{
    /** @param  string|null  $countryHeader  in which a listed proxy says where the visitor is; `null`: in none */
    public function __construct(
        private string $key,
        private ?string $countryHeader,
    ) {}

    public function __invoke(Request $request): Caller
    {
        return $this->at((string) $request->ip(), RequestHeaders::of($request), $this->located($request));
    }

    /**
     * @param  string  $address  of the network
     * @param  array<string, string>  $headers  by lower-case name
     * @param  string|null  $country  ISO 3166-1 alpha-2, as a listed proxy says
     */
    public function at(string $address, array $headers, ?string $country = null): Caller
    {
        return new Caller(hash_hmac('sha256', $address, $this->key), $headers['user-agent'] ?? '', $headers['accept-language'] ?? '', Device::of($headers), $country);
    }

    /** Anybody can write a header: it counts from a proxy that the operator has listed. */
    private function located(Request $request): ?string
    {
        return $this->countryHeader === null || ! $request->isFromTrustedProxy() ? null : ShopperCountry::named($request->headers->get($this->countryHeader) ?? '');
    }
}

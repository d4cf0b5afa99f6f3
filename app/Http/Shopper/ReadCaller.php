<?php

declare(strict_types=1);

namespace App\Http\Shopper;

use App\Carts\Caller;
use App\Carts\KeyedHash;
use App\Http\TrustListedProxies;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use PaperKite\Link\Device;
use PaperKite\Link\ShopperCountry;
use Symfony\Component\HttpFoundation\Exception\RequestExceptionInterface;

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
        return self::of((string) $request->ip(), RequestHeaders::ofVisit($request), $this->key, $this->located($request));
    }

    /**
     * @param  string  $address  of the network
     * @param  array<string, string>  $headers  by lower-case name
     * @param  string  $key  the application's
     * @param  string|null  $country  ISO 3166-1 alpha-2, as a listed proxy says
     */
    public static function of(string $address, array $headers, string $key, ?string $country = null): Caller
    {
        return new Caller(KeyedHash::of($address, $key), $headers['user-agent'] ?? '', $headers['accept-language'] ?? '', Device::named($headers), $country);
    }

    /**
     * What PHP is told of a request, before the framework starts.
     *
     * @param  array<mixed>  $server
     * @param  array<string, string>  $headers  by lower-case name
     * @param  list<string>  $proxies  in front of the web server, as the operator lists them
     * @param  string  $key  the application's
     * @param  string|null  $countryHeader  in which a listed proxy says where the visitor is; `null`: in none
     * @return Caller|null `null` where what a proxy says can't be read
     */
    public static function told(array $server, array $headers, array $proxies, string $key, ?string $countryHeader): ?Caller
    {
        if ($proxies === []) {
            return is_string($server['REMOTE_ADDR'] ?? null) ? self::of($server['REMOTE_ADDR'], $headers, $key) : null;
        }
        try {
            $request = new Request(server: $server);
            TrustListedProxies::at($proxies);
            (new TrustListedProxies)->handle($request, static fn (): Response => new Response);

            return (new self($key, $countryHeader))($request);
        } catch (RequestExceptionInterface) {
            return null;
        }
    }

    /** Anybody can write a header: it counts from a proxy that the operator has listed. */
    private function located(Request $request): ?string
    {
        return $this->countryHeader === null || ! $request->isFromTrustedProxy() ? null : ShopperCountry::named($request->headers->get($this->countryHeader) ?? '');
    }
}

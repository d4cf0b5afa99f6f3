<?php

declare(strict_types=1);

namespace App\Carts;

use PaperKite\Link\Device;
use PaperKite\Link\ShopperCountry;

/** Who asks, as far as a request tells: nothing of it is kept but the kind of device and the country. */
final readonly class Caller
{
    /** ISO 3166-1 alpha-2, as a listed proxy says or the browser's languages suggest; `null` where neither does. */
    public ?string $country;

    /** @param  string|null  $located  ISO 3166-1 alpha-2, as a proxy that the operator has listed says; `null` where none does */
    public function __construct(
        /** A keyed hash of the network address, for limits. */
        public string $address,
        public string $agent,
        /** The header Accept-Language (RFC 9110, 12.5.4). */
        public string $languages,
        /** @var value-of<Device> */
        public string $deviceName,
        ?string $located = null,
    ) {
        $this->country = $located ?? ShopperCountry::fromLanguages($languages);
    }

    public function device(): Device
    {
        return Device::from($this->deviceName);
    }
}

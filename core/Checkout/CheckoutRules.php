<?php

declare(strict_types=1);

namespace PaperKite\Checkout;

use PaperKite\Download\DownloadTerms;

/** How a shop's checkout asks, and where it leads. */
final readonly class CheckoutRules
{
    /** In bytes. */
    private const LONGEST_ADDRESS = 500;

    private const BUILT_IN = ['postcode' => Demand::Optional, 'company' => Demand::Off, 'phone' => Demand::Off, 'comment' => Demand::Off];

    /**
     * @param  array<string, Demand>  $demands  by field, where the seller may choose
     * @param  list<string>  $hosts  where a shopper may be led to, besides the shop itself
     */
    public function __construct(
        private array $demands = [],
        public CouponPlace $couponPlace = CouponPlace::Both,
        /** HTML, sanitised; blank where there are none. */
        public string $terms = '',
        public string $policy = '',
        /** An address at one of the hosts; `null`: the shop's own page. */
        public ?string $afterPaying = null,
        public ?string $afterCancelling = null,
        public array $hosts = [],
        public DownloadTerms $downloads = new DownloadTerms,
    ) {}

    /**
     * What an order that needs this is asked.
     *
     * @param  string  $country  ISO 3166-1 alpha-2, of where it goes
     */
    public function demandOf(CheckoutField $field, Needs $needs, string $country): Demand
    {
        $isUsed = $field->isFor($needs) && ($field !== CheckoutField::Postcode || Postcodes::has($country));
        $demand = $isUsed ? $this->demand($field) : Demand::Off;

        return $demand === Demand::Required && $needs->isAddressOptional && $field->isOfTheAddress() ? Demand::Optional : $demand;
    }

    /** Of an order that is sent. */
    public function demand(CheckoutField $field): Demand
    {
        $chosen = $this->demands[$field->value] ?? self::BUILT_IN[$field->value] ?? Demand::Required;

        return in_array($chosen, $field->allowed(), true) ? $chosen : $field->allowed()[0];
    }

    /** Whether a shopper may be led to this address: a whole one, at a host that the seller listed. */
    public function allows(string $address): bool
    {
        $host = self::hostOf($address);

        return $host !== null && in_array($host, $this->hosts, true);
    }

    /** @return string|null in lower case; `null` where this is no whole address, or one that could be read in two ways */
    public static function hostOf(string $address): ?string
    {
        $parts = strlen($address) <= self::LONGEST_ADDRESS && preg_match('/[\p{C}\p{Z}\\\\]/u', $address) === 0 ? parse_url($address) : false;
        $isWhole = is_array($parts) && in_array($parts['scheme'] ?? '', ['http', 'https'], true) && ($parts['host'] ?? '') !== '' && ! isset($parts['user']);

        return $isWhole ? strtolower($parts['host'] ?? '') : null;
    }
}

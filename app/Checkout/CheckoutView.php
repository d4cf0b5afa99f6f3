<?php

declare(strict_types=1);

namespace App\Checkout;

use App\Carts\CartContents;
use App\Carts\CartView;
use App\Models\Shop;
use PaperKite\Checkout\CartDigest;
use PaperKite\Checkout\CheckoutField;
use PaperKite\Checkout\Demand;
use PaperKite\Checkout\Needs;
use PaperKite\Payment\PaymentWays;
use PaperKite\Quote\Receipt;
use PaperKite\Quote\ShippingZone;
use PaperKite\Words\Phrase;
use Symfony\Component\Intl\Countries;

/** The checkout as it is shown. It is worked out from what it is given, and writes nothing down. */
final readonly class CheckoutView
{
    /**
     * @param  string  $address  to which its form is sent
     * @param  array<string, string>  $typed  by field
     * @param  array<string, Demand>  $demands  by field, of those that are asked
     * @param  array<string, string>  $errors  a sentence by field
     * @param  array<int, string>  $quantities  as typed, by line
     * @param  array<int, string>  $lineErrors  a sentence by line
     * @param  array<string, string>  $countries  names by code, of where the shop ships to
     */
    private function __construct(
        public string $address,
        public CartView $cart,
        /** `null` where it can't be reckoned. */
        public ?Receipt $receipt,
        /** Of the bill that is shown; blank where there is none. */
        public string $digest,
        public array $typed,
        public array $demands,
        /** Whether anything is sent to the shopper. */
        public bool $isSent,
        public array $errors,
        public array $quantities,
        public array $lineErrors,
        public ?string $notice,
        /** What the payment provider has to say of itself. */
        public ?Phrase $payNotice,
        /** `null`: nothing can be paid. */
        public ?PaymentWays $payWays,
        public array $countries,
    ) {}

    public static function of(Shop $shop, string $address, CartContents $contents, CartView $cart, CheckoutAttempt $attempt, ?Phrase $payNotice, ?PaymentWays $payWays): self
    {
        $needs = Needs::of($contents->picks(), $shop->rules());
        $unreachable = $cart->bill->faultAt('country');

        return new self(
            address: $address,
            cart: $cart,
            receipt: $cart->bill->receipt,
            digest: $cart->bill->receipt === null ? '' : CartDigest::of($cart->bill->receipt),
            // What was cleared stays clear, save the country, which a bill always has.
            typed: ['country' => $cart->bill->country] + array_filter($attempt->typed, static fn (string $text): bool => $text !== '') + $attempt->typed,
            demands: self::demands($shop, $needs, $cart->bill->country),
            isSent: $needs->address,
            errors: $attempt->errors + ($unreachable === null ? [] : ['country' => $unreachable]),
            quantities: $attempt->quantities,
            lineErrors: $attempt->lineErrors + $cart->obstacles(),
            notice: $attempt->notice,
            payNotice: $payNotice,
            payWays: $payWays,
            countries: self::countries($shop),
        );
    }

    /** How much of what was entered is still to be put right. */
    public function wrong(): int
    {
        return count($this->errors) + count($this->lineErrors);
    }

    /** @return array<string, Demand> */
    private static function demands(Shop $shop, Needs $needs, string $country): array
    {
        $demands = [];
        foreach (CheckoutField::cases() as $field) {
            $demands[$field->value] = $shop->checkout_rules->demandOf($field, $needs, $country);
        }

        return array_filter($demands, static fn (Demand $demand): bool => $demand !== Demand::Off);
    }

    /** @return array<string, string> */
    private static function countries(Shop $shop): array
    {
        $named = array_merge(...array_map(static fn (ShippingZone $zone): array => $zone->countries, $shop->rules()->zones));
        $names = Countries::getNames($shop->wording()->language->value);

        return $named === [] || in_array(ShippingZone::ANYWHERE, $named, true) ? $names : array_intersect_key($names, array_flip($named));
    }
}

<?php

declare(strict_types=1);

namespace PaperKite\Checkout;

use PaperKite\Download\DownloadTerms;
use PaperKite\Text\FieldErrors;
use PaperKite\Text\FormInput;

/** The form in which a seller says how the checkout asks and where it leads. */
final readonly class RulesEntry
{
    private const MOST_HOSTS = 20;

    private function __construct(
        /** @var array<string, string> sentences by field */
        public array $errors,
        /** `null` where something is wrong. */
        public ?CheckoutRules $rules,
    ) {}

    /**
     * @param  string  $terms  HTML, sanitised
     * @param  string  $policy  HTML, sanitised
     */
    public static function read(FormInput $typed, string $terms, string $policy): self
    {
        $wrong = new FieldErrors;
        $hosts = self::hosts($typed, $wrong);
        $rules = new CheckoutRules(
            self::demands($typed),
            CouponPlace::tryFrom($typed->text('coupon_place')) ?? CouponPlace::Both,
            $terms,
            $policy,
            self::address($typed, 'after_paying', $hosts, $wrong),
            self::address($typed, 'after_cancelling', $hosts, $wrong),
            $hosts,
            (new DownloadTerms)->with(DownloadTerms::daysIn($typed, $wrong), DownloadTerms::timesIn($typed, $wrong)),
        );

        return new self($wrong->all(), $wrong->all() === [] ? $rules : null);
    }

    /** @return array<string, Demand> */
    private static function demands(FormInput $typed): array
    {
        $demands = [];
        foreach (CheckoutField::cases() as $field) {
            $demand = Demand::tryFrom($typed->text($field->value));
            if ($demand !== null && in_array($demand, $field->allowed(), true)) {
                $demands[$field->value] = $demand;
            }
        }

        return $demands;
    }

    /** @return list<string> in lower case */
    private static function hosts(FormInput $typed, FieldErrors $wrong): array
    {
        $hosts = [];
        foreach (array_slice($typed->texts('hosts'), 0, self::MOST_HOSTS) as $text) {
            $host = strtolower(trim($text, ' .'));
            // RFC 1123, 2.1: labels of letters, digits and hyphens, 63 at most.
            if (preg_match('/\A(?=.{1,190}\z)[a-z0-9](?:[a-z0-9-]{0,61}[a-z0-9])?(?:\.[a-z0-9](?:[a-z0-9-]{0,61}[a-z0-9])?)*\z/', $host) !== 1) {
                $wrong->add('hosts', "“{$text}” is not the name of a host; write it like www.fern.example, without https and without a path.");
            } elseif (! in_array($host, $hosts, true)) {
                $hosts[] = $host;
            }
        }

        return $hosts;
    }

    /** @param  list<string>  $hosts  where a shopper may be led to */
    private static function address(FormInput $typed, string $key, array $hosts, FieldErrors $wrong): ?string
    {
        $text = trim($typed->text($key));
        if ($text === '') {
            return null;
        }
        $host = CheckoutRules::hostOf($text);
        if ($host === null) {
            $wrong->add($key, 'This is not a whole address; write it like https://www.fern.example/thanks.');
        } elseif (! in_array($host, $hosts, true)) {
            $wrong->add($key, "“{$host}” is not among the hosts below; add it there first.");
        }

        return $text;
    }
}

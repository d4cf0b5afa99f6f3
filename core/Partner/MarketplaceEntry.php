<?php

declare(strict_types=1);

namespace PaperKite\Partner;

use PaperKite\Money\Currency;
use PaperKite\Partner\Commission\Rates;
use PaperKite\Partner\Commission\RatesEntry;
use PaperKite\Text\FieldErrors;
use PaperKite\Text\FormInput;
use PaperKite\Text\HostName;
use PaperKite\Text\InvalidLine;
use PaperKite\Text\Line;
use Symfony\Component\Intl\Countries;

/** The form of a marketplace. */
final readonly class MarketplaceEntry
{
    public const LONGEST_NAME = 60;

    public const MOST = 10;

    private const MOST_HOURS = 8760;

    private function __construct(
        /** @var array<string, string> sentences by field */
        public array $errors,
        /** `null` where something is wrong. */
        public ?Marketplace $marketplace,
        /** What it pays. */
        public Rates $rates,
    ) {}

    public static function read(FormInput $typed): self
    {
        $wrong = new FieldErrors;
        $item = $wrong->at('item_address', static fn (): AddressPattern => AddressPattern::of($typed->text('item_address')));
        $hosts = self::hosts($typed, $wrong);
        $read = [
            'name' => self::name($typed, 'name', 'The name', $wrong),
            'partner' => self::name($typed, 'partner', 'The partner’s name', $wrong),
            'patterns' => self::patterns($typed, $item, $wrong),
            'search' => self::search($typed, $wrong),
            'keeps' => ParameterNames::kept($typed, $wrong),
            'port' => self::number($typed, 'port', 65535, InvalidMarketplace::port(...), $wrong),
            'hours' => self::number($typed, 'counts_for_hours', self::MOST_HOURS, InvalidMarketplace::hours(...), $wrong),
            'id' => ParameterNames::one($typed, 'id_parameter', $wrong),
            'sub' => trim($typed->text('sub_id_parameter'), ' ') === '' ? null : ParameterNames::one($typed, 'sub_id_parameter', $wrong),
            'partnerId' => trim($typed->text('partner_id'), ' ') === '' ? null : $wrong->at('partner_id', static fn (): Token => Token::of($typed->text('partner_id'))),
        ];
        if (! Countries::exists($typed->text('country'))) {
            $wrong->add('country', 'Choose the country of the marketplace.');
        }
        $currency = $wrong->at('currency', static fn (): Currency => Currency::of($typed->text('currency')));
        if ($item !== null) {
            ParameterNames::holdApart($item, $read, $wrong);
        }
        if ($read['hours'] === null) {
            $wrong->add('counts_for_hours', InvalidMarketplace::hours('')->getMessage());
        }
        $rates = RatesEntry::read($typed);
        $errors = $wrong->all() + $rates->errors;
        if ($errors !== [] || $item === null || $currency === null || $hosts === []) {
            return new self($errors, null, $rates->rates);
        }

        return new self([], self::made($typed, $item, $currency, $hosts, $read), $rates->rates);
    }

    /**
     * @param  non-empty-list<HostName>  $hosts
     * @param  array{name: string, partner: string, patterns: list<AddressPattern>, search: AddressPattern|null, keeps: list<string>, port: int|null, hours: int|null, id: string, sub: string|null, partnerId: Token|null}  $read
     */
    private static function made(FormInput $typed, AddressPattern $item, Currency $currency, array $hosts, array $read): Marketplace
    {
        return new Marketplace(
            name: $read['name'],
            partner: $read['partner'],
            scheme: Scheme::tryFrom($typed->text('scheme')) ?? Scheme::Https,
            hosts: $hosts,
            port: $read['port'],
            patterns: $read['patterns'],
            itemAddress: $item,
            searchAddress: $read['search'],
            keeps: $read['keeps'],
            idParameter: $read['id'],
            subIdParameter: $read['sub'],
            country: $typed->text('country'),
            currency: $currency,
            counts: Counting::tryFrom($typed->text('counts')) ?? Counting::AnyGoods,
            countsForHours: (int) $read['hours'],
            partnerId: $read['partnerId'],
        );
    }

    /** @throws InvalidLine */
    private static function line(string $text, string $what): string
    {
        return Line::of($text, $what, self::LONGEST_NAME)->text;
    }

    private static function name(FormInput $typed, string $key, string $what, FieldErrors $wrong): string
    {
        return $wrong->at($key, static fn (): string => self::line($typed->text($key), $what)) ?? '';
    }

    /** @return list<HostName> */
    private static function hosts(FormInput $typed, FieldErrors $wrong): array
    {
        $hosts = [];
        foreach (array_slice($typed->texts('hosts'), 0, self::MOST) as $text) {
            $host = $wrong->at('hosts', static fn (): HostName => HostName::of($text));
            if ($host !== null) {
                $hosts[$host->text] = $host;
            }
        }
        if ($hosts === []) {
            $wrong->add('hosts', InvalidMarketplace::noHost()->getMessage());
        }

        return array_values($hosts);
    }

    /** @return list<AddressPattern> */
    private static function patterns(FormInput $typed, ?AddressPattern $item, FieldErrors $wrong): array
    {
        $patterns = [];
        foreach (array_slice($typed->texts('patterns'), 0, self::MOST) as $text) {
            $pattern = trim($text, ' ') === '' ? null : $wrong->at('patterns', static fn (): AddressPattern => AddressPattern::of($text));
            $missing = $pattern === null || $item === null ? [] : array_values(array_diff($item->variables(), $pattern->variables()));
            if ($missing !== [] && $pattern !== null) {
                $wrong->add('patterns', InvalidMarketplace::withoutItem($pattern->text, $missing)->getMessage());
            }
            if ($pattern !== null) {
                $patterns[] = $pattern;
            }
        }

        return $patterns;
    }

    private static function search(FormInput $typed, FieldErrors $wrong): ?AddressPattern
    {
        $text = $typed->text('search_address');
        $pattern = trim($text, ' ') === '' ? null : $wrong->at('search_address', static fn (): AddressPattern => AddressPattern::of($text));
        if ($pattern !== null && count($pattern->variables()) !== 1) {
            $wrong->add('search_address', InvalidMarketplace::search($text)->getMessage());
        }

        return $pattern;
    }

    /** @param  callable(string): InvalidMarketplace  $refusal */
    private static function number(FormInput $typed, string $key, int $most, callable $refusal, FieldErrors $wrong): ?int
    {
        $text = trim($typed->text($key), ' ');
        if ($text === '') {
            return null;
        }
        if (preg_match('/\A[1-9]\d{0,4}\z/', $text) !== 1 || (int) $text > $most) {
            $wrong->add($key, $refusal($text)->getMessage());
        }

        return (int) $text;
    }
}

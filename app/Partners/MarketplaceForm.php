<?php

declare(strict_types=1);

namespace App\Partners;

use App\Models\CommissionRate;
use App\Models\Marketplace;
use App\Models\MarketplaceHost;
use OpenApi\Attributes as OA;
use PaperKite\Partner\Counting;
use PaperKite\Partner\Scheme;

/** A marketplace as its form holds it: the one place where a field of it is named for the console. The core reads what comes back. */
#[OA\Schema(schema: 'MarketplaceEntry', description: 'As typed.')]
final readonly class MarketplaceForm
{
    /**
     * @param  list<string>  $hosts
     * @param  list<string>  $patterns
     * @param  list<string>  $keeps
     * @param  list<RateForm>  $rates
     */
    private function __construct(
        #[OA\Property]
        public string $name = '',
        #[OA\Property(description: 'The merchant’s name; one that is new is made.')]
        public string $partner = '',
        #[OA\Property(ref: '#/components/schemas/Scheme')]
        public Scheme $scheme = Scheme::Https,
        #[OA\Property(description: 'The first is the one that links lead to.', type: 'array', items: new OA\Items(type: 'string'))]
        public array $hosts = [],
        #[OA\Property(description: 'Blank: the scheme’s own.')]
        public string $port = '',
        #[OA\Property(description: 'RFC 6570 templates of paths by which items are found.', type: 'array', items: new OA\Items(type: 'string'))]
        public array $patterns = [],
        #[OA\Property(description: 'The template by which the address of an item is built.')]
        public string $item_address = '/{item}',
        #[OA\Property(description: 'A template with one variable, for the words; blank: no search.')]
        public string $search_address = '',
        #[OA\Property(description: 'Parameters that stay in an address.', type: 'array', items: new OA\Items(type: 'string'))]
        public array $keeps = [],
        #[OA\Property(description: 'The parameter of the partner ID.')]
        public string $id_parameter = '',
        #[OA\Property(description: 'The parameter of the sub-ID; blank: none.')]
        public string $sub_id_parameter = '',
        #[OA\Property(description: 'ISO 3166-1.')]
        public string $country = '',
        #[OA\Property(description: 'ISO 4217.')]
        public string $currency = '',
        #[OA\Property(ref: '#/components/schemas/Counting')]
        public Counting $counts = Counting::AnyGoods,
        #[OA\Property(description: 'For how many hours after a click.')]
        public string $counts_for_hours = '24',
        #[OA\Property(description: 'The seller’s; blank: not entered yet.')]
        public string $partner_id = '',
        #[OA\Property(description: 'What it pays, by category and day.', type: 'array', items: new OA\Items(ref: RateForm::class))]
        public array $rates = [],
    ) {}

    public static function blank(string $country, string $currency): self
    {
        return new self(country: $country, currency: $currency);
    }

    /** @param  Marketplace  $marketplace  with its partner, its hosts and its rates */
    public static function of(Marketplace $marketplace): self
    {
        return new self(
            name: $marketplace->name,
            partner: $marketplace->partner->name,
            scheme: $marketplace->scheme,
            hosts: array_values($marketplace->hosts->map(static fn (MarketplaceHost $host): string => $host->host)->all()),
            port: (string) $marketplace->port,
            patterns: $marketplace->patterns,
            item_address: $marketplace->item_address,
            search_address: $marketplace->search_address ?? '',
            keeps: $marketplace->keeps,
            id_parameter: $marketplace->id_parameter,
            sub_id_parameter: $marketplace->sub_id_parameter ?? '',
            country: $marketplace->country,
            currency: $marketplace->currency,
            counts: $marketplace->counts,
            counts_for_hours: (string) $marketplace->counts_for_hours,
            partner_id: $marketplace->own_id ?? '',
            rates: array_values($marketplace->rates->map(static fn (CommissionRate $rate): RateForm => RateForm::of($rate))->all()),
        );
    }
}

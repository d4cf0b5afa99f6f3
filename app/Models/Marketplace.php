<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use LogicException;
use PaperKite\Money\Currency;
use PaperKite\Partner\AddressPattern;
use PaperKite\Partner\Commission\Rates;
use PaperKite\Partner\Counting;
use PaperKite\Partner\Marketplace as CoreMarketplace;
use PaperKite\Partner\Scheme;
use PaperKite\Partner\Token;
use PaperKite\Text\HostName;

/**
 * @property int $id
 * @property int $shop_id
 * @property int $partner_id
 * @property string $name
 * @property Scheme $scheme
 * @property int|null $port
 * @property list<string> $patterns
 * @property string $item_address
 * @property string|null $search_address
 * @property list<string> $keeps
 * @property string $id_parameter
 * @property string|null $sub_id_parameter
 * @property string $country
 * @property string $currency
 * @property Counting $counts
 * @property int $counts_for_hours
 * @property string|null $own_id
 * @property CarbonImmutable|null $put_away_at
 * @property Partner $partner
 * @property Collection<int, MarketplaceHost> $hosts
 * @property Collection<int, CommissionRate> $rates
 * @property Shop $shop
 */
final class Marketplace extends Model
{
    /** @var list<string> all that the core needs of it */
    public const READ_WITH = ['partner', 'hosts'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['scheme' => Scheme::class, 'patterns' => 'array', 'keeps' => 'array', 'counts' => Counting::class, 'put_away_at' => 'immutable_datetime'];
    }

    /** With its partner and its hosts, or as many of them as were read: the first is the one that links lead to. */
    public function toCore(): CoreMarketplace
    {
        $hosts = array_values($this->hosts->map(static fn (MarketplaceHost $host): HostName => HostName::of($host->host))->all());

        return new CoreMarketplace(
            name: $this->name,
            partner: $this->partner->name,
            scheme: $this->scheme,
            hosts: $hosts === [] ? throw new LogicException("Marketplace {$this->id} has no host.") : $hosts,
            port: $this->port,
            patterns: array_map(AddressPattern::of(...), $this->patterns),
            itemAddress: AddressPattern::of($this->item_address),
            searchAddress: $this->search_address === null ? null : AddressPattern::of($this->search_address),
            keeps: $this->keeps,
            idParameter: $this->id_parameter,
            subIdParameter: $this->sub_id_parameter,
            country: $this->country,
            currency: Currency::of($this->currency),
            counts: $this->counts,
            countsForHours: $this->counts_for_hours,
            partnerId: $this->own_id === null ? null : Token::of($this->own_id),
        );
    }

    /** What it pays, with its rates. */
    public function commission(): Rates
    {
        return new Rates(array_values($this->rates->map(static fn (CommissionRate $rate) => $rate->toCore())->all()));
    }

    /** @return HasMany<CommissionRate, $this> */
    public function rates(): HasMany
    {
        return $this->hasMany(CommissionRate::class)->orderBy('position');
    }

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }

    /** @return BelongsTo<Partner, $this> */
    public function partner(): BelongsTo
    {
        return $this->belongsTo(Partner::class);
    }

    /** @return HasMany<MarketplaceHost, $this> */
    public function hosts(): HasMany
    {
        return $this->hasMany(MarketplaceHost::class)->orderBy('position');
    }

    /** @return HasMany<PartnerAddress, $this> */
    public function addresses(): HasMany
    {
        return $this->hasMany(PartnerAddress::class);
    }
}

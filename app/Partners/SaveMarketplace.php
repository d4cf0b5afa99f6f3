<?php

declare(strict_types=1);

namespace App\Partners;

use App\Changes\Changed;
use App\Changes\ChangedMeanwhile;
use App\Changes\Edited;
use App\Changes\Editing;
use App\Changes\EditKind;
use App\Changes\SaveForm;
use App\Database\InTransaction;
use App\Models\Marketplace;
use App\Models\MarketplaceHost;
use App\Models\Partner;
use App\Models\Shop;
use Carbon\CarbonInterface;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use PaperKite\Partner\AddressPattern;
use PaperKite\Partner\Commission\Rate;
use PaperKite\Partner\Commission\Rates;
use PaperKite\Partner\Marketplace as CoreMarketplace;
use PaperKite\Partner\MarketplaceEntry;
use PaperKite\Text\HostName;

/** Writes a marketplace with its hosts, or nothing of it. Addresses of products follow by themselves: they are built at each click. */
final readonly class SaveMarketplace
{
    /** So few that a form can be held against all of them at every key. */
    private const MOST = 100;

    public function __construct(
        private Changed $changed,
        private SaveForm $saveForm,
        private InTransaction $inTransaction,
    ) {}

    /**
     * @param  Marketplace|null  $marketplace  the one that is changed; `null` for a new one
     *
     * @throws ChangedMeanwhile
     * @throws ValidationException
     */
    public function __invoke(Shop $shop, ?Marketplace $marketplace, MarketplaceEntry $entry, Editing $editing): Marketplace
    {
        $read = $entry->marketplace ?? throw ValidationException::withMessages($entry->errors);
        try {
            return $marketplace === null
                ? ($this->inTransaction)(fn (): Marketplace => $this->saved($shop, null, $read, $entry->rates))
                : ($this->saveForm)(Edited::thing(EditKind::Marketplace, $shop, $marketplace->id), $editing, static fn (): MarketplaceForm => MarketplaceForm::of(Marketplace::query()->with(['hosts', 'partner', 'rates'])->findOrFail($marketplace->id)), fn (): Marketplace => $this->saved($shop, $marketplace, $read, $entry->rates));
        } catch (UniqueConstraintViolationException) {
            // Somebody else has just taken the name or a host: what is taken is looked for anew, and said.
            throw ValidationException::withMessages($this->taken($shop, $marketplace, $read) ?: ['name' => 'This was saved by somebody else at the same moment; save once more.']);
        }
    }

    /** @param  CarbonInterface|null  $since  `null`: it is brought back */
    public function putAway(Marketplace $marketplace, ?CarbonInterface $since): void
    {
        $marketplace->update(['put_away_at' => $since]);
    }

    private function saved(Shop $shop, ?Marketplace $marketplace, CoreMarketplace $read, Rates $rates): Marketplace
    {
        if ($marketplace === null && Marketplace::query()->where('shop_id', $shop->id)->count() >= self::MOST) {
            throw ValidationException::withMessages(['name' => 'A shop has '.self::MOST.' marketplaces at most; change one that is there.']);
        }
        $errors = $this->taken($shop, $marketplace, $read) + ($marketplace === null ? [] : $this->stranded($marketplace, $read->itemAddress, $read->searchAddress));
        if ($errors !== []) {
            throw ValidationException::withMessages($errors);
        }
        $partner = Partner::query()->firstOrCreate(['shop_id' => $shop->id, 'name' => $read->partner]);
        $attributes = ['partner_id' => $partner->id, 'patterns' => $this->patterns($marketplace, $read)] + self::attributes($read);
        $saved = ($marketplace ?? new Marketplace)->fill(['shop_id' => $shop->id] + $attributes);
        $saved->save();
        $this->writeHosts($saved, $read->hosts);
        $this->writeRates($saved, $rates->all);
        Partner::query()->where('shop_id', $shop->id)->whereDoesntHave('marketplaces')->delete();
        $this->changed->shop($shop);

        return $saved->refresh();
    }

    /** @return array<string, string> what another marketplace of the shop has already, by field */
    private function taken(Shop $shop, ?Marketplace $marketplace, CoreMarketplace $read): array
    {
        $others = Marketplace::query()->where('shop_id', $shop->id)->whereKeyNot($marketplace->id ?? 0);
        $namesake = (clone $others)->where('name', $read->name)->first();
        $host = MarketplaceHost::query()->where('shop_id', $shop->id)->whereNot('marketplace_id', $marketplace->id ?? 0)->whereIn('host', self::spellings($read->hosts))->first();
        $owner = $host === null ? null : (clone $others)->find($host->marketplace_id);

        return array_filter([
            'name' => $namesake === null ? null : "There is a marketplace called “{$namesake->name}” already; choose another name.",
            'hosts' => $owner === null || $host === null ? null : "“{$host->host}” is a host of {$owner->name} already; an address there can’t be of two marketplaces.",
        ]);
    }

    /**
     * With and without `www.`, which are one host to whoever pastes an address.
     *
     * @param  list<HostName>  $hosts
     * @return list<string>
     */
    private static function spellings(array $hosts): array
    {
        $bare = array_map(static fn (HostName $host): string => str_starts_with($host->text, 'www.') ? substr($host->text, 4) : $host->text, $hosts);

        return [...$bare, ...array_map(static fn (string $host): string => "www.{$host}", $bare)];
    }

    /** @return array<string, string> why the addresses of products could not be built any more, by field */
    private function stranded(Marketplace $marketplace, AddressPattern $item, ?AddressPattern $search): array
    {
        $before = AddressPattern::of($marketplace->item_address)->variables();
        $products = static fn (string $kind): int => $marketplace->addresses()->where('kind', $kind)->count();
        $items = array_diff($item->variables(), $before) === [] ? 0 : $products('item');
        $searches = $search !== null ? 0 : $products('search');

        return array_filter([
            'item_address' => $items === 0 ? null : self::count($items).' named by '.implode(', ', array_map(static fn (string $name): string => "{{$name}}", $before)).'; keep these names, or give the products other addresses first.',
            'search_address' => $searches === 0 ? null : self::count($searches).' reached by a search here; give the products other addresses first.',
        ]);
    }

    private static function count(int $products): string
    {
        return $products === 1 ? 'One product is' : "{$products} products are";
    }

    /** @return array<string, mixed> */
    private static function attributes(CoreMarketplace $read): array
    {
        return [
            'name' => $read->name,
            'scheme' => $read->scheme,
            'port' => $read->port,
            'item_address' => $read->itemAddress->text,
            'search_address' => $read->searchAddress?->text,
            'keeps' => $read->keeps,
            'id_parameter' => $read->idParameter,
            'sub_id_parameter' => $read->subIdParameter,
            'country' => $read->country,
            'currency' => $read->currency->code,
            'counts' => $read->counts,
            'counts_for_hours' => $read->countsForHours,
            'own_id' => $read->partnerId?->text,
        ];
    }

    /**
     * Addresses as they were built before stand in open forms and in the seller's notes: they are read for as long as goods were named by them.
     *
     * @return list<string>
     */
    private function patterns(?Marketplace $marketplace, CoreMarketplace $read): array
    {
        $patterns = array_map(static fn (AddressPattern $pattern): string => $pattern->text, $read->patterns);
        $before = $marketplace?->item_address;
        $isLeft = $before !== null && $before !== $read->itemAddress->text && ! in_array($before, $patterns, true) && count($patterns) < MarketplaceEntry::MOST && $marketplace->addresses()->where('kind', 'item')->exists();

        return $isLeft ? [...$patterns, $before] : $patterns;
    }

    /** @param  list<Rate>  $rates */
    private function writeRates(Marketplace $marketplace, array $rates): void
    {
        $marketplace->rates()->delete();
        DB::table('commission_rates')->insert(array_map(static fn (Rate $rate, int $position): array => [
            'shop_id' => $marketplace->shop_id, 'marketplace_id' => $marketplace->id, 'position' => $position, 'category' => $rate->category, 'percent' => $rate->share->text, 'from_day' => $rate->from?->text(), 'until_day' => $rate->until?->text(),
        ], $rates, array_keys($rates)));
    }

    /** @param  list<HostName>  $hosts */
    private function writeHosts(Marketplace $marketplace, array $hosts): void
    {
        $marketplace->hosts()->delete();
        DB::table('marketplace_hosts')->insert(array_map(static fn (HostName $host, int $position): array => [
            'shop_id' => $marketplace->shop_id, 'marketplace_id' => $marketplace->id, 'position' => $position, 'host' => $host->text,
        ], $hosts, array_keys($hosts)));
    }
}

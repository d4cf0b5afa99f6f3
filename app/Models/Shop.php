<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\CheckoutRulesCast;
use App\Models\Casts\PageLookCast;
use App\Models\Casts\PartnerRulesCast;
use App\Models\Casts\ShopfrontRulesCast;
use App\Models\Casts\ShopRulesCast;
use App\Models\Casts\ShopWordsCast;
use DateTimeZone;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Catalogue\ProductPart;
use PaperKite\Checkout\CheckoutRules;
use PaperKite\Checkout\Readiness;
use PaperKite\Link\OpenDestination;
use PaperKite\Look\PageLook;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Offer\Place;
use PaperKite\Offer\ShopSetting;
use PaperKite\Offer\ShopWords;
use PaperKite\Partner\PartnerRules;
use PaperKite\Partner\ReferrerPolicy;
use PaperKite\Quote\ShopRules;
use PaperKite\Shopfront\ShopfrontRules;
use PaperKite\Text\DecimalMark;
use PaperKite\Words\Language;
use PaperKite\Words\Wording;

/**
 * @property int $id
 * @property string $slug
 * @property string $name
 * @property string $host
 * @property string $currency
 * @property ShopRules $rules
 * @property string $home_country
 * @property string|null $timezone IANA, of the rules; `null` where nothing is set yet
 * @property string|null $clicks_of the day, there, of which its offers have their clicks of late
 * @property string|null $listed_hosts JSON: those of the checkout's rules
 * @property ReferrerPolicy $referrer_policy what pages that the shop leads to learn of where shoppers come from
 * @property PartnerRules $partner_rules
 * @property CheckoutRules $checkout_rules
 * @property OpenDestination $take_to
 * @property string|null $payee
 * @property int|null $look_id
 * @property ShopWords $words
 * @property string $checkout_slug
 * @property ShopfrontRules $shopfront
 * @property PageLook $page_look
 * @property Collection<int, Person> $people
 */
final class Shop extends Model
{
    /** @var array{array{mixed, string}, ShopRules}|null as the columns hold them, and as they are read */
    private ?array $rulesRead = null;

    private ?Wording $said = null;

    /** A host that it has left, at which this request is served all the same. */
    private ?string $servedAt = null;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['rules' => ShopRulesCast::class, 'checkout_rules' => CheckoutRulesCast::class, 'take_to' => OpenDestination::class, 'words' => ShopWordsCast::class, 'shopfront' => ShopfrontRulesCast::class, 'page_look' => PageLookCast::class, 'referrer_policy' => ReferrerPolicy::class, 'partner_rules' => PartnerRulesCast::class];
    }

    protected static function booted(): void
    {
        self::created(static fn (self $shop) => app(GiveFirstLooks::class)->to($shop->id));
    }

    public function refresh(): static
    {
        $this->said = null;

        return parent::refresh();
    }

    public function getRouteKeyName(): string
    {
        return 'slug';
    }

    public function money(int $minor): Money
    {
        return Money::ofMinor($minor, $this->currency());
    }

    public function currency(): Currency
    {
        return Currency::of($this->currency);
    }

    /** With which its sellers may write amounts. */
    public function decimalMark(): DecimalMark
    {
        return DecimalMark::in($this->home_country);
    }

    /** Whether a shopper may be led to this address: it is at a host that the seller has listed. */
    public function hasListed(string $address): bool
    {
        $host = CheckoutRules::hostOf($address);

        return $host !== null && in_array($host, (array) json_decode($this->listed_hosts ?? '[]', true), true);
    }

    /** What the shop adds to the price of its goods; read once, since reading takes longer than a quote. */
    public function rules(): ShopRules
    {
        $raw = [$this->getAttributes()['rules'] ?? null, $this->currency];
        if ($this->rulesRead === null || $this->rulesRead[0] !== $raw) {
            $this->rulesRead = [$raw, $this->rules];
        }

        return $this->rulesRead[1];
    }

    public function zone(): DateTimeZone
    {
        return $this->rules()->timezone;
    }

    /** @return HasMany<PartnerReport, $this> */
    public function reports(): HasMany
    {
        return $this->hasMany(PartnerReport::class);
    }

    /** In which its shoppers are spoken to. */
    public function wording(): Wording
    {
        return $this->said ??= new Wording(Language::English, $this->ownPhrases(Language::English));
    }

    /** @return array<string, string> what it says in its own words, by the key of the phrase */
    private function ownPhrases(Language $language): array
    {
        /** @var array<string, string> */
        return DB::table('shop_phrases')->where(['shop_id' => $this->id, 'language' => $language->value])->pluck('text', 'phrase')->all();
    }

    /**
     * What an offer must know of the shop.
     *
     * @param  list<Place>  $places  the names of the offer's placements
     */
    public function setting(array $places = []): ShopSetting
    {
        return new ShopSetting($this->payee !== null, $this->hasProvider(), $this->words, $this->checkout_rules->allows(...), $places);
    }

    /** Whether this installation can take money, and the shop says for whom. */
    public function isReady(): bool
    {
        return $this->payee !== null && $this->hasProvider();
    }

    /** Its products are asked for, in one statement each. */
    public function readiness(): Readiness
    {
        $ships = array_filter(ProductKind::cases(), static fn (ProductKind $kind): bool => $kind->has(ProductPart::Shipping));

        return new Readiness($this->hasProvider(), $this->payee !== null, $this->rules(), $this->checkout_rules, $this->products()->exists(), $this->products()->whereIn('kind', $ships)->exists());
    }

    private function hasProvider(): bool
    {
        return ! in_array(config('kite.payments.provider'), [null, ''], true);
    }

    /** For one request: a shopper whose cart was begun at a former host goes on there. */
    public function serveAt(string $formerHost): void
    {
        $this->servedAt = $formerHost;
    }

    /** The shop's own origin, without a slash at its end: the base of every link. */
    public function base(): string
    {
        return self::origin($this->servedAt ?? $this->host);
    }

    /** Where its people work on it. */
    public function consoleBase(): string
    {
        return $this->console($this->slug);
    }

    /** An address of the console, whichever shop it is of. */
    public function console(string $path): string
    {
        return self::origin(config()->string('kite.console_host'))."/{$path}";
    }

    private static function origin(string $host): string
    {
        $port = config('kite.port');

        return config()->string('kite.scheme')."://{$host}".(is_scalar($port) && (string) $port !== '' ? ":{$port}" : '');
    }

    /** The address of a cart's checkout, at the shop's host. */
    public function checkoutPath(string $ref): string
    {
        return "/{$this->checkout_slug}/{$ref}";
    }

    /** A shop is found by the slugs that it has left, too. */
    public function resolveRouteBinding(mixed $value, mixed $field = null): ?self
    {
        return self::query()->where('slug', $value)->first()
            ?? self::query()->whereIn('id', DB::table('former_slugs')->where('slug', $value)->select('shop_id'))->first();
    }

    /** @return BelongsToMany<Person, $this> */
    public function people(): BelongsToMany
    {
        return $this->belongsToMany(Person::class, 'memberships')->withPivot('role')->orderBy('people.name')->orderBy('people.id');
    }

    /** @return HasMany<Invitation, $this> */
    public function invitations(): HasMany
    {
        return $this->hasMany(Invitation::class);
    }

    /** @return HasMany<Product, $this> */
    public function products(): HasMany
    {
        return $this->hasMany(Product::class);
    }

    /** @return HasMany<Offer, $this> */
    public function offers(): HasMany
    {
        return $this->hasMany(Offer::class);
    }

    /** @return HasMany<Marketplace, $this> */
    public function marketplaces(): HasMany
    {
        return $this->hasMany(Marketplace::class);
    }

    /** @return HasMany<Look, $this> */
    public function looks(): HasMany
    {
        return $this->hasMany(Look::class)->orderBy('id');
    }

    /** @return HasMany<Placement, $this> */
    public function placements(): HasMany
    {
        return $this->hasMany(Placement::class);
    }

    /** @return HasMany<DisplayPlacement, $this> */
    public function displayPlacements(): HasMany
    {
        return $this->hasMany(DisplayPlacement::class);
    }

    /** @return HasMany<Shelf, $this> */
    public function shelves(): HasMany
    {
        return $this->hasMany(Shelf::class);
    }

    /** @return HasMany<PriceTable, $this> */
    public function priceTables(): HasMany
    {
        return $this->hasMany(PriceTable::class);
    }

    /** @return HasMany<Order, $this> */
    public function orders(): HasMany
    {
        return $this->hasMany(Order::class);
    }

    /** @return HasMany<Coupon, $this> */
    public function coupons(): HasMany
    {
        return $this->hasMany(Coupon::class);
    }

    /** @return HasMany<Category, $this> */
    public function categories(): HasMany
    {
        return $this->hasMany(Category::class)->orderBy('name');
    }

    /** @return HasMany<Picture, $this> */
    public function pictures(): HasMany
    {
        return $this->hasMany(Picture::class);
    }

    /** @return HasMany<StoredFile, $this> files as they come in */
    public function uploads(): HasMany
    {
        return $this->hasMany(StoredFile::class);
    }

    /** @return HasMany<ProductFile, $this> that its products are sold with */
    public function files(): HasMany
    {
        return $this->hasMany(ProductFile::class);
    }

    /** @return HasMany<Sample, $this> */
    public function samples(): HasMany
    {
        return $this->hasMany(Sample::class);
    }

    /** @return HasMany<GiftCard, $this> */
    public function giftCards(): HasMany
    {
        return $this->hasMany(GiftCard::class);
    }

    /** @return HasMany<RefusedEvent, $this> */
    public function refusedEvents(): HasMany
    {
        return $this->hasMany(RefusedEvent::class);
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\OptionsCast;
use App\Time\Clock;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use PaperKite\Catalogue\AmountLimits;
use PaperKite\Catalogue\Drawing;
use PaperKite\Catalogue\Event;
use PaperKite\Catalogue\ItemShipping;
use PaperKite\Catalogue\Option;
use PaperKite\Catalogue\ParcelAddress;
use PaperKite\Catalogue\Price;
use PaperKite\Catalogue\Product as CatalogueProduct;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Catalogue\ProductPart;
use PaperKite\Catalogue\Sku;
use PaperKite\Catalogue\Stock;
use PaperKite\Download\DownloadTerms;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Offer\PartnerGoods;
use PaperKite\Partner\PartnerPage;
use PaperKite\Partner\Route;
use PaperKite\Time\Moment;

/**
 * @property int $id
 * @property int $shop_id
 * @property CarbonImmutable $updated_at
 * @property string $sku
 * @property string $name
 * @property ProductKind $kind
 * @property ProductKind|null $own_kind what it was before it became a partner’s
 * @property CarbonImmutable|null $text_by the day on which its text is needed
 * @property bool $text_is_copied whether it is largely a marketplace’s own
 * @property string|null $summary
 * @property string|null $description
 * @property string $currency
 * @property int $price_minor
 * @property int|null $sale_minor
 * @property CarbonImmutable|null $sale_from
 * @property CarbonImmutable|null $sale_until
 * @property int|null $cost_minor
 * @property string $tax_class
 * @property string|null $weight
 * @property string $weight_unit
 * @property int $weight_g
 * @property int|null $shipping_first_minor
 * @property int|null $shipping_more_minor
 * @property int|null $least_minor that a shopper may give
 * @property int|null $most_minor
 * @property list<int>|null $suggested amounts in minor units
 * @property string|null $thanks
 * @property int|null $download_days `null`: as the shop says
 * @property int|null $download_times `null`: as the shop says
 * @property Collection<int, ProductFile> $files
 * @property Sample|null $sample
 * @property bool $asks_attendees
 * @property ParcelAddress|null $parcel_address
 * @property Drawing|null $picture where no picture was uploaded
 * @property string|null $lead_picture
 * @property string|null $lead_alt
 * @property int|null $stock
 * @property bool $allows_back_order
 * @property int|null $low_stock
 * @property list<Option> $options
 * @property bool $has_variants
 * @property bool $is_draft
 * @property list<array{name: string, values: list<string>}>|null $traits
 * @property array<string, string>|null $buttons
 * @property Collection<int, Variant> $variants
 * @property Collection<int, Picture> $pictures
 * @property Collection<int, PartnerAddress> $addresses
 * @property Collection<int, Category> $categories
 * @property Collection<int, Product> $addOns
 * @property CarbonImmutable|null $deleted_at while it is deleted, it is a draft
 * @property bool|null $was_for_sale before it was deleted
 */
final class Product extends Model
{
    use CanBeDeleted;
    use HasEvent;
    use HasSale;

    private const LONGEST_SUMMARY_TEXT = 300;

    /** @var array<string, mixed> */
    protected $attributes = ['is_draft' => false, 'kind' => ProductKind::Physical, 'own_kind' => null, 'begins_at' => null, 'ends_at' => null, 'place' => '', 'event_sequence' => 0, 'asks_attendees' => false, 'parcel_address' => null];

    protected static function booted(): void
    {
        self::saved(static function (self $product): void {
            if ($product->wasRecentlyCreated || $product->wasChanged('sku')) {
                app(NameGoods::class)->product($product);
            }
        });
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'deleted_at' => 'immutable_datetime', 'was_for_sale' => 'boolean',
            'kind' => ProductKind::class, 'own_kind' => ProductKind::class, 'suggested' => 'array', 'picture' => Drawing::class, 'options' => OptionsCast::class, 'traits' => 'array', 'buttons' => 'array',
            'text_by' => 'immutable_date', 'text_is_copied' => 'boolean', 'sale_from' => 'immutable_datetime', 'sale_until' => 'immutable_datetime',
            'asks_attendees' => 'boolean', 'parcel_address' => ParcelAddress::class, 'allows_back_order' => 'boolean', 'has_variants' => 'boolean', 'is_draft' => 'boolean',
        ];
    }

    /** While a partner sells it: with its addresses and their marketplaces. */
    public function toPartnerGoods(): PartnerGoods
    {
        $addresses = $this->addresses->sortByDesc('is_fallback')->values();

        return new PartnerGoods(
            $this->name,
            array_values($addresses->map(static fn (PartnerAddress $address): PartnerPage => $address->toPage())->all()),
            $this->is_draft,
        );
    }

    /** Who is sent where, by the ids of addresses. */
    public function route(): Route
    {
        $fallback = $this->addresses->firstWhere('is_fallback', true);

        return new Route($this->addresses->mapWithKeys(static fn (PartnerAddress $address): array => [$address->id => $address->marketplace->country])->all(), $fallback?->id, array_values($this->addresses->filter(static fn (PartnerAddress $address): bool => $address->isGone())->map(static fn (PartnerAddress $address): int => $address->id)->all()));
    }

    /** With all its variants, where it has any: read them for a whole list at once. */
    public function toCore(): CatalogueProduct
    {
        return $this->cataloguedWith($this->has_variants ? array_values($this->variants->all()) : []);
    }

    /** With no variant but the one that was chosen. */
    public function toCoreAs(?Variant $variant): CatalogueProduct
    {
        return $variant === null ? $this->toCore() : $this->cataloguedWith([$variant]);
    }

    /** @return Builder<self> what the shop’s shoppers may see and buy */
    public static function forSale(Shop $shop): Builder
    {
        return self::query()->where(['shop_id' => $shop->id, 'is_draft' => false]);
    }

    public function money(int $minor): Money
    {
        return Money::ofMinor($minor, Currency::of($this->currency));
    }

    /** @return LeadPicture|null `null` where it has none */
    public function lead(): ?LeadPicture
    {
        return match (true) {
            $this->lead_picture !== null => LeadPicture::uploaded($this->lead_picture, (string) $this->lead_alt),
            $this->picture !== null => LeadPicture::drawn($this->picture),
            default => null,
        };
    }

    public function stockOnHand(): Stock
    {
        return $this->stockFor(null);
    }

    /** Each variant counts its own pieces; what has no stock is always there, and what has begun is over. */
    public function stockFor(?Variant $variant): Stock
    {
        if ($this->isOver($variant)) {
            return Stock::of(0, false);
        }

        return $this->kind->has(ProductPart::Stock) ? self::stockOf($variant === null ? $this->stock : $variant->stock, $this->allows_back_order) : Stock::untracked();
    }

    /** When and where it takes place. */
    public function event(?Variant $variant): ?Event
    {
        return $this->kind->has(ProductPart::Dates) ? $variant?->ownEvent() ?? $this->ownEvent() : null;
    }

    /** How often it was moved, by whoever says when it is. */
    public function eventSequence(?Variant $variant): int
    {
        return $this->event_sequence + ($variant->event_sequence ?? 0);
    }

    public function isOver(?Variant $variant): bool
    {
        return $this->event($variant)?->hasBegun(app(Clock::class)->moment()) === true;
    }

    /** Whether the checkout asks who comes. */
    public function asksAttendees(): bool
    {
        return $this->asks_attendees && $this->kind->has(ProductPart::Dates);
    }

    /** Whether a shopper has to say which, or how much, before it is bought. */
    public function leavesAChoice(): bool
    {
        return $this->has_variants || $this->kind->isMoneyItself();
    }

    public function limits(): AmountLimits
    {
        $amount = fn (?int $minor): ?Money => $minor === null ? null : $this->money($minor);

        // Of a gift card any amount can be had only up to one that the seller names.
        $only = $this->kind->has(ProductPart::Recipient) && $this->most_minor === null ? array_map($this->money(...), array_values(array_unique([...($this->suggested ?? []), $this->price_minor]))) : null;

        return new AmountLimits($amount($this->least_minor), $amount($this->most_minor), $only);
    }

    /** The beginning of its short description, without its markup; blank where it has none. */
    public function summaryText(): string
    {
        return mb_strimwidth(self::plain($this->summary ?? ''), 0, self::LONGEST_SUMMARY_TEXT, '…', 'UTF-8');
    }

    /** All that its page says of it, without markup. */
    public function plainText(): string
    {
        return trim(self::plain($this->summary ?? '').' '.self::plain($this->description ?? ''));
    }

    private static function plain(string $html): string
    {
        // Paragraphs and lines stand apart without their markup, too.
        $apart = (string) preg_replace('~<(?:/(?:p|li|h[1-6]|blockquote|ul|ol)|br)\b~i', ' $0', $html);
        $text = html_entity_decode(strip_tags($apart), ENT_QUOTES | ENT_HTML5, 'UTF-8');

        return trim((string) preg_replace('/\s+/u', ' ', $text));
    }

    /** When, after a moment, what it costs or whether it can be had changes by itself: a sale begins or ends, a date is there; `null`: never. */
    public function nextChange(Moment $at): ?Moment
    {
        $ahead = [];
        foreach ([$this, ...($this->has_variants ? $this->variants->all() : [])] as $each) {
            foreach ([$each->sale_from, $each->sale_until, $each->begins_at] as $moment) {
                $seconds = $moment?->getTimestamp() ?? 0;
                if ($seconds > $at->seconds) {
                    $ahead[] = $seconds;
                }
            }
        }

        return $ahead === [] ? null : Moment::ofSeconds((int) min($ahead));
    }

    /** Of all variants that are counted, where there are variants; `null` where nothing is. */
    public function piecesOnHand(): ?int
    {
        if (! $this->has_variants) {
            return $this->stock;
        }
        $counted = array_filter($this->variants->map(fn (Variant $variant): ?int => $variant->stock)->all(), static fn (?int $stock): bool => $stock !== null);

        return $counted === [] ? null : array_sum($counted);
    }

    public static function stockOf(?int $pieces, bool $allowsBackOrder): Stock
    {
        return $pieces === null ? Stock::untracked() : Stock::of($pieces, $allowsBackOrder);
    }

    /** For how long, and how often, what it is sold with can be downloaded. */
    public function downloadTerms(Shop $shop): DownloadTerms
    {
        return $shop->checkout_rules->downloads->with($this->download_days, $this->download_times);
    }

    /** @return HasMany<ProductFile, $this> that it is sold with */
    public function files(): HasMany
    {
        return $this->hasMany(ProductFile::class)->orderBy('position')->orderBy('id');
    }

    /** @return HasOne<Sample, $this> */
    public function sample(): HasOne
    {
        return $this->hasOne(Sample::class);
    }

    /** @return HasMany<Variant, $this> */
    public function variants(): HasMany
    {
        return $this->hasMany(Variant::class)->orderBy('position');
    }

    /** @return HasMany<Picture, $this> */
    public function pictures(): HasMany
    {
        return $this->hasMany(Picture::class)->orderBy('position')->orderBy('id');
    }

    /** @return HasMany<PartnerAddress, $this> where it is to be had, while a partner sells it */
    public function addresses(): HasMany
    {
        return $this->hasMany(PartnerAddress::class)->orderBy('position');
    }

    /** @return BelongsToMany<Category, $this> */
    public function categories(): BelongsToMany
    {
        return $this->belongsToMany(Category::class)->orderBy('name');
    }

    /** @return BelongsToMany<Product, $this> */
    public function addOns(): BelongsToMany
    {
        return $this->belongsToMany(self::class, 'add_ons', 'product_id', 'add_on_id')->orderBy('add_ons.position');
    }

    /** @param  list<Variant>  $variants */
    private function cataloguedWith(array $variants): CatalogueProduct
    {
        // What a partner sells is not for sale here: as goods of the shop it is what it was before, and a draft.
        $kind = $this->kind->isElsewhere() ? $this->own_kind ?? ProductKind::Physical : $this->kind;
        // What its kind has no use for is kept, and counts for nothing.
        $has = $kind->has(...);
        $ships = $has(ProductPart::Shipping);

        return new CatalogueProduct(
            sku: Sku::of($this->sku),
            name: $this->name,
            kind: $kind,
            price: new Price($this->money($this->price_minor), $has(ProductPart::Sale) ? $this->sale() : null),
            cost: ! $has(ProductPart::Tax) || $this->cost_minor === null ? null : $this->money($this->cost_minor),
            taxClass: $this->tax_class,
            weightGrams: $ships ? $this->weight_g : 0,
            shipping: ! $ships || $this->shipping_first_minor === null ? null : new ItemShipping($this->money($this->shipping_first_minor), $this->money($this->shipping_more_minor ?? 0)),
            limits: $has(ProductPart::Amounts) ? $this->limits() : null,
            options: $has(ProductPart::Variants) ? $this->options : [],
            variants: $has(ProductPart::Variants) ? array_map(fn (Variant $variant) => $variant->toCore($this), $variants) : [],
            stock: $this->stockOnHand(),
            isDraft: $this->is_draft || $this->kind->isElsewhere(),
            suggested: array_map($this->money(...), $has(ProductPart::Amounts) ? $this->suggested ?? [] : []),
            event: $has(ProductPart::Dates) ? $this->ownEvent() : null,
            address: $this->parcel_address,
        );
    }
}

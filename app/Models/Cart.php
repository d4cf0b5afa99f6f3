<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\JoinedCast;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $shop_id
 * @property string $ref
 * @property string $visitor
 * @property string|null $shared_by
 * @property int|null $last_placement_id
 * @property string|null $last_take
 * @property string|null $back
 * @property CarbonImmutable|null $last_added_at
 * @property CarbonImmutable|null $second_step_at
 * @property string|null $country
 * @property int|null $device with which its checkout was opened, as `Device::number()` says
 * @property string|null $coupon_code
 * @property array<string, string>|null $typed
 * @property Joined|null $joined what came from the cart of a widget, while it can be taken back
 * @property list<array{name: string, row: array<string, mixed>}>|null $taken_out rows of lines that were taken out last
 * @property CarbonImmutable $created_at
 * @property Shop $shop
 * @property \Illuminate\Database\Eloquent\Collection<int, GiftCard> $giftCards
 * @property \Illuminate\Database\Eloquent\Collection<int, CartLine> $lines
 */
final class Cart extends Model
{
    /** How its columns have times, in UTC. */
    public const TIME = 'Y-m-d H:i:s.v';

    public $timestamps = false;

    protected $dateFormat = self::TIME;

    /** @return list<string> what the goods are called that can be put back */
    public function takenOut(): array
    {
        return array_column($this->taken_out ?? [], 'name');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['last_added_at' => 'immutable_datetime', 'second_step_at' => 'immutable_datetime', 'created_at' => 'immutable_datetime', 'typed' => 'array', 'taken_out' => 'array', 'joined' => JoinedCast::class];
    }

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }

    /** @return HasMany<CartLine, $this> of goods that are still there: a variant may be taken away while it lies in a cart */
    public function lines(): HasMany
    {
        $lines = $this->hasMany(CartLine::class)->orderBy('id');
        $lines->where(static fn (Builder $there) => $there->whereNull('variant_id')->orWhereHas('variant'));

        return $lines;
    }

    /** @return BelongsToMany<GiftCard, $this> that are to pay for it, in the order of their use */
    public function giftCards(): BelongsToMany
    {
        return $this->belongsToMany(GiftCard::class, 'cart_gift_cards')->orderBy('cart_gift_cards.id');
    }

    /** @return HasMany<Checkout, $this> */
    public function checkouts(): HasMany
    {
        return $this->hasMany(Checkout::class);
    }
}

<?php

declare(strict_types=1);

namespace App\Shops;

use App\Changes\Changed;
use App\Database\InTransaction;
use App\Models\Shop;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use PaperKite\Checkout\CheckoutSlug;
use PaperKite\Text\FieldErrors;
use PaperKite\Text\Line;

/** Gives a shop other names and addresses; the ones that it leaves lead to it for good, and to nobody else. */
final readonly class RenameShop
{
    private const ADDRESSES = ['slug', 'host', 'checkout_slug'];

    public function __construct(
        private ShopNames $names,
        private RenameLimit $limit,
        private Changed $changed,
        private InTransaction $inTransaction,
    ) {}

    /**
     * Refuses with every sentence at its field.
     *
     * @param  bool  $isOperator  whether any host may be taken, and as often as one likes
     */
    public function __invoke(Shop $shop, NamesForm $typed, bool $isOperator = false): Shop
    {
        $renamed = ($this->inTransaction)(function () use ($shop, $typed, $isOperator): Shop {
            $locked = Shop::query()->whereKey($shop->id)->lockForUpdate()->firstOrFail();
            $wrong = new FieldErrors;
            $next = [
                'name' => $wrong->at('name', static fn () => Line::of($typed->name, 'The name of the shop', 120)->text),
                'slug' => $wrong->at('slug', fn (): string => $this->names->slug($locked, $typed->slug)),
                'host' => $wrong->at('host', fn (): string => $this->names->host($locked, $typed->host, $isOperator)),
                'checkout_slug' => $wrong->at('checkout_slug', static fn () => CheckoutSlug::of($typed->checkout_slug)->text),
            ];
            foreach ($isOperator ? [] : self::moved($locked, $next) as $field) {
                $wrong->at($field, fn () => $this->limit->check($locked));
            }
            if ($wrong->all() !== []) {
                throw ValidationException::withMessages($wrong->all());
            }
            $this->keepFormer($locked, $next);
            $locked->update($next);
            // Copies hold the host that they were taken under; their links go on working, and are worth renewing.
            $this->changed->shop($locked);

            return $locked;
        });
        if (! $isOperator && self::moved($shop, $renamed->only(self::ADDRESSES)) !== []) {
            $this->limit->count($shop);
        }

        return $renamed;
    }

    /**
     * @param  array<mixed>  $next
     * @return list<string> the fields of addresses that become others
     */
    private static function moved(Shop $shop, array $next): array
    {
        return array_values(array_filter(self::ADDRESSES, static fn (string $field): bool => ($next[$field] ?? null) !== $shop->getAttribute($field)));
    }

    /** @param  array<string, string|null>  $next */
    private function keepFormer(Shop $shop, array $next): void
    {
        foreach (['slug' => 'former_slugs', 'host' => 'former_hosts', 'checkout_slug' => 'former_checkout_slugs'] as $column => $table) {
            $key = $column === 'host' ? 'host' : 'slug';
            $left = $shop->getAttribute($column);
            if ($left === $next[$column]) {
                continue;
            }
            // A name that is taken up again is no former one.
            DB::table($table)->where(['shop_id' => $shop->id, $key => $next[$column]])->delete();
            DB::table($table)->insertOrIgnore(['shop_id' => $shop->id, $key => $left]);
        }
    }
}

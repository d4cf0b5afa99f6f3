<?php

declare(strict_types=1);

namespace App\Shops;

use App\Changes\Changed;
use App\Database\InTransaction;
use App\Models\Shop;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use PaperKite\Checkout\CheckoutSlug;
use PaperKite\Refusal;
use PaperKite\Text\Line;
use PaperKite\Text\Sentences;

/** Gives a shop other names and addresses; the ones that it leaves lead to it for good, and to nobody else. */
final readonly class RenameShop
{
    /** RFC 1123, 2.1: labels of letters, digits and hyphens, 63 at most; the last is never a number, which would be an address. */
    private const HOST = '/\A(?=.{1,190}\z)(?:[a-z0-9](?:[a-z0-9-]{0,61}[a-z0-9])?\.)+[a-z](?:[a-z0-9-]{0,61}[a-z0-9])?\z/';

    public function __construct(
        private Changed $changed,
        private InTransaction $inTransaction,
    ) {}

    /** Refuses with every sentence at its field. */
    public function __invoke(Shop $shop, string $name, string $slug, string $host, string $checkoutSlug): Shop
    {
        return ($this->inTransaction)(function () use ($shop, $name, $slug, $host, $checkoutSlug): Shop {
            $locked = Shop::query()->whereKey($shop->id)->lockForUpdate()->firstOrFail();
            $wrong = new Sentences;
            $next = [
                'name' => $wrong->at('name', static fn () => Line::of($name, 'The name of the shop', 120)->text),
                'slug' => $wrong->at('slug', fn (): string => $this->slug($locked, strtolower(trim($slug, ' ')))),
                'host' => $wrong->at('host', fn (): string => $this->host($locked, strtolower(trim($host, ' .')))),
                'checkout_slug' => $wrong->at('checkout_slug', static fn () => CheckoutSlug::of($checkoutSlug)->text),
            ];
            if ($wrong->all() !== []) {
                throw ValidationException::withMessages($wrong->all());
            }
            $this->keepFormer($locked, $next);
            $locked->update($next);
            // Copies hold the host that they were taken under; their links go on working, and are worth renewing.
            $this->changed->shop($locked);

            return $locked;
        });
    }

    /** @throws Refusal */
    private function slug(Shop $shop, string $slug): string
    {
        if (preg_match('/\A(?=.{2,40}\z)[a-z0-9]+(?:-[a-z0-9]+)*\z/', $slug) !== 1 || in_array($slug, ['api', 'preview', 'sign-in', 'build'], true)) {
            throw InvalidShopName::slug($slug);
        }
        $isTaken = Shop::query()->where('slug', $slug)->whereKeyNot($shop->id)->exists()
            || DB::table('former_slugs')->where('slug', $slug)->where('shop_id', '!=', $shop->id)->exists();

        return $isTaken ? throw InvalidShopName::slugTaken($slug) : $slug;
    }

    /** @throws Refusal */
    private function host(Shop $shop, string $host): string
    {
        if (preg_match(self::HOST, $host) !== 1) {
            throw InvalidShopName::host($host);
        }
        $isTaken = $host === config('kite.console_host')
            || Shop::query()->where('host', $host)->whereKeyNot($shop->id)->exists()
            || DB::table('former_hosts')->where('host', $host)->where('shop_id', '!=', $shop->id)->exists();

        return $isTaken ? throw InvalidShopName::hostTaken($host) : $host;
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

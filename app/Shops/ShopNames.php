<?php

declare(strict_types=1);

namespace App\Shops;

use App\Models\Shop;
use Illuminate\Database\ConnectionInterface;
use PaperKite\Refusal;
use PaperKite\Text\HostName;
use PaperKite\Text\Slug;

/** Which slugs and hosts a shop may have. A name that somebody had leads there for good, and is nobody else's. */
final readonly class ShopNames
{
    /**
     * @param  list<string>  $suffixes  below which sellers choose freely; any other host is the operator's to give
     * @param  list<string>  $reserved  hosts that are no shop's: the console's, the provider's, the stand-ins'
     */
    public function __construct(
        private ConnectionInterface $db,
        private array $suffixes,
        private array $reserved,
    ) {}

    /**
     * @param  Shop|null  $shop  `null` for a new one
     *
     * @throws Refusal
     */
    public function slug(?Shop $shop, string $text): string
    {
        $slug = Slug::ofShop($text)->text;
        $isTaken = Shop::query()->where('slug', $slug)->whereKeyNot($shop->id ?? 0)->exists()
            || $this->db->table('former_slugs')->where('slug', $slug)->where('shop_id', '<>', $shop->id ?? 0)->exists();

        return $isTaken ? throw InvalidShopName::slugTaken($slug) : $slug;
    }

    /**
     * @param  Shop|null  $shop  `null` for a new one
     *
     * @throws Refusal
     */
    public function host(?Shop $shop, string $text, bool $isOperator): string
    {
        $host = HostName::of($text);
        $isTaken = in_array($host->text, $this->reserved, true)
            || Shop::query()->where('host', $host->text)->whereKeyNot($shop->id ?? 0)->exists()
            || $this->db->table('former_hosts')->where('host', $host->text)->where('shop_id', '<>', $shop->id ?? 0)->exists();
        if ($isTaken) {
            throw InvalidShopName::hostTaken($host->text);
        }

        return $isOperator || $this->isFree($shop, $host) ? $host->text : throw InvalidShopName::hostOfOperator($host->text, $this->suffixes);
    }

    /** What the shop has, or had, it may have again. */
    private function isFree(?Shop $shop, HostName $host): bool
    {
        foreach ($this->suffixes as $suffix) {
            if ($host->isRightBelow($suffix)) {
                return true;
            }
        }

        return $shop !== null && ($shop->host === $host->text || $this->db->table('former_hosts')->where(['host' => $host->text, 'shop_id' => $shop->id])->exists());
    }
}

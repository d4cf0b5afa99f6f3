<?php

declare(strict_types=1);

namespace App\Shoppers;

use App\Database\InTransaction;
use App\Database\OneAtATime;
use App\Messages\ShopperLetters;
use App\Messages\WriteMessage;
use App\Models\MessageKind;
use App\Models\Product;
use App\Models\StockWish;
use App\Time\Clock;

/**
 * Tells those who asked that something is back, in the order in which they asked: to at most twice the pieces that there
 * are, counting those who were told in the last days, since they may still come.
 */
final readonly class TellBack
{
    private const EACH_PIECE = 2;

    private const STILL_COMING_DAYS = 3;

    /** Of what nobody counts, so many in one run. */
    private const MOST_AT_ONCE = 500;

    public function __construct(
        private WishForStock $wishes,
        private WriteMessage $write,
        private InTransaction $inTransaction,
        private OneAtATime $one,
        private Clock $clock,
    ) {}

    /** @return int how many were told */
    public function __invoke(): int
    {
        return ($this->one)('stock-wishes', function (): int {
            $told = 0;
            $waiting = StockWish::query()->whereNull('told_at')->whereNull('ended_at')->distinct()->pluck('product_id')->all();
            foreach (Product::query()->whereKey($waiting)->where('is_draft', false)->with('variants')->get() as $product) {
                $told += $this->of($product);
            }

            return $told;
        });
    }

    private function of(Product $product): int
    {
        if (! $this->isBack($product)) {
            return 0;
        }
        $pieces = $product->piecesOnHand();
        $recently = StockWish::query()->where('product_id', $product->id)->where('told_at', '>', $this->clock->now()->subDays(self::STILL_COMING_DAYS))->count();
        $most = $pieces === null || $product->allows_back_order ? self::MOST_AT_ONCE : max(0, self::EACH_PIECE * $pieces - $recently);
        $told = 0;
        foreach (StockWish::query()->where('product_id', $product->id)->whereNull('told_at')->whereNull('ended_at')->with('shop')->orderBy('id')->limit($most)->get() as $wish) {
            $told += $this->tell($wish, $product) ? 1 : 0;
        }

        return $told;
    }

    private function isBack(Product $product): bool
    {
        foreach ($product->has_variants ? $product->variants->all() : [null] as $variant) {
            if ($product->stockFor($variant)->covers(1)) {
                return true;
            }
        }

        return false;
    }

    /** Both the mark and the mail are there, or neither. */
    private function tell(StockWish $wish, Product $product): bool
    {
        return ($this->inTransaction)(function () use ($wish, $product): bool {
            $isFirst = StockWish::query()->whereKey($wish->id)->whereNull('told_at')->whereNull('ended_at')->update(['told_at' => $this->clock->now()]) === 1;
            if ($isFirst) {
                $shop = $wish->shop;
                $letter = ShopperLetters::of($shop, $shop->wording())->back($product->name, "{$shop->base()}/p/".rawurlencode($product->sku), "{$shop->base()}/back/{$this->wishes->secretOf($wish)}");
                $this->write->link($shop, MessageKind::BackInStock, $wish->email, $letter);
            }

            return $isFirst;
        });
    }
}

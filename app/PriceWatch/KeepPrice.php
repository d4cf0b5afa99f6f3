<?php

declare(strict_types=1);

namespace App\PriceWatch;

use App\Catalogue\ProductForm;
use App\Changes\Changed;
use App\Changes\Edited;
use App\Changes\Editing;
use App\Changes\EditKind;
use App\Changes\SaveForm;
use App\Database\InTransaction;
use App\Models\PartnerAddress;
use App\Models\Product;
use App\Models\Shop;
use App\Partners\NoteCopied;
use App\Partners\SeenPages;
use App\Time\Clock;
use Carbon\CarbonImmutable;
use Closure;
use PaperKite\Partner\Item;
use PaperKite\Partner\Price\PageProblem;
use PaperKite\Partner\Price\SeenPage;
use PaperKite\Partner\Price\WatchedPrice;
use PaperKite\Partner\Writing\TheirWords;

/** Writes what is known of an item's price, held against what its seller has saved meanwhile. A price that becomes another is a version of the product's form, as if somebody had typed it. */
final readonly class KeepPrice
{
    public function __construct(
        private InTransaction $inTransaction,
        private SaveForm $saveForm,
        private Changed $changed,
        private SeenPages $pages,
        private NoteCopied $copied,
        private Clock $clock,
    ) {}

    /** @param  PartnerAddress  $address  as it was before its page was looked at */
    public function __invoke(PartnerAddress $address, SeenPage|PageProblem $page, CarbonImmutable $next): void
    {
        $this->write($address, Editing::byCommand(), function (PartnerAddress $now, Shop $shop) use ($address, $page, $next): ?WatchedPrice {
            // What the seller put in its place meanwhile is another item.
            if ($now->target != $address->target) {
                return null;
            }
            $now->forceFill(['check_at' => $next, 'checked_at' => $this->clock->now()]);
            if ($page instanceof SeenPage && $now->target instanceof Item) {
                $this->pages->keep($now->shop_id, $now->marketplace_id, $now->target, new TheirWords($page->title, $page->text));
            }

            return $now->watched()->after($page, $shop->partner_rules->prices);
        });
    }

    /** The seller shows what the page says. */
    public function takeOver(PartnerAddress $address, Editing $editing): void
    {
        $this->write($address, $editing, static fn (PartnerAddress $now): WatchedPrice => $now->watched()->takenOver());
    }

    /** The seller shows no price. */
    public function hide(PartnerAddress $address, Editing $editing): void
    {
        $this->write($address, $editing, static fn (PartnerAddress $now): WatchedPrice => $now->watched()->showing(null));
    }

    /** @param  Closure(PartnerAddress, Shop): (WatchedPrice|null)  $become  `null`: nothing is written */
    private function write(PartnerAddress $address, Editing $editing, Closure $become): void
    {
        ($this->inTransaction)(function () use ($address, $editing, $become): void {
            if (Product::query()->whereKey($address->product_id)->doesntExist()) {
                return;
            }
            $shop = Shop::query()->findOrFail($address->shop_id);
            $change = function () use ($address, $shop, $become): void {
                // The product first, as whoever saves it does.
                $product = Product::query()->whereKey($address->product_id)->lockForUpdate()->first();
                $now = PartnerAddress::query()->whereKey($address->id)->lockForUpdate()->with('marketplace')->first();
                $watched = $product === null || $now === null ? null : $become($now, $shop);
                if ($product === null || $now === null || $watched === null) {
                    return;
                }
                $before = [$now->price_minor, $now->price_state];
                $now->keepWatched($watched, $this->clock->now()->setTimezone($shop->zone()))->save();
                if ($before !== [$now->price_minor, $now->price_state]) {
                    $this->changed->product($product);
                }
                $this->copied->of($product->id);
            };
            $form = static fn (): ProductForm => ProductForm::of(Product::query()->with(ProductForm::FILLED_WITH)->findOrFail($address->product_id), $shop->zone());
            ($this->saveForm)(Edited::thing(EditKind::Product, $shop, $address->product_id), new Editing($editing->person, null), $form, $change);
        });
    }
}

<?php

declare(strict_types=1);

namespace App\Shops;

use App\Changes\Edited;
use App\Changes\Editing;
use App\Changes\EditKind;
use App\Changes\SaveForm;
use App\Models\Shop;
use PaperKite\Money\Money;
use PaperKite\Money\Percentage;
use PaperKite\Quote\ShippingBand;
use PaperKite\Quote\ShippingMeasure;
use PaperKite\Quote\ShippingTable;
use PaperKite\Quote\ShippingZone;
use PaperKite\Quote\ShopRules;
use Symfony\Component\Intl\Countries;

/** What a shop must have said once before somebody can pay: it is said where it is missed, and changed with the other rules. */
final readonly class FirstRules
{
    public function __construct(
        private SaveForm $saveForm,
    ) {}

    /**
     * At home everything ships for this fee.
     *
     * @throws AlreadyThere
     */
    public function zone(Shop $shop, Money $fee, Editing $editing): void
    {
        $this->change($shop, $editing, static function (ShopRules $rules) use ($shop, $fee): ShopRules {
            if ($rules->zones !== []) {
                throw AlreadyThere::zone();
            }

            return $rules->withZone(new ShippingZone(
                Countries::getName($shop->home_country, 'en'),
                [$shop->home_country],
                table: new ShippingTable(ShippingMeasure::Total, [new ShippingBand(0, $fee)], null),
            ));
        });
    }

    /** @throws AlreadyThere */
    public function rate(Shop $shop, string $class, Percentage $rate, Editing $editing): void
    {
        $this->change($shop, $editing, static function (ShopRules $rules) use ($shop, $class, $rate): ShopRules {
            if ($rules->tax->rate($shop->home_country, $class) !== null) {
                throw AlreadyThere::rate($class);
            }

            return $rules->withTax($rules->tax->with($shop->home_country, $class, $rate));
        });
    }

    /** @param  callable(ShopRules): ShopRules  $change */
    private function change(Shop $shop, Editing $editing, callable $change): void
    {
        ($this->saveForm)(Edited::setting(EditKind::Rules, $shop), $editing, static fn (): RulesForm => RulesForm::of($shop->refresh()), static function () use ($shop, $change): void {
            $now = Shop::query()->whereKey($shop->id)->firstOrFail();
            $now->update(['rules' => $change($now->rules())]);
        });
    }
}

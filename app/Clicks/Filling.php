<?php

declare(strict_types=1);

namespace App\Clicks;

use App\Carts\AddedGoods;
use App\Carts\BegunCart;
use App\Carts\Goods;
use App\Models\Cart;
use App\Models\Placement;
use App\Results\Source;

/** What a click puts into a cart, and what it says of the cart. */
final readonly class Filling
{
    /** @param  non-empty-list<AddedGoods>  $goods */
    private function __construct(
        public array $goods,
        /** Whether the goods get a cart of their own, beside the shopper's one shared cart. */
        public bool $isAlone,
        /** What its results are credited to. */
        public Source $source,
        /** SHA-256 of the open link that was followed. */
        public ?string $link = null,
        public ?string $coupon = null,
        /** Where the shopper lands after paying; `null`: as the shop says. */
        public ?string $back = null,
        /** A cart that goods of the same link are in already. */
        public ?Cart $into = null,
        /** Whether a second click within seconds is the same click. */
        public bool $isClick = true,
        /** Whether the click has a name of its own, so that it is the same one however late it comes again. */
        public bool $isNamed = false,
    ) {}

    /** @param  non-empty-list<Goods>  $goods */
    public static function byPlacement(Placement $placement, array $goods, bool $isAlone): self
    {
        // Two columns of a display are two things to click on.
        $link = $placement->within === null ? null : hash('sha256', "column {$placement->id}");

        return new self(self::added($goods), $isAlone, Source::of($placement), link: $link, back: $placement->offer->landing);
    }

    /**
     * In a widget, whose page sends a click again where it was not answered.
     *
     * @param  non-empty-list<Goods>  $goods
     * @param  string  $click  the name that the page gave it; blank for none
     */
    public static function byWidget(Placement $placement, array $goods, bool $isAlone, string $click): self
    {
        $isNamed = $click !== '';

        return new self(self::added($goods), $isAlone, Source::of($placement), link: $isNamed ? hash('sha256', "widget {$click}") : null, back: $placement->offer->landing, isClick: $isNamed, isNamed: $isNamed);
    }

    /** @param  non-empty-list<Goods>  $goods */
    public static function byLink(array $goods, bool $isAlone, string $link, ?int $labelId, ?string $coupon, ?string $back): self
    {
        return new self(self::added($goods), $isAlone, Source::of(null, $labelId), link: $link, coupon: $coupon, back: $back);
    }

    /**
     * After the shopper has said which, on a page that an open link led to.
     *
     * @param  non-empty-list<Goods>  $goods
     * @param  Cart|null  $into  the cart in which the link's other goods are
     */
    public static function byChoice(array $goods, bool $isAlone, ?int $labelId, ?string $coupon, ?string $back, ?Cart $into): self
    {
        return new self(self::added($goods), $isAlone, Source::of(null, $labelId), coupon: $coupon, back: $back, into: $into, isClick: false);
    }

    /**
     * By a button of the shop's own pages: pressed twice, it adds twice, but buys once.
     *
     * @param  non-empty-list<Goods>  $goods
     * @param  Credit  $credit  what led to the page
     */
    public static function byButton(array $goods, bool $isAlone, Credit $credit): self
    {
        return new self(self::added($goods), $isAlone, $credit->source, back: $credit->back, isClick: $isAlone || $credit->isOneClick);
    }

    /** @return array<string, string> what it says of the cart, where it says anything */
    public function said(): array
    {
        return array_filter(['coupon_code' => $this->coupon, 'back' => $this->back], static fn (?string $value): bool => $value !== null);
    }

    /** Whether the cart was filled by the same click a moment ago. */
    public function isOf(BegunCart $cart): bool
    {
        return $this->isClick && $cart->lastPlacementId === $this->source->placementId && $cart->lastTake === $this->link;
    }

    /**
     * @param  non-empty-list<Goods>  $goods
     * @return non-empty-list<AddedGoods>
     */
    private static function added(array $goods): array
    {
        return array_map(static fn (Goods $each): AddedGoods => $each->added(), $goods);
    }
}

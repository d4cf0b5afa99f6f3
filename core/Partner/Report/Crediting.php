<?php

declare(strict_types=1);

namespace PaperKite\Partner\Report;

use PaperKite\Partner\Counting;

/** Credits the sales of one marketplace: by sub-ID where the report says one, else by what was clicked within its time. */
final readonly class Crediting
{
    private const HOURS_A_DAY = 24;

    /**
     * @param  int  $hours  after a click in which a sale counts
     * @param  array<array-key, list<int>>  $products  ids by the item's reference there
     * @param  array<int, string>  $categories  as the marketplace calls them, by the ids of products
     * @param  array<string, Place>  $places  by sub-ID
     * @param  array<string, list<int>>  $ledTo  products to which clicks of a place led there, by the place's key
     */
    public function __construct(
        private Counting $counts,
        private int $hours,
        private array $products,
        private array $categories,
        private array $places,
        private array $ledTo,
    ) {}

    public function of(Sale $sale, ClickBook $clicks): Credit
    {
        if ($sale->subId !== '') {
            return $this->bySubId($sale);
        }
        $mine = $this->productsOf($sale);
        $category = $this->categoryOf($sale);
        $why = match (true) {
            $this->counts === Counting::SameItem && $mine === [] => Uncredited::UnknownItem,
            $this->counts === Counting::SameCategory && $mine === [] && $category === '' => Uncredited::NoCategory,
            default => null,
        };
        if ($why !== null) {
            return Credit::nothing($why);
        }
        [$first, $last] = $this->window($sale);
        $same = $clicks->candidates($mine, $first, $last);

        // Whoever clicked on this very item is likelier than whoever clicked on something else there.
        return Credit::among($same !== [] ? $same : $clicks->candidates($this->others($category, $clicks), $first, $last));
    }

    /** @return list<int> products of which a click leads to such a sale, though another item was bought */
    private function others(string $category, ClickBook $clicks): array
    {
        return match (true) {
            $this->counts === Counting::AnyGoods => $clicks->products(),
            $this->counts === Counting::SameCategory && $category !== '' => array_values(array_filter($clicks->products(), fn (int $product): bool => ($this->categories[$product] ?? '') === $category)),
            default => [],
        };
    }

    /** @return array{int, int} the first and the last hour in which a click can have led to a sale, since 1970 on the shop's clock */
    public function window(Sale $sale): array
    {
        $midnight = $sale->day->number() * self::HOURS_A_DAY;
        $last = $midnight + ($sale->hour ?? self::HOURS_A_DAY - 1);

        return [$midnight + ($sale->hour ?? 0) - $this->hours, $last];
    }

    /** @return list<int> */
    public function productsOf(Sale $sale): array
    {
        return $sale->item === '' ? [] : $this->products[$sale->item] ?? [];
    }

    /** @return int the goods that brought a sale: the item itself, else what its place leads to; 0 where that is nothing, or several */
    public function productOf(Sale $sale, Credit $credit): int
    {
        $led = $credit->place === null ? [] : array_values(array_unique($this->ledTo[$credit->place->key()] ?? []));

        return $this->productsOf($sale)[0] ?? (count($led) === 1 ? $led[0] : 0);
    }

    private function bySubId(Sale $sale): Credit
    {
        $place = $this->places[$sale->subId] ?? null;
        if ($place === null) {
            return Credit::nothing(Uncredited::UnknownSubId);
        }
        $ledTo = $this->ledTo[$place->key()] ?? [];
        // What is not known can't be held against a sale that the marketplace itself says is this place's.
        if ($this->counts === Counting::AnyGoods || $ledTo === [] || $sale->item === '' || array_intersect($this->productsOf($sale), $ledTo) !== []) {
            return Credit::bySubId($place);
        }
        if ($this->counts === Counting::SameItem) {
            return Credit::nothing(Uncredited::OtherItem);
        }
        $category = $this->categoryOf($sale);
        $clicked = array_map(fn (int $product): string => $this->categories[$product] ?? '', $ledTo);

        return match (true) {
            $category === '' => Credit::nothing(Uncredited::NoCategory),
            in_array($category, $clicked, true) => Credit::bySubId($place),
            default => Credit::nothing(Uncredited::OtherCategory),
        };
    }

    private function categoryOf(Sale $sale): string
    {
        return $sale->category !== '' ? $sale->category : $this->categories[$this->productsOf($sale)[0] ?? 0] ?? '';
    }
}

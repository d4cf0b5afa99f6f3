<?php

declare(strict_types=1);

namespace App\Fulfilment;

use App\Models\FrozenLine;
use App\Models\OrderLine;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Catalogue\ProductPart;

/** Does for each line of an order what paying for its kind does. */
final readonly class Fulfilments
{
    public function __construct(
        private TakeFromStock $stock,
        private GrantDownloads $downloads,
        private IssueGiftCards $cards,
        private JustThanks $thanks,
    ) {}

    /**
     * @param  list<FrozenLine>  $lines
     * @return array<int, int> by the place of the line, pieces that were not there and follow when there are more
     *
     * @throws GoodsGone
     */
    public function take(array $lines): array
    {
        $missing = array_fill_keys(array_keys($lines), 0);
        foreach ($this->all(array_map(static fn (FrozenLine $line): ProductKind => $line->kind, $lines)) as [$fulfils, $places]) {
            $missing = $fulfils->take(array_intersect_key($lines, $places)) + $missing;
        }

        return $missing;
    }

    /**
     * @param  array<int, OrderLine>  $lines  with their order, by place
     * @param  array<int, FrozenLine>  $paid  by place
     */
    public function handOver(array $lines, array $paid): void
    {
        foreach ($this->all(array_map(static fn (OrderLine $line): ProductKind => $line->kind, $lines)) as [$fulfils, $places]) {
            $fulfils->handOver(array_intersect_key($lines, $places), $paid);
        }
    }

    /**
     * @param  array<int, ProductKind>  $kinds  by place
     * @return list<array{Fulfils, array<int, ProductKind>}> who does it, for which places; nobody for none
     */
    private function all(array $kinds): array
    {
        $is = static fn (ProductPart $part): array => array_filter($kinds, static fn (ProductKind $kind): bool => $kind->has($part));

        return array_values(array_filter([
            [$this->stock, $is(ProductPart::Stock)],
            [$this->downloads, $is(ProductPart::Files)],
            [$this->cards, $is(ProductPart::Recipient)],
            [$this->thanks, $is(ProductPart::Thanks)],
        ], static fn (array $each): bool => $each[1] !== []));
    }
}

<?php

declare(strict_types=1);

namespace App\Finding;

use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use Illuminate\Database\ConnectionInterface;
use PaperKite\Link\AnatomyPart;
use PaperKite\Link\InvalidOpenLink;
use PaperKite\Link\OpenItem;
use PaperKite\Link\OpenLink;
use PaperKite\Link\PlacementCode;
use PaperKite\Link\PlacementLink;

/** A pasted link of the shop's own, at its present host or a former one: its parts, and what it leads to. */
final readonly class TakeApart
{
    private const PRODUCT = '/p/';

    private const OFFER = '/o/';

    public function __construct(private ConnectionInterface $db) {}

    /** @return LinkTaken|null `null` where what was typed is no link of this shop */
    public function __invoke(Shop $shop, string $typed): ?LinkTaken
    {
        $address = parse_url(preg_match('~\A[a-z]+://~i', $typed) === 1 ? $typed : "http://{$typed}");
        $host = strtolower($address['host'] ?? '');
        $path = $address['path'] ?? '';
        if ($host === '' || $path === '' || ! $this->isOwn($shop, $host)) {
            return null;
        }
        $moved = $host === $shop->host ? '' : " The shop has left {$host}; the link leads on to {$shop->host}.";

        return match (true) {
            self::isUnder(PlacementLink::PATH, $path) => $this->placement($shop, $path, PlacementLink::PATH, $moved),
            self::isUnder(self::OFFER, $path) => $this->placement($shop, $path, self::OFFER, $moved),
            self::isUnder(OpenLink::PATH, $path) => $this->openLink($shop, substr($path, strlen(OpenLink::PATH)), $address['query'] ?? '', $moved),
            self::isUnder(self::PRODUCT, $path) => $this->product($shop, rawurldecode(substr($path, strlen(self::PRODUCT))), $moved),
            default => new LinkTaken("A page of this shop that shoppers see.{$moved}", [], []),
        };
    }

    private function isOwn(Shop $shop, string $host): bool
    {
        return $host === $shop->host || $this->db->table('former_hosts')->where(['host' => $host, 'shop_id' => $shop->id])->exists();
    }

    /** A QR code writes its address in capitals. */
    private static function isUnder(string $beginning, string $path): bool
    {
        return str_starts_with(strtolower($path), $beginning);
    }

    private function placement(Shop $shop, string $path, string $under, string $moved): LinkTaken
    {
        $code = PlacementCode::read(substr($path, strlen($under)));
        $placement = $code === null ? null : Placement::query()->where('shop_id', $shop->id)->where('code', $code->text)->first();
        if ($code === null || $placement === null) {
            return new LinkTaken("No place of this shop has this code; look at how it is spelled.{$moved}", [], []);
        }

        return new LinkTaken("The link of a place.{$moved}", $placement->link($shop)->anatomy($placement->page), [new ThingKey(Kind::Placement, $placement->id)]);
    }

    private function product(Shop $shop, string $sku, string $moved): LinkTaken
    {
        $named = $this->named($shop, [$sku])[$sku] ?? null;
        if ($named === null) {
            return new LinkTaken("This shop sells nothing under the SKU “{$sku}”; look at how it is spelled.{$moved}", [], []);
        }
        $now = $named->is_former ? " “{$sku}” is a former SKU, and leads there still." : '';

        return new LinkTaken("The page of a product.{$now}{$moved}", [
            new AnatomyPart('host', $shop->base(), 'The shop’s own address.'),
            new AnatomyPart('path', self::PRODUCT, 'A product follows.'),
            new AnatomyPart('item', $sku, $named->name),
        ], [new ThingKey(Kind::Product, $named->product_id)]);
    }

    private function openLink(Shop $shop, string $items, string $query, string $moved): LinkTaken
    {
        try {
            $link = OpenLink::read($items, $query);
        } catch (InvalidOpenLink $invalid) {
            return new LinkTaken("{$invalid->getMessage()}{$moved}", [], []);
        }
        $skus = array_map(static fn (OpenItem $item): string => $item->sku, $link->items);
        $named = $this->named($shop, $skus);
        $said = array_map(static function (string $sku) use ($named): string {
            $goods = $named[$sku] ?? null;

            return match (true) {
                $goods === null => " The shop sells nothing under “{$sku}”.",
                (bool) $goods->is_former => " “{$sku}” is a former SKU, and leads to {$goods->name} still.",
                default => '',
            };
        }, $skus);
        $products = array_values(array_unique(array_map(static fn (object $goods): int => $goods->product_id, $named)));

        return new LinkTaken('A link that names its goods.'.implode('', array_unique($said)).$moved, $link->anatomy($shop->base()), array_map(static fn (int $id): ThingKey => new ThingKey(Kind::Product, $id), $products));
    }

    /**
     * @param  list<string>  $skus
     * @return array<string, object{product_id: int, is_former: int, name: string}> by SKU, as it was asked for
     */
    private function named(Shop $shop, array $skus): array
    {
        $rows = $this->db->table('skus')->where('skus.shop_id', $shop->id)->whereIn('skus.sku', $skus)
            ->join((new Product)->getTable(), 'products.id', '=', 'skus.product_id')
            ->get(['skus.sku', 'skus.product_id', 'skus.is_former', 'products.name'])->keyBy('sku')->all();

        /** @var array<string, object{product_id: int, is_former: int, name: string}> */
        return $rows;
    }
}

<?php

declare(strict_types=1);

namespace App\Finding;

use App\Models\Product;
use App\Models\Shop;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as Rows;
use PaperKite\Text\NearWords;
use PaperKite\Text\SearchWords;

/** What a shopper looks for: each word that was typed begins one of the goods', or is nearly one; exact ones come first. */
final readonly class SearchGoods
{
    /** More exact hits than these fill any page that somebody turns to. */
    private const MOST_FIRST = 500;

    public function __construct(private ConnectionInterface $db) {}

    /**
     * @param  Builder<Product>  $goods
     * @return list<string> words that were taken for others, as they are written there
     */
    public function narrow(Builder $goods, Shop $shop, string $typed): array
    {
        $asked = SearchWords::asked($typed)->words;
        if ($asked === []) {
            if (trim($typed) !== '') {
                $goods->whereRaw('1 = 0');
            }

            return [];
        }
        $near = $this->near($shop, $asked);
        foreach ($asked as $i => $word) {
            $goods->whereIn('products.id', $this->having($shop, $word, $near[$i]));
        }
        if (array_filter($near) !== []) {
            $this->exactFirst($goods, $shop, $asked);
        }

        return array_values(array_unique(array_merge(...$near)));
    }

    /**
     * @param  non-empty-list<string>  $asked
     * @return non-empty-list<list<string>> what each of them may have meant
     */
    private function near(Shop $shop, array $asked): array
    {
        $mistakable = array_filter($asked, static fn (string $word): bool => NearWords::forgiven($word) > 0);
        if ($mistakable === []) {
            return array_map(static fn (): array => [], $asked);
        }
        $lengths = array_map(static fn (string $word): int => mb_strlen($word), $mistakable);
        $forgiven = max(array_map(static fn (string $word): int => NearWords::forgiven($word), $mistakable));
        // The words of the shop are read once, however many were typed.
        /** @var list<string> $words */
        $words = $this->words($shop)->distinct()->whereRaw('CHAR_LENGTH(word) BETWEEN ? AND ?', [min($lengths) - $forgiven, max($lengths) + $forgiven])->whereRaw("word NOT RLIKE '[0-9]'")->pluck('word')->all();

        return array_map(static fn (string $word): array => NearWords::of($word, $words), $asked);
    }

    /** @param  list<string>  $near */
    private function having(Shop $shop, string $word, array $near): Rows
    {
        return $this->words($shop)->select('thing_id')->where(static function (Rows $words) use ($word, $near): void {
            $words->where('word', 'like', HavingWord::beginning($word));
            if ($near !== []) {
                $words->orWhereIn('word', $near);
            }
        });
    }

    /**
     * @param  Builder<Product>  $goods
     * @param  list<string>  $asked
     */
    private function exactFirst(Builder $goods, Shop $shop, array $asked): void
    {
        $exact = Product::forSale($shop);
        foreach ($asked as $word) {
            $exact->whereIn('products.id', $this->having($shop, $word, []));
        }
        /** @var list<int> $ids */
        $ids = $exact->orderBy('name')->orderBy('id')->limit(self::MOST_FIRST)->pluck('id')->all();
        if ($ids !== []) {
            $goods->orderByRaw('products.id IN ('.implode(',', $ids).') DESC');
        }
    }

    /** By the key that begins with the shop: what the database guesses of a young table leads it to read every shop's words. */
    private function words(Shop $shop): Rows
    {
        return $this->db->table('search_words')->forceIndex('PRIMARY')->where(['shop_id' => $shop->id, 'kind' => Kind::Goods->value]);
    }
}

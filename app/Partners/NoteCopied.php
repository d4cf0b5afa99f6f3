<?php

declare(strict_types=1);

namespace App\Partners;

use App\Changes\SomethingChanged;
use App\Changes\Subject;
use App\Models\PartnerAddress;
use App\Models\Product;
use PaperKite\Partner\Item;
use PaperKite\Partner\Writing\CopiedText;
use PaperKite\Partner\Writing\TheirWords;

/** Notes of a partner's goods whether their text is largely the marketplace's own, with each change of either. */
final readonly class NoteCopied
{
    public function __construct(private SeenPages $pages) {}

    public function handle(SomethingChanged $it): void
    {
        if ($it->kind === Subject::Product) {
            $this->of($it->subjectId);
        }
    }

    public function of(int $productId): void
    {
        $product = Product::query()->with('addresses')->find($productId);
        if ($product === null || (! $product->kind->isElsewhere() && ! $product->text_is_copied)) {
            return;
        }
        $own = $product->kind->isElsewhere() ? $product->plainText() : '';
        $isCopied = $own !== '' && array_filter($this->theirs($product), static fn (TheirWords $words): bool => CopiedText::of($own, $words->text)->isLargely()) !== [];
        if ($isCopied !== $product->text_is_copied) {
            // No change of the seller's: neither its time nor what listens to it hears of it.
            Product::query()->whereKey($productId)->toBase()->update(['text_is_copied' => $isCopied]);
        }
    }

    /** @return list<TheirWords> */
    private function theirs(Product $product): array
    {
        return array_values(array_filter($product->addresses->map(fn (PartnerAddress $address): ?TheirWords => $address->target instanceof Item ? $this->pages->find($address->marketplace_id, $address->target) : null)->all()));
    }
}

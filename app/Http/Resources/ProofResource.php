<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Shop;
use OpenApi\Attributes as OA;
use PaperKite\Catalogue\Product;
use PaperKite\Offer\Draft;
use PaperKite\Offer\Finding;
use PaperKite\Offer\Proofreading;
use PaperKite\Offer\Sentence;
use PaperKite\Quote\Quote;

#[OA\Schema(schema: 'Proof', description: 'An offer as it stands on the desk: said, looked at, reckoned.')]
final readonly class ProofResource
{
    /**
     * @param  list<SegmentResource>  $sentence
     * @param  list<FindingResource>  $findings
     * @param  list<string>  $pages_to_payment
     */
    private function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: SegmentResource::class))]
        public array $sentence,
        #[OA\Property(type: 'array', items: new OA\Items(ref: FindingResource::class))]
        public array $findings,
        #[OA\Property]
        public bool $can_save,
        #[OA\Property]
        public bool $can_go_live,
        #[OA\Property]
        public string $caption,
        #[OA\Property(description: 'Null while no product is chosen.')]
        public ?BillResource $bill,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $pages_to_payment,
    ) {}

    /** @param  list<string>  $places */
    public static function of(Draft $draft, Shop $shop, array $places): self
    {
        $findings = Proofreading::of($draft);
        $product = $draft->product;

        return new self(
            $product === null ? [] : self::sentence($draft, $product, $shop, $places),
            array_map(static fn (Finding $finding) => FindingResource::of($finding), $findings),
            Proofreading::allowsSaving($findings),
            Proofreading::allowsGoingLive($findings),
            $product === null ? $draft->destination->caption() : $draft->offer($product)->caption(),
            $product === null ? null : BillResource::ofReceipt(Quote::of([$draft->offer($product)->line()], $shop->rules())),
            $draft->destination->pagesToPayment(),
        );
    }

    /**
     * @param  list<string>  $places
     * @return list<SegmentResource>
     */
    private static function sentence(Draft $draft, Product $product, Shop $shop, array $places): array
    {
        $offer = $draft->offer($product);

        return SegmentResource::listOf(Sentence::of($offer, Quote::of([$offer->line()], $shop->rules()), $places));
    }
}

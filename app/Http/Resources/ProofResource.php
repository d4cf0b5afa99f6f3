<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Shop;
use OpenApi\Attributes as OA;
use PaperKite\Offer\Destination;
use PaperKite\Offer\Draft;
use PaperKite\Offer\Finding;
use PaperKite\Offer\Proofreading;
use PaperKite\Offer\Sentence;
use PaperKite\Offer\TypicalBill;
use PaperKite\Time\Moment;

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

    /**
     * @param  list<string>  $places
     * @param  string  $country  where the bill is for
     * @param  string  $picture  the path of the picture of the goods
     */
    public static function of(Draft $draft, Shop $shop, array $places, string $country, string $picture): self
    {
        $findings = Proofreading::of($draft);
        $offer = $draft->product === null ? null : $draft->offer($draft->product);
        $bill = $offer === null ? null : TypicalBill::of($offer, $shop->rules(), $country, Moment::ofSeconds((int) now()->getTimestamp()));

        return new self(
            $offer === null ? [] : SegmentResource::listOf(Sentence::of($offer, $bill, $places)),
            array_map(static fn (Finding $finding) => FindingResource::of($finding), $findings),
            Proofreading::allowsSaving($findings),
            Proofreading::allowsGoingLive($findings),
            $offer === null ? $draft->destination->caption() : $offer->caption(),
            $bill === null ? null : BillResource::ofReceipt($bill, $picture),
            $offer?->leavesAChoice() === true ? Destination::Choose->pagesToPayment() : $draft->destination->pagesToPayment(),
        );
    }
}

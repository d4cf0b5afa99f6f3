<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Http\Console\Orders\BillResource;
use App\Models\Shop;
use OpenApi\Attributes as OA;
use PaperKite\Catalogue\Variant;
use PaperKite\Offer\ButtonState;
use PaperKite\Offer\CaptionIdeas;
use PaperKite\Offer\Destination\LeadToPartner;
use PaperKite\Offer\DestinationChoice;
use PaperKite\Offer\DraftItem;
use PaperKite\Offer\Finding;
use PaperKite\Offer\OpeningChoice;
use PaperKite\Offer\Proof;
use PaperKite\Offer\Proofreading;
use PaperKite\Offer\StateWords;
use PaperKite\Offer\WordLadder;
use PaperKite\Quote\Bill;
use PaperKite\Quote\Fault;

#[OA\Schema(schema: 'Proof', description: 'An offer as it stands on the desk: said, looked at, reckoned.')]
final readonly class ProofResource
{
    /**
     * @param  list<SegmentResource>  $sentence
     * @param  list<FindingResource>  $findings
     * @param  list<WordResource>  $words
     * @param  list<WordResource>  $words_without
     * @param  list<string>  $caption_ideas
     * @param  list<list<VariantChoiceResource>>  $variants
     * @param  list<DestinationNowResource>  $destinations
     * @param  list<OpeningResource>  $openings
     * @param  list<LedToResource>  $led_to
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
        #[OA\Property(description: 'What the button says in each state.', type: 'array', items: new OA\Items(ref: WordResource::class))]
        public array $words,
        #[OA\Property(description: 'What it would say if the offer said nothing.', type: 'array', items: new OA\Items(ref: WordResource::class))]
        public array $words_without,
        #[OA\Property(description: 'Captions that say where the click leads.', type: 'array', items: new OA\Items(type: 'string'))]
        public array $caption_ideas,
        #[OA\Property(description: 'The variants of each of its goods, from which one can be named.', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(ref: VariantChoiceResource::class)))]
        public array $variants,
        #[OA\Property(description: 'Null where it can’t be told.')]
        public ?BillResource $bill,
        #[OA\Property(description: 'Why it can’t be told, in sentences; blank where it can, and where there are no goods.')]
        public string $no_bill_because,
        #[OA\Property(description: 'The country that the bill is for, as a person reads it.')]
        public string $country,
        #[OA\Property(description: 'The steps from the click to the payment, as a sentence.')]
        public string $way,
        #[OA\Property(description: 'Where it leads can be chosen among these.', type: 'array', items: new OA\Items(ref: DestinationNowResource::class))]
        public array $destinations,
        #[OA\Property(description: 'How it opens can be chosen among these.', type: 'array', items: new OA\Items(ref: OpeningResource::class))]
        public array $openings,
        #[OA\Property(description: 'Where shoppers are led, where a partner sells it.', type: 'array', items: new OA\Items(ref: LedToResource::class))]
        public array $led_to,
        #[OA\Property(description: 'Who is paid where there is no bill, as a sentence; blank where there should be one.')]
        public string $paid_elsewhere,
        #[OA\Property(description: 'Whether anything is paid in this shop.')]
        public bool $is_paid_here,
        #[OA\Property(description: 'The look that is used.')]
        public int $look_id,
    ) {}

    public static function of(Proof $proof, Shop $shop, int $lookId): self
    {
        $findings = $proof->findings();
        $offer = $proof->offer;
        $without = WordLadder::ofOffer(StateWords::none(), $shop->words);

        return new self(
            sentence: SegmentResource::listOf($proof->sentence()),
            findings: array_map(static fn (Finding $finding) => FindingResource::of($finding), $findings),
            can_save: Proofreading::allowsSaving($findings),
            can_go_live: Proofreading::allowsGoingLive($findings),
            words: array_map(static fn (ButtonState $state) => WordResource::of($offer->word($state)), ButtonState::cases()),
            words_without: array_map(static fn (ButtonState $state) => WordResource::of($without->word($state, $offer->destination->caption())), ButtonState::cases()),
            caption_ideas: CaptionIdeas::for($offer, $shop->name),
            variants: array_map(self::variants(...), $proof->draft->items),
            bill: $proof->bill === null ? null : BillResource::of(Bill::of($proof->bill), $proof->bill->shop->timezone),
            no_bill_because: implode(' ', array_map(static fn (Fault $fault): string => $fault->message, $proof->faults)),
            country: $proof->country,
            way: $offer->way()->words(),
            destinations: array_map(static fn (DestinationChoice $choice) => DestinationNowResource::of($choice), DestinationChoice::for($proof->draft)),
            openings: array_map(OpeningResource::of(...), OpeningChoice::for($proof->draft)),
            led_to: $offer->destination instanceof LeadToPartner ? LedToResource::listOf($proof->draft->items) : [],
            paid_elsewhere: $offer->destination->paidElsewhere(),
            is_paid_here: $offer->way()->out === null,
            look_id: $lookId,
        );
    }

    /** @return list<VariantChoiceResource> */
    private static function variants(DraftItem $item): array
    {
        $product = $item->product;

        return $product === null ? [] : array_map(static fn (Variant $variant) => VariantChoiceResource::of($variant, $product), $product->variants);
    }
}

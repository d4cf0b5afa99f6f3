<?php

declare(strict_types=1);

namespace App\Embed;

use App\Models\Placement;
use App\Models\Shop;
use App\Shopfront\PartnerTag;
use OpenApi\Attributes as OA;
use PaperKite\Look\Look;
use PaperKite\Medium\LookSheet;
use PaperKite\Medium\PartnerNote;
use PaperKite\Offer\ButtonState;
use PaperKite\Offer\Opening;

/** What a widget shows now: the same for everybody who sees it. */
#[OA\Schema(schema: 'Widget')]
final readonly class WidgetData
{
    private function __construct(
        #[OA\Property(description: 'Of the placement.')]
        public string $code,
        #[OA\Property(description: 'Where a click leads; a whole address of the shop.')]
        public string $href,
        #[OA\Property(enum: ['idle', 'sold_out', 'not_available'])]
        public string $state,
        #[OA\Property(description: 'What the button says in this state.')]
        public string $caption,
        #[OA\Property]
        public bool $opens_new_tab,
        #[OA\Property(description: 'What the link says of itself; blank: nothing.')]
        public string $rel,
        #[OA\Property(description: 'A style sheet for the element with the class “button”.')]
        public string $css,
        #[OA\Property(description: 'Null: none.')]
        public ?WidgetIcon $icon,
        #[OA\Property(description: 'Null: the words are shown.')]
        public ?WidgetPicture $picture,
        #[OA\Property(description: 'Stands beside the button; blank: nothing does.')]
        public string $note,
    ) {}

    /** @param  Placement  $placement  with its offer, and all that the offer's sentence needs */
    public static function of(Placement $placement, Shop $shop, Look $look): self
    {
        $offer = $placement->offer;
        $partner = $offer->partnerLine();
        $state = $placement->state($offer);
        $opensNewTab = $offer->opening === Opening::NewTab;

        return new self(
            code: $placement->code,
            href: $placement->link($shop)->url(),
            state: $state->value,
            caption: $placement->word($state, $offer, $shop),
            opens_new_tab: $opensNewTab,
            rel: $partner === null ? ($opensNewTab ? 'noopener' : '') : PartnerNote::REL,
            css: (new LookSheet($look, '.button'))->css(),
            icon: WidgetIcon::of($look),
            picture: $state === ButtonState::Idle ? WidgetPicture::of($look, $shop->base()) : null,
            note: $partner === null ? '' : PartnerTag::of($partner->product, null, $shop->wording())->disclosure,
        );
    }
}

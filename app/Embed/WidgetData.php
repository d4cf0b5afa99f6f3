<?php

declare(strict_types=1);

namespace App\Embed;

use App\Models\Offer;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use App\Shopfront\PartnerTag;
use OpenApi\Attributes as OA;
use PaperKite\Medium\PartnerNote;
use PaperKite\Medium\WidgetForm;
use PaperKite\Offer\ButtonState;
use PaperKite\Offer\Opening;
use PaperKite\Offer\StateWords;
use PaperKite\Offer\WordLadder;
use PaperKite\Time\Moment;

/** What a widget shows now: the same for everybody who sees it. */
#[OA\Schema(schema: 'Widget')]
final readonly class WidgetData
{
    /**
     * @param  list<WidgetQuestions>  $questions
     * @param  list<WidgetStory>  $story
     */
    private function __construct(
        #[OA\Property(description: 'Of the placement.')]
        public string $code,
        #[OA\Property(description: 'Where a click leads; a whole address of the shop.')]
        public string $href,
        #[OA\Property(description: 'Of the display that it stands in; blank: it stands by itself.')]
        public string $in,
        #[OA\Property(description: 'The SKU of an item of a shelf; blank: it is none.')]
        public string $item,
        #[OA\Property(ref: '#/components/schemas/WidgetForm')]
        public WidgetForm $form,
        #[OA\Property(enum: ['idle', 'sold_out', 'not_available'])]
        public string $state,
        #[OA\Property(description: 'What the button says in this state.')]
        public string $caption,
        #[OA\Property(description: 'What it says while a click is under way.')]
        public string $working,
        #[OA\Property(description: 'What it says when it is in the cart.')]
        public string $added,
        #[OA\Property(ref: '#/components/schemas/WidgetClick')]
        public WidgetClick $click,
        #[OA\Property(description: 'Whether a click puts anything into a cart; else it is about the cart as it is.')]
        public bool $adds,
        #[OA\Property(description: 'Whether a click opens a pop-over with all about it first.')]
        public bool $pops_up,
        #[OA\Property(description: 'Whether what it sells gets a cart of its own.')]
        public bool $is_alone,
        #[OA\Property]
        public bool $opens_new_tab,
        #[OA\Property(description: 'What the link says of itself; blank: nothing.')]
        public string $rel,
        #[OA\Property(description: 'A style sheet for the element with the class “button”, or “image” where a picture stands for the words.')]
        public string $css,
        #[OA\Property(description: 'Whether font and colours are those of the page.')]
        public bool $follows_page,
        #[OA\Property(description: 'Null: none.')]
        public ?WidgetIcon $icon,
        #[OA\Property(description: 'Null: the words are shown.')]
        public ?WidgetPicture $picture,
        #[OA\Property(description: 'Stands beside the button; blank: nothing does.')]
        public string $note,
        #[OA\Property(description: 'Null: the form does not show any.')]
        public ?WidgetGoods $goods,
        #[OA\Property(description: 'Null: the form does not show any, or there is none to show.')]
        public ?WidgetPrice $price,
        #[OA\Property(description: 'Whether it sells one kind of goods, whose variant decides the price.')]
        public bool $is_one,
        #[OA\Property(description: 'Of the goods of which something is still to be said.', type: 'array', items: new OA\Items(ref: WidgetQuestions::class))]
        public array $questions,
        #[OA\Property(description: 'Null: one click always adds the same number.')]
        public ?WidgetAsk $ask,
        #[OA\Property(description: 'All about its goods; none: the form does not show it.', type: 'array', items: new OA\Items(ref: WidgetStory::class))]
        public array $story,
    ) {}

    /**
     * @param  Placement  $placement  with its offer, the offer's goods and their variants, pictures and addresses; as a whole with all that `ReadStories` reads
     * @param  bool  $isWhole  whether all about its goods is told, whatever its form
     */
    public static function of(Placement $placement, Shop $shop, WidgetLook $look, Moment $at, bool $isWhole = false): self
    {
        $offer = $placement->offer;
        $shape = WidgetShape::of($placement, $at, $isWhole);
        $partner = $offer->partnerLine();
        $tag = $partner === null ? null : PartnerTag::of($partner->product, null, $shop, $at);
        [$caption, $working, $added] = $placement->words($offer, $shop, $shape->state, ButtonState::Working, ButtonState::Added);

        return new self(
            ...[...self::drawn($look, $shape), ...self::leading($offer, $tag, $shape)],
            code: $placement->code,
            href: $placement->address($shop),
            in: $placement->within->code ?? '',
            item: $placement->item->sku ?? '',
            form: $shape->form,
            state: $shape->state->value,
            caption: self::caption($placement, $shop, $shape) ?? $caption,
            working: $working,
            added: $added,
            click: $shape->click,
            adds: $offer->lines->isNotEmpty(),
            pops_up: $shape->popsUp,
            is_alone: $offer->sellsAlone(),
            goods: in_array($shape->form, [WidgetForm::Picture, WidgetForm::Story], true) ? WidgetGoods::of($offer, $shop, $shape->form === WidgetForm::Picture) : null,
            price: $shape->tellsPrice ? WidgetPrice::ofOffer($offer, $at) : null,
            is_one: $offer->lines->count() === 1,
            questions: $shape->asks ? self::questions($offer, $shop, $at) : [],
            ask: $shape->asks ? WidgetAsk::of($offer) : null,
            story: $shape->form === WidgetForm::Story ? WidgetStory::listOf($offer, $shop, $at) : [],
        );
    }

    /** @return array{css: string, follows_page: bool, icon: WidgetIcon|null, picture: WidgetPicture|null} */
    private static function drawn(WidgetLook $look, WidgetShape $shape): array
    {
        return [
            'css' => $look->css,
            'follows_page' => $look->followsPage,
            'icon' => $look->icon,
            'picture' => $shape->state === ButtonState::Idle ? $look->picture : null,
        ];
    }

    /** @return array{opens_new_tab: bool, rel: string, note: string} */
    private static function leading(Offer $offer, ?PartnerTag $partner, WidgetShape $shape): array
    {
        $opensNewTab = $offer->opening === Opening::NewTab;

        return [
            'opens_new_tab' => $opensNewTab,
            'rel' => $partner === null ? ($opensNewTab ? 'noopener' : '') : PartnerNote::REL,
            'note' => $partner === null ? '' : self::note($partner, $shape->tellsPrice),
        ];
    }

    /** @return string|null `null` where it says what the placement says */
    private static function caption(Placement $placement, Shop $shop, WidgetShape $shape): ?string
    {
        return match (true) {
            $placement->item !== null && $shape->popsUp => self::choosing($placement->item, $shop),
            // What opened the pop-over may say so; the button in it says what it does.
            $placement->item === null && $shape->isWhole && $shape->state === ButtonState::Idle => WordLadder::ofOffer(StateWords::none(), $shop->words)->word($shape->state, $placement->offer->builtInCaption())->text,
            default => null,
        };
    }

    private static function choosing(Product $product, Shop $shop): string
    {
        return $shop->wording()->say($product->kind->isGiven() ? 'list.give' : 'list.choose');
    }

    /** Who sells it, and that the shop earns by it; what it costs there, where the form is about the price. */
    private static function note(PartnerTag $tag, bool $tellsPrice): string
    {
        return ! $tellsPrice ? $tag->disclosure : trim("{$tag->price} {$tag->disclosure}");
    }

    /** @return list<WidgetQuestions> */
    private static function questions(Offer $offer, Shop $shop, Moment $at): array
    {
        $questions = [];
        foreach ($offer->lines->values() as $index => $line) {
            $questions[] = WidgetQuestions::of($index, $line, $offer->ask() !== null, $shop, $at);
        }

        return array_values(array_filter($questions));
    }
}

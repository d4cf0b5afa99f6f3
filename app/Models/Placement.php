<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use PaperKite\Link\PlacementCode;
use PaperKite\Link\PlacementLink;
use PaperKite\Look\Width;
use PaperKite\Medium\WidgetForm;
use PaperKite\Offer\ButtonState;
use PaperKite\Offer\OfferState;
use PaperKite\Offer\StateWords;
use PaperKite\Offer\WordLadder;

/**
 * @property int $id
 * @property int $shop_id
 * @property int $offer_id
 * @property string $code
 * @property string $page
 * @property string $medium
 * @property WidgetForm $form of a widget
 * @property bool $brings_sheet whether what is pasted of it brings its other states along
 * @property string|null $label
 * @property string|null $caption
 * @property CarbonImmutable|null $paused_at
 * @property string|null $copied
 * @property CarbonImmutable|null $copied_at
 * @property bool $is_stale
 * @property int|null $look_id its own; `null`: as its offer says
 * @property Width|null $width its own; `null`: as its look says
 * @property int|null $width_percent of the page, where its own width is a part of it
 * @property int|null $price_table_id
 * @property int|null $table_position
 * @property bool|null $is_stressed
 * @property string $column_name of a column; blank: what it sells
 * @property string $column_text of a column: its lines
 * @property Shop $shop
 * @property Offer $offer
 * @property CarbonImmutable|null $deleted_at
 */
final class Placement extends Model
{
    use CanBeDeleted;

    /** In which it was clicked, as its column; `null`: by itself. */
    public ?DisplayPlacement $within = null;

    /** What stands there of a shelf, without an offer of its own; `null`: it is no part of a shelf. */
    public ?Product $item = null;

    /** @var array<string, mixed> */
    protected $attributes = ['form' => WidgetForm::Button, 'brings_sheet' => false, 'column_name' => '', 'column_text' => ''];

    /** Placements that show several ways to buy are `DisplayPlacement`s. */
    protected static function booted(): void
    {
        self::addGlobalScope('offer', static fn (Builder $query) => $query->whereNotNull('placements.offer_id'));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['deleted_at' => 'immutable_datetime', 'form' => WidgetForm::class, 'width' => Width::class, 'brings_sheet' => 'boolean', 'paused_at' => 'immutable_datetime', 'copied_at' => 'immutable_datetime', 'is_stale' => 'boolean', 'is_stressed' => 'boolean'];
    }

    public function link(Shop $shop): PlacementLink
    {
        return new PlacementLink($shop->base(), PlacementCode::read($this->code) ?? throw new \LogicException("Placement {$this->id} has no readable code."));
    }

    /** Itself, as it is clicked as a column of a display. */
    public function clickedIn(DisplayPlacement $display): self
    {
        $clicked = clone $this;
        $clicked->within = $display;

        return $clicked;
    }

    /** Where a click on it leads. */
    public function address(Shop $shop): string
    {
        if ($this->item !== null) {
            return $shop->base().($this->item->kind->isElsewhere() ? '/to/' : '/p/').rawurlencode($this->item->sku)."?k={$this->code}";
        }

        return $this->link($shop)->url().($this->within === null ? '' : "?in={$this->within->code}");
    }

    /** Whether the seller holds it back for now: here, or wherever its offer stands. */
    public function isPaused(Offer $offer): bool
    {
        return $offer->state === OfferState::Paused || $this->paused_at !== null;
    }

    /** What whoever clicks will find, of an offer that is live or paused. */
    public function state(Offer $offer): ButtonState
    {
        return match (true) {
            $this->isPaused($offer), $offer->holdsADraft() => ButtonState::NotAvailable,
            $offer->isSoldOut() => ButtonState::SoldOut,
            default => ButtonState::Idle,
        };
    }

    /** What the button says here: this place's own words, else the offer's, else the shop's. */
    public function word(ButtonState $state, Offer $offer, Shop $shop): string
    {
        return $this->words($offer, $shop, $state)[0];
    }

    /** @return non-empty-list<string> what the button says in each of the states */
    public function words(Offer $offer, Shop $shop, ButtonState ...$states): array
    {
        $own = StateWords::of([ButtonState::Idle->value => $this->caption]);
        $ladder = WordLadder::of($own, $offer->ownWords(), StateWords::none(), $shop->words);
        $caption = $offer->builtInCaption();
        $words = array_values(array_map(static fn (ButtonState $state): string => $ladder->word($state, $caption)->text, $states));

        return $words === [] ? throw new \LogicException('Words are asked for of a state.') : $words;
    }

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }

    /** @return BelongsTo<Offer, $this> */
    public function offer(): BelongsTo
    {
        return $this->belongsTo(Offer::class);
    }
}

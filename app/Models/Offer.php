<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\StateWordsCast;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use PaperKite\Offer\Ask;
use PaperKite\Offer\ButtonState;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\Destination\Destination;
use PaperKite\Offer\Destination\LeadToPage;
use PaperKite\Offer\Destination\LeadToPartner;
use PaperKite\Offer\Destination\SellHere;
use PaperKite\Offer\Destination\ShowCart;
use PaperKite\Offer\Offer as CoreOffer;
use PaperKite\Offer\OfferItem;
use PaperKite\Offer\OfferState;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;
use PaperKite\Offer\Purpose;
use PaperKite\Offer\StateWords;
use PaperKite\Offer\Steps;

/**
 * @property int $id
 * @property int $shop_id
 * @property Onwards $destination
 * @property CartUse $cart_use
 * @property Opening $opening
 * @property string|null $ask_label
 * @property int|null $ask_least
 * @property int|null $ask_most
 * @property string|null $caption
 * @property StateWords $words
 * @property string|null $landing
 * @property string|null $page
 * @property int|null $look_id
 * @property int $version
 * @property OfferState $state
 * @property CarbonImmutable $updated_at
 * @property Shop $shop
 * @property Look|null $look
 * @property Collection<int, OfferLine> $lines
 * @property Collection<int, Placement> $placements
 */
final class Offer extends Model
{
    /** @var list<string> all that its sentence needs */
    public const TOLD_WITH = ['lines.product.variants', 'lines.product.addresses.marketplace.partner', 'lines.product.addresses.marketplace.hosts', 'lines.variant', 'look', 'placements'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['destination' => Onwards::class, 'cart_use' => CartUse::class, 'opening' => Opening::class, 'state' => OfferState::class, 'words' => StateWordsCast::class];
    }

    public function ask(): ?Ask
    {
        return $this->ask_label === null ? null : Ask::of($this->ask_label, (int) $this->ask_least, (int) $this->ask_most);
    }

    /** Whether what it sells gets a cart of its own, beside the one that the shopper has. */
    public function sellsAlone(): bool
    {
        return $this->destination === Onwards::Pay && $this->cart_use === CartUse::JustThis;
    }

    /** Its own words in every state. */
    public function ownWords(): StateWords
    {
        return StateWords::of([...$this->words->all(), ButtonState::Idle->value => $this->caption]);
    }

    /** The pages that a click leads by. */
    public function way(): Steps
    {
        if ($this->leadsOut()) {
            return Steps::out('', $this->opening);
        }

        return $this->lines->isEmpty()
            ? Steps::throughCart($this->destination)
            : Steps::selling($this->destination, $this->opening, count($this->lines), $this->ask_label !== null || $this->lines->contains(fn (OfferLine $line): bool => $line->leavesAChoice()));
    }

    /** Whether a click sells nothing here. */
    public function leadsOut(): bool
    {
        return $this->destination === Onwards::Page || $this->partnerLine() !== null;
    }

    /** What a partner sells, where it is what the click leads to. */
    public function partnerLine(): ?OfferLine
    {
        $line = $this->lines->first();

        return $this->destination !== Onwards::Page && $this->lines->count() === 1 && $line?->product->kind->isElsewhere() === true ? $line : null;
    }

    /** What its button says where nobody has written anything for it. */
    public function builtInCaption(): string
    {
        if ($this->leadsOut()) {
            return $this->leadsTo()->caption();
        }

        return $this->destination->caption(Purpose::of(array_values($this->lines->map(static fn (OfferLine $line): bool => $line->product->kind->isGiven())->all())));
    }

    private function leadsTo(): Destination
    {
        if ($this->destination === Onwards::Page) {
            return new LeadToPage($this->page ?? '');
        }
        $partner = $this->partnerLine();
        if ($partner !== null) {
            return new LeadToPartner($partner->product->toPartnerGoods());
        }
        $items = array_values($this->lines->map(fn (OfferLine $line): OfferItem => $line->toCore())->all());

        return $items === []
            ? new ShowCart($this->destination, $this->landing)
            : new SellHere($items, $this->destination, $this->cart_use, $this->ask(), $this->landing);
    }

    /** Whether any of its goods is one that the seller still works on. */
    public function holdsADraft(): bool
    {
        return $this->destination !== Onwards::Page && $this->lines->contains(fn (OfferLine $line): bool => $line->product->is_draft || ($line->product->kind->isElsewhere() && $this->lines->count() > 1));
    }

    /** Whether any of its goods, where it is known which, has too little left. */
    public function isSoldOut(): bool
    {
        return ! $this->leadsOut() && $this->lines->contains(fn (OfferLine $line): bool => ! $line->leavesAChoice()
            && ! $line->product->stockFor($line->variant)->covers($line->quantity));
    }

    /** Whether tax comes on top of what it says that it costs. */
    public function addsTax(Shop $shop): bool
    {
        $tax = $shop->rules()->tax;

        return ! $tax->areContained && $this->partnerLine() === null
            && $this->lines->contains(static fn (OfferLine $line): bool => ! $line->product->kind->isMoneyItself() && $tax->take($line->product->tax_class));
    }

    public function toCore(Shop $shop, string $look): CoreOffer
    {
        return new CoreOffer(
            destination: $this->leadsTo(),
            opening: $this->opening,
            words: $this->ownWords(),
            shopWords: $shop->words,
            look: $look,
        );
    }

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }

    /** @return BelongsTo<Look, $this> */
    public function look(): BelongsTo
    {
        return $this->belongsTo(Look::class);
    }

    /** @return HasMany<OfferLine, $this> */
    public function lines(): HasMany
    {
        return $this->hasMany(OfferLine::class)->orderBy('position');
    }

    /** @return HasMany<Placement, $this> */
    public function placements(): HasMany
    {
        return $this->hasMany(Placement::class)->orderBy('id');
    }

    /** @return HasMany<OfferVersion, $this> */
    public function versions(): HasMany
    {
        return $this->hasMany(OfferVersion::class)->orderByDesc('version');
    }
}

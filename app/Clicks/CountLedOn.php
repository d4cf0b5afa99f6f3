<?php

declare(strict_types=1);

namespace App\Clicks;

use App\Carts\Caller;
use App\Carts\CartOwner;
use App\Models\DisplayPlacement;
use App\Models\PartnerAddress;
use App\Models\Placement;
use App\Results\CountedShop;
use App\Results\Event;
use App\Results\RecordEvent;
use App\Results\Source;
use App\Results\SpooledLead;

/** Counts a click that leads on, as `CountClick` does; where the spool has no room, in the database, which may have some. */
final readonly class CountLedOn
{
    public function __construct(
        private CountClick $count,
        private RecentClicks $recent,
        private RecordEvent $record,
    ) {}

    /** @param  PartnerAddress|null  $lead  at the marketplace that it leads to; `null`: to none */
    public function ofPlacement(Placement $placement, CartOwner $owner, Caller $caller, ?PartnerAddress $lead = null): void
    {
        $spooled = $lead === null ? null : new SpooledLead($lead->product_id, $lead->marketplace_id);
        if (! ($this->count)($placement->id, $placement->code, $owner, $caller, $spooled, $placement->within->code ?? '')) {
            $source = Source::of($placement);
            $this->inDatabase($placement->id, $owner, $caller, Did::click(CountedShop::of($placement->shop), $source, $caller), ...($lead === null ? [] : [Did::lead(CountedShop::of($placement->shop), $source, $lead, $caller)]));
        }
    }

    public function ofDisplay(DisplayPlacement $display, CartOwner $owner, Caller $caller): void
    {
        if (! ($this->count)($display->id, $display->code, $owner, $caller)) {
            $this->inDatabase($display->id, $owner, $caller, Did::click(CountedShop::of($display->shop), Source::ofDisplay($display), $caller));
        }
    }

    private function inDatabase(int $placementId, CartOwner $owner, Caller $caller, Event ...$events): void
    {
        if ($this->recent->isFirstOn($placementId, $owner, $caller)) {
            ($this->record)(...$events);
        }
    }
}

<?php

declare(strict_types=1);

namespace App\PriceWatch;

use App\Models\PartnerAddress;
use App\Time\Clock;
use Carbon\CarbonImmutable;
use LogicException;
use PaperKite\Partner\Item;
use PaperKite\Partner\OutgoingAddress;
use PaperKite\Partner\Price\PageProblem;

/** Looks at the page of one item, when it is its host's turn, and keeps what it says. */
final readonly class CheckPrice
{
    private const AGAIN_SECONDS = 3_600;

    /** @param  int  $hours  between two looks at a page */
    public function __construct(
        private PriceSource $source,
        private WatchedHosts $hosts,
        private HostTurns $turns,
        private KeepPrice $keep,
        private Clock $clock,
        private int $hours,
    ) {}

    /**
     * @param  PartnerAddress  $address  of an item, with its marketplace
     * @return int milliseconds until its host may be asked; 0: it was looked at
     */
    public function __invoke(PartnerAddress $address): int
    {
        $marketplace = $address->marketplace->toCore();
        $item = $address->target instanceof Item ? $address->target : throw new LogicException('Only an item has a page.');
        $target = FetchTarget::of(OutgoingAddress::plain($marketplace, $item));
        if ($target === null || ! $this->hosts->allow($target->host, $target->port)) {
            $address->newQuery()->whereKey($address->id)->update(['check_at' => $this->later()]);

            return 0;
        }
        $wait = $this->turns->take($target->turn());
        if ($wait > 0) {
            return $wait;
        }
        $looked = $this->source->look($marketplace, $item);
        $this->turns->leave($target->turn(), $looked->waitSeconds * 1_000);
        $isSoon = $looked->page === PageProblem::NotFound || $looked->page === PageProblem::Refused;
        ($this->keep)($address, $looked->page, $isSoon ? $this->clock->now()->addSeconds(max(self::AGAIN_SECONDS, $looked->waitSeconds)) : $this->later());

        return 0;
    }

    private function later(): CarbonImmutable
    {
        return $this->clock->now()->addHours($this->hours);
    }
}

<?php

declare(strict_types=1);

namespace PaperKite\Partner\Report;

/** To which place a sale is credited, how that was found, and who else it could have been. */
final readonly class Credit
{
    /** @param  list<Candidate>  $candidates  those with most clicks first */
    private function __construct(
        public CreditedBy $by,
        public ?Place $place,
        public array $candidates,
        public ?Uncredited $why,
    ) {}

    public static function bySubId(Place $place): self
    {
        return new self(CreditedBy::SubId, $place, [], null);
    }

    /** @param  list<Candidate>  $candidates  those with most clicks first */
    public static function among(array $candidates): self
    {
        return match (true) {
            $candidates === [] => self::nothing(Uncredited::NoClick),
            count($candidates) === 1 => new self(CreditedBy::ItemAndTime, $candidates[0]->place, $candidates, null),
            $candidates[0]->clicks === $candidates[1]->clicks => new self(CreditedBy::Nothing, null, $candidates, Uncredited::Tie),
            default => new self(CreditedBy::Unsure, $candidates[0]->place, $candidates, null),
        };
    }

    public static function nothing(Uncredited $why): self
    {
        return new self(CreditedBy::Nothing, null, [], $why);
    }
}

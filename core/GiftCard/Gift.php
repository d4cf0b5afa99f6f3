<?php

declare(strict_types=1);

namespace PaperKite\GiftCard;

use PaperKite\Time\Day;

/** For whom a gift card is, and when it is sent. Whose e-mail is blank, the buyer gets it, to hand over. */
final readonly class Gift
{
    public function __construct(
        public string $name = '',
        public string $email = '',
        public string $message = '',
        /** `null`: at once. */
        public ?Day $day = null,
    ) {}

    public static function toTheBuyer(): self
    {
        return new self;
    }
}

<?php

declare(strict_types=1);

namespace PaperKite\Offer;

use PaperKite\Refusal;

/** Whether the shopper shall be asked how many, as it stands on the desk. */
final readonly class DraftAsk
{
    public function __construct(
        public bool $isAsked = false,
        /** As typed; blank for the usual question. */
        public string $label = '',
        public string $least = '1',
        public string $most = '10',
    ) {}

    /** @throws Refusal */
    public function read(): ?Ask
    {
        return $this->isAsked ? Ask::fromEntry($this->label, $this->least, $this->most) : null;
    }
}

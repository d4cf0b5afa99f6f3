<?php

declare(strict_types=1);

namespace PaperKite\Payment;

/** What a provider answers to being asked to give money back. */
enum RefundState: string
{
    case Done = 'done';

    /** It will be done, or declined, later; asked again with the same key, the provider says which. */
    case Pending = 'pending';

    case Declined = 'declined';

    /** As the seller reads it. */
    public function label(): string
    {
        return match ($this) {
            self::Done => 'Refunded',
            self::Pending => 'Asked of the provider',
            self::Declined => 'Declined by the provider',
        };
    }
}

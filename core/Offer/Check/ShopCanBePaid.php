<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Draft;
use PaperKite\Offer\Finding;

final readonly class ShopCanBePaid implements Check
{
    public function findings(Draft $draft): array
    {
        return [
            ...($draft->shop->hasProvider ? [] : [Finding::error(null, 'No payment provider is connected, so no offer can go live; set KITE_PAYMENTS in the environment.')]),
            ...($draft->shop->hasPayee ? [] : [Finding::error(null, 'The shop has no payee, so no offer can go live; set one with “php artisan shop:payee”.')]),
        ];
    }
}

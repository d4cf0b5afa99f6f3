<?php

declare(strict_types=1);

namespace PaperKite\Offer\Check;

use PaperKite\Offer\Finding;
use PaperKite\Offer\MendAt;
use PaperKite\Offer\Proof;

final readonly class ShopCanBePaid implements Check
{
    public function findings(Proof $proof): array
    {
        return [
            ...($proof->draft->shop->hasProvider ? [] : [Finding::obstacle(null, 'No payment provider is connected, so no offer can go live; set KITE_PAYMENTS in the environment.')]),
            ...($proof->draft->shop->hasPayee ? [] : [Finding::obstacle(null, 'The shop has no payee, so no offer can go live; name the account that payments go to.')->mendedIn(MendAt::Payee)]),
        ];
    }
}

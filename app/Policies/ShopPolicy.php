<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Person;
use App\Models\Shop;
use Illuminate\Auth\Access\Response;
use PaperKite\People\Ability;

/** What somebody may do in a shop, by what they are there. To a stranger a shop looks the same whether it exists or not. */
final class ShopPolicy
{
    public function read(Person $person, Shop $shop): Response
    {
        return self::may($person, $shop, Ability::Read);
    }

    public function work(Person $person, Shop $shop): Response
    {
        return self::may($person, $shop, Ability::Work);
    }

    public function payee(Person $person, Shop $shop): Response
    {
        return self::may($person, $shop, Ability::Payee);
    }

    public function people(Person $person, Shop $shop): Response
    {
        return self::may($person, $shop, Ability::People);
    }

    private static function may(Person $person, Shop $shop, Ability $ability): Response
    {
        $role = $person->roleIn($shop);

        return match (true) {
            $role === null => Response::denyAsNotFound(),
            $role->may($ability) => Response::allow(),
            default => Response::deny($ability->refusal()),
        };
    }
}

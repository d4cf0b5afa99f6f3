<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Person;
use App\Models\Shop;
use Illuminate\Auth\Access\Response;

final class ShopPolicy
{
    /** To a stranger a shop looks the same whether it exists or not. */
    public function work(Person $person, Shop $shop): Response
    {
        return $person->shops()->whereKey($shop->id)->exists() ? Response::allow() : Response::denyAsNotFound();
    }
}

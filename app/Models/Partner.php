<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Another merchant, whose goods the shop shows.
 *
 * @property int $id
 * @property int $shop_id
 * @property string $name
 */
final class Partner extends Model
{
    /** @return HasMany<Marketplace, $this> */
    public function marketplaces(): HasMany
    {
        return $this->hasMany(Marketplace::class);
    }
}

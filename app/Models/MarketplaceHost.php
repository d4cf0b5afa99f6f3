<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $shop_id
 * @property int $marketplace_id
 * @property int $position
 * @property string $host
 */
final class MarketplaceHost extends Model
{
    public $timestamps = false;
}

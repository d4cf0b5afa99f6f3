<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $product_id
 * @property int $order_id
 * @property int $pieces
 */
final class StockMovement extends Model
{
    public $timestamps = false;
}

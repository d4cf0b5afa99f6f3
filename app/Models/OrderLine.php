<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use PaperKite\Catalogue\Drawing;

/**
 * What was sold, as it was called and priced when it was paid.
 *
 * @property int $id
 * @property int $order_id
 * @property int $product_id
 * @property int|null $placement_id
 * @property string $sku
 * @property string $name
 * @property Drawing $picture
 * @property int $quantity
 * @property int $unit_minor
 * @property int $subtotal_minor
 */
final class OrderLine extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['picture' => Drawing::class];
    }
}

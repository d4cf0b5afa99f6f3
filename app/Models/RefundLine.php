<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use PaperKite\Refund\Portion;
use PaperKite\Refund\Share;

/**
 * What a step gives back of a line, or of shipping.
 *
 * @property int $id
 * @property int $refund_id
 * @property int|null $order_line_id `null`: shipping
 * @property int<0, max> $pieces that come back; 0: a part of an amount
 * @property int $net_minor after the discount, without tax that comes on top
 * @property int $discount_minor
 * @property int $tax_minor
 */
final class RefundLine extends Model
{
    public $timestamps = false;

    public function share(Order $order): Share
    {
        return new Share($this->pieces, new Portion($order->money($this->net_minor), $order->money($this->discount_minor), $order->money($this->tax_minor), $order->tax_is_contained));
    }
}

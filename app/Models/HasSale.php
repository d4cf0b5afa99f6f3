<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use PaperKite\Catalogue\Sale;
use PaperKite\Money\Money;
use PaperKite\Time\Moment;

/**
 * What may be on sale keeps the sale price beside its price.
 *
 * @property int|null $sale_minor
 * @property CarbonImmutable|null $sale_from
 * @property CarbonImmutable|null $sale_until
 */
trait HasSale
{
    abstract public function money(int $minor): Money;

    public function sale(): ?Sale
    {
        return $this->sale_minor === null ? null : new Sale(
            $this->money($this->sale_minor),
            $this->sale_from === null ? null : Moment::ofSeconds((int) $this->sale_from->getTimestamp()),
            $this->sale_until === null ? null : Moment::ofSeconds((int) $this->sale_until->getTimestamp()),
        );
    }
}

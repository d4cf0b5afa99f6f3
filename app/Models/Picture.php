<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A picture that was uploaded, as it was encoded anew.
 *
 * @property int $id
 * @property int $shop_id
 * @property int|null $product_id
 * @property int $position
 * @property string $file
 * @property int $width
 * @property int $height
 * @property string $alt
 * @property CarbonImmutable $created_at
 */
final class Picture extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['created_at' => 'immutable_datetime'];
    }

    public function path(): string
    {
        return self::pathOf($this->file);
    }

    public static function pathOf(string $file): string
    {
        return "/pictures/{$file}";
    }
}

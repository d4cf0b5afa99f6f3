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
 * @property bool $is_kept shown where it can be copied from, and therefore for good
 * @property CarbonImmutable|null $free_since when it last became no product's
 */
final class Picture extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['created_at' => 'immutable_datetime', 'is_kept' => 'boolean', 'free_since' => 'immutable_datetime'];
    }

    public function files(): PictureFile
    {
        return PictureFile::named($this->file);
    }

    public function path(): string
    {
        return $this->files()->path();
    }

    public function shown(): LeadPicture
    {
        return LeadPicture::uploaded($this->file, $this->alt);
    }
}

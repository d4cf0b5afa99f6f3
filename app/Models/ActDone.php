<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * An act of a seller that made something, with what was answered to it.
 *
 * @property int $shop_id
 * @property int $person_id
 * @property string $name given by whoever acts, 1 to 64 characters of ASCII
 * @property string $asked digest of what was asked for
 * @property int $status of HTTP
 * @property string $answer as it was sent
 * @property CarbonImmutable $at
 */
final class ActDone extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $table = 'acts_done';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'immutable_datetime'];
    }
}

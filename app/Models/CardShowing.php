<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * That somebody was shown the code of a gift card.
 *
 * @property int $id
 * @property int $gift_card_id
 * @property int|null $person_id `null`: its holder, or whoever has the address of its page
 * @property string $how mailed, page or printed
 * @property CarbonImmutable $at
 * @property Person|null $person
 */
final class CardShowing extends Model
{
    public const MAILED = 'mailed';

    public const PAGE = 'page';

    public const PRINTED = 'printed';

    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Foundation\Auth\User;
use Illuminate\Support\Facades\DB;
use PaperKite\People\Role;

/**
 * @property int $id
 * @property string $name
 * @property string $password
 * @property string $session_key
 * @property string|null $second_factor
 * @property CarbonImmutable|null $second_factor_since
 * @property int|null $second_factor_step
 * @property int $wrong_codes
 * @property CarbonImmutable|null $codes_closed_until
 * @property \Illuminate\Database\Eloquent\Collection<int, Shop> $shops
 */
final class Person extends User
{
    use HasEmail;

    protected $table = 'people';

    protected $hidden = ['password', 'session_key', 'second_factor'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'second_factor' => 'encrypted', 'second_factor_since' => 'immutable_datetime', 'codes_closed_until' => 'immutable_datetime'];
    }

    /** People sign in anew in each browser; nothing remembers them beyond the session. */
    public function getRememberTokenName(): string
    {
        return '';
    }

    /** @return BelongsToMany<Shop, $this> */
    public function shops(): BelongsToMany
    {
        return $this->belongsToMany(Shop::class, 'memberships')->withPivot('role')->orderBy('shops.name');
    }

    /** What the person is in a shop; `null` where nothing. */
    public function roleIn(Shop $shop): ?Role
    {
        $role = DB::table('memberships')->where(['person_id' => $this->id, 'shop_id' => $shop->id])->value('role');

        return is_string($role) ? Role::from($role) : null;
    }

    /** Whether a code is asked for besides the password. */
    public function hasSecondFactor(): bool
    {
        return $this->second_factor_since !== null;
    }
}

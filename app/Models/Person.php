<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Foundation\Auth\User;

/**
 * @property int $id
 * @property string $name
 * @property string $password
 * @property \Illuminate\Database\Eloquent\Collection<int, Shop> $shops
 */
final class Person extends User
{
    use HasEmail;

    protected $table = 'people';

    protected $hidden = ['password'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed'];
    }

    /** People sign in anew in each browser; nothing remembers them beyond the session. */
    public function getRememberTokenName(): string
    {
        return '';
    }

    /** @return BelongsToMany<Shop, $this> */
    public function shops(): BelongsToMany
    {
        return $this->belongsToMany(Shop::class, 'memberships')->orderBy('shops.name');
    }
}

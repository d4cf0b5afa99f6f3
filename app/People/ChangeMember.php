<?php

declare(strict_types=1);

namespace App\People;

use App\Database\InTransaction;
use App\Models\Person;
use App\Models\Shop;
use Illuminate\Database\ConnectionInterface;
use PaperKite\People\Role;

/** Says what somebody is in a shop, or that they work there no more. An owner is always left. */
final readonly class ChangeMember
{
    public function __construct(
        private ConnectionInterface $db,
        private InTransaction $inTransaction,
    ) {}

    /** @throws LastOwner */
    public function toBe(Shop $shop, Person $person, Role $role): void
    {
        $this->changing($shop, $person, $role === Role::Owner, fn () => $this->db->table('memberships')->where(['shop_id' => $shop->id, 'person_id' => $person->id])->update(['role' => $role->value]));
    }

    /** @throws LastOwner */
    public function leave(Shop $shop, Person $person): void
    {
        $this->changing($shop, $person, false, fn () => $this->db->table('memberships')->where(['shop_id' => $shop->id, 'person_id' => $person->id])->delete());
    }

    /** @param  callable(): mixed  $change */
    private function changing(Shop $shop, Person $person, bool $staysOwner, callable $change): void
    {
        ($this->inTransaction)(function () use ($shop, $person, $staysOwner, $change): void {
            // Two owners who lower each other at the same moment come one after the other.
            $roles = $this->db->table('memberships')->where('shop_id', $shop->id)->lockForUpdate()->pluck('role', 'person_id')->all();
            $otherOwners = array_filter($roles, static fn (mixed $role, int|string $id): bool => $role === Role::Owner->value && $id !== $person->id, ARRAY_FILTER_USE_BOTH);
            if (! $staysOwner && $otherOwners === [] && ($roles[$person->id] ?? null) === Role::Owner->value) {
                throw LastOwner::of($person->name);
            }
            $change();
        });
    }
}

<?php

declare(strict_types=1);

namespace App\People;

use App\Database\InTransaction;
use App\Models\Invitation;
use App\Models\Person;
use App\Time\Clock;
use Illuminate\Database\ConnectionInterface;
use PaperKite\People\Password;

/** Lets somebody in who was invited, once. */
final readonly class AcceptInvitation
{
    public function __construct(
        private ConnectionInterface $db,
        private InTransaction $inTransaction,
        private Clock $clock,
    ) {}

    public function find(string $token): ?Invitation
    {
        $invitation = Invitation::query()->with('shop')->where('digest', hash('sha256', $token))->first();

        return $invitation !== null && $this->isOpen($invitation) ? $invitation : null;
    }

    /**
     * As somebody who has never signed in here.
     *
     * @throws InvitationRefused
     */
    public function asNew(string $token, string $name, Password $password): Person
    {
        return $this->accepted($token, static function (Invitation $invitation) use ($name, $password): Person {
            if (Person::query()->where('email_key', $invitation->email_key)->exists()) {
                throw InvitationRefused::isKnown($invitation->email);
            }

            return Person::query()->create(['name' => $name, 'email' => $invitation->email, 'password' => $password->text])->refresh();
        });
    }

    /** @throws InvitationRefused */
    public function as(Person $person, string $token): Person
    {
        return $this->accepted($token, static fn (Invitation $invitation): Person => $person->email_key === $invitation->email_key
            ? $person
            : throw InvitationRefused::isForAnother($invitation->email));
    }

    /** @param  callable(Invitation): Person  $who */
    private function accepted(string $token, callable $who): Person
    {
        return ($this->inTransaction)(function () use ($token, $who): Person {
            $invitation = Invitation::query()->where('digest', hash('sha256', $token))->lockForUpdate()->first();
            if ($invitation === null || ! $this->isOpen($invitation)) {
                throw InvitationRefused::isOver();
            }
            $person = $who($invitation);
            // Whoever works there already stays what they are.
            $this->db->table('memberships')->insertOrIgnore(['person_id' => $person->id, 'shop_id' => $invitation->shop_id, 'role' => $invitation->role->value]);
            $invitation->update(['used_at' => $this->clock->now()]);

            return $person;
        });
    }

    private function isOpen(Invitation $invitation): bool
    {
        return $invitation->used_at === null && $invitation->expires_at > $this->clock->now();
    }
}

<?php

declare(strict_types=1);

namespace App\People;

use App\Database\InTransaction;
use App\Models\PasswordLink;
use App\Models\Person;
use App\Time\Clock;
use PaperKite\People\Password;

/** Takes a new password: with it every session is over, and no mailed link opens anything any more; all of that, or nothing. */
final readonly class ChangePassword
{
    public function __construct(
        private EndSessions $endSessions,
        private InTransaction $inTransaction,
        private Clock $clock,
    ) {}

    /** @return string the key with which a session goes on */
    public function __invoke(Person $person, Password $password): string
    {
        return ($this->inTransaction)(function () use ($person, $password): string {
            PasswordLink::query()->where('person_id', $person->id)->whereNull('used_at')->update(['used_at' => $this->clock->now()]);
            $person->update(['password' => $password->text]);

            return ($this->endSessions)($person);
        });
    }
}

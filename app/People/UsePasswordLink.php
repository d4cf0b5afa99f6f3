<?php

declare(strict_types=1);

namespace App\People;

use App\Database\InTransaction;
use App\Models\PasswordLink;
use App\Models\Person;
use App\Time\Clock;
use PaperKite\People\Password;

/** Takes a new password by a mailed link, once. */
final readonly class UsePasswordLink
{
    public function __construct(
        private ChangePassword $change,
        private InTransaction $inTransaction,
        private Clock $clock,
    ) {}

    public function isUsable(string $token): bool
    {
        return PasswordLink::query()->where('digest', hash('sha256', $token))->whereNull('used_at')->where('expires_at', '>', $this->clock->now())->exists();
    }

    /** @return Person|null `null` where the link is used up, too old, or none */
    public function __invoke(string $token, Password $password): ?Person
    {
        return ($this->inTransaction)(function () use ($token, $password): ?Person {
            $link = PasswordLink::query()->where('digest', hash('sha256', $token))->lockForUpdate()->first();
            if ($link === null || $link->used_at !== null || $link->expires_at <= $this->clock->now()) {
                return null;
            }
            $person = Person::query()->whereKey($link->person_id)->firstOrFail();
            ($this->change)($person, $password);

            return $person;
        });
    }
}

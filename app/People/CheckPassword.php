<?php

declare(strict_types=1);

namespace App\People;

use App\Models\Person;
use Illuminate\Contracts\Hashing\Hasher;
use PaperKite\Text\EmailAddress;
use PaperKite\Text\InvalidAddress;

/** Whether address and password belong together. The same work is done for somebody who is not there. */
final readonly class CheckPassword
{
    public function __construct(
        private Hasher $hasher,
        private string $nobodysHash,
    ) {}

    public function __invoke(string $email, string $password): ?Person
    {
        try {
            $person = Person::query()->where('email_key', EmailAddress::of($email)->key)->first();
        } catch (InvalidAddress) {
            $person = null;
        }
        $fits = $this->hasher->check($password, $person === null ? $this->nobodysHash : $person->password);

        return $fits ? $person : null;
    }
}

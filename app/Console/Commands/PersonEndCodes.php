<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Person;
use App\People\SecondFactor;
use Illuminate\Console\Command;
use PaperKite\Text\EmailAddress;

final class PersonEndCodes extends Command
{
    use ReadsText;

    protected $signature = 'person:end-codes {email : The address to sign in with}';

    protected $description = 'Asks a person for no code any more: for whoever has lost the app and the recovery codes';

    public function handle(SecondFactor $secondFactor): int
    {
        $person = Person::query()->where('email_key', EmailAddress::keyOf($this->text('email')))->first();
        if ($person === null || ! $person->hasSecondFactor()) {
            $this->error($person === null ? 'Nobody signs in with this address.' : 'No code is asked for.');

            return self::FAILURE;
        }
        $secondFactor->end($person);
        $this->info("{$person->email} signs in with the password alone now.");

        return self::SUCCESS;
    }
}

<?php

declare(strict_types=1);

namespace App\People;

use App\Database\InTransaction;
use App\Models\Person;
use App\Time\Clock;
use Illuminate\Database\ConnectionInterface;
use LogicException;
use PaperKite\People\RecoveryCode;
use PaperKite\People\Totp;
use PaperKite\People\TotpSecret;
use Random\Engine\Secure;
use Random\Randomizer;
use SensitiveParameter;

/** A code besides the password: off a person's app, or one of those that were written down for the day the app is lost. */
final readonly class SecondFactor
{
    private const MOST_WRONG = 5;

    private const CLOSED_MINUTES = 15;

    public function __construct(
        private ConnectionInterface $db,
        private InTransaction $inTransaction,
        private Clock $clock,
        #[SensitiveParameter]
        private string $key,
    ) {}

    /** A secret for the person's app; nothing is asked for until a code of it was typed. */
    public function begin(Person $person): TotpSecret
    {
        $secret = TotpSecret::random(new Randomizer(new Secure));
        Person::query()->whereKey($person->id)->whereNull('second_factor_since')->firstOrFail()->update(['second_factor' => bin2hex($secret->bytes), 'second_factor_step' => null]);

        return $secret;
    }

    /**
     * From now on a code is asked for.
     *
     * @return list<RecoveryCode> shown once
     *
     * @throws WrongCode
     */
    public function confirm(Person $person, string $typed): array
    {
        $this->tried($person, function (Person $locked) use ($typed): bool {
            if ($locked->second_factor === null || $locked->hasSecondFactor() || ! $this->takesCode($locked, $typed)) {
                return false;
            }
            $locked->update(['second_factor_since' => $this->clock->now()]);

            return true;
        }, $typed);

        return $this->newCodes($person);
    }

    /** @throws WrongCode */
    public function pass(Person $person, string $typed): void
    {
        $this->tried($person, fn (Person $locked): bool => $this->takesCode($locked, $typed) || $this->takesRecoveryCode($locked, $typed), $typed);
    }

    public function end(Person $person): void
    {
        ($this->inTransaction)(function () use ($person): void {
            $person->update(['second_factor' => null, 'second_factor_since' => null, 'second_factor_step' => null]);
            $this->db->table('recovery_codes')->where('person_id', $person->id)->delete();
        });
    }

    /** @return list<RecoveryCode> instead of those that were there; shown once */
    public function newCodes(Person $person): array
    {
        $source = new Randomizer(new Secure);
        $codes = array_map(static fn (): RecoveryCode => RecoveryCode::random($source), range(1, RecoveryCode::MANY));
        ($this->inTransaction)(function () use ($person, $codes): void {
            $this->db->table('recovery_codes')->where('person_id', $person->id)->delete();
            $this->db->table('recovery_codes')->insert(array_map(fn (RecoveryCode $code): array => ['person_id' => $person->id, 'digest' => $code->digest($person->id, $this->key)], $codes));
        });

        return $codes;
    }

    public function codesLeft(Person $person): int
    {
        return $this->db->table('recovery_codes')->where('person_id', $person->id)->whereNull('used_at')->count();
    }

    /**
     * Tries are counted one by one, and what is refused is written down: the transaction ends with it.
     *
     * @param  callable(Person): bool  $isRight  of the person, locked
     *
     * @throws WrongCode
     */
    private function tried(Person $person, callable $isRight, string $typed): void
    {
        if (trim($typed) === '') {
            throw WrongCode::missing();
        }
        $refused = ($this->inTransaction)(function () use ($person, $isRight): ?WrongCode {
            $locked = Person::query()->whereKey($person->id)->lockForUpdate()->firstOrFail();
            $now = $this->clock->now();
            $closed = $locked->codes_closed_until === null ? 0 : $now->diffInSeconds($locked->codes_closed_until, false);
            if ($closed > 0) {
                return WrongCode::closed((int) ceil($closed / 60));
            }
            if ($isRight($locked)) {
                $locked->update(['wrong_codes' => 0, 'codes_closed_until' => null]);

                return null;
            }
            $isClosed = $locked->wrong_codes + 1 >= self::MOST_WRONG;
            $locked->update($isClosed ? ['wrong_codes' => 0, 'codes_closed_until' => $now->addMinutes(self::CLOSED_MINUTES)] : ['wrong_codes' => $locked->wrong_codes + 1]);

            return $isClosed ? WrongCode::closed(self::CLOSED_MINUTES) : WrongCode::wrong();
        });
        if ($refused !== null) {
            throw $refused;
        }
    }

    private function takesCode(Person $locked, string $typed): bool
    {
        $bytes = hex2bin($locked->second_factor ?? '') ?: throw new LogicException('Whoever is asked for a code has a secret.');
        $step = (new Totp(TotpSecret::ofBytes($bytes)))->step($typed, $this->clock->moment(), $locked->second_factor_step);
        if ($step !== null) {
            $locked->update(['second_factor_step' => $step]);
        }

        return $step !== null;
    }

    private function takesRecoveryCode(Person $locked, string $typed): bool
    {
        $code = RecoveryCode::read($typed);

        return $code !== null && $this->db->table('recovery_codes')
            ->where(['person_id' => $locked->id, 'digest' => $code->digest($locked->id, $this->key)])->whereNull('used_at')
            ->update(['used_at' => $this->clock->now()]) === 1;
    }
}

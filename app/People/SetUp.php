<?php

declare(strict_types=1);

namespace App\People;

use App\Database\InTransaction;
use App\Models\Person;
use App\Models\Shop;
use App\Time\Clock;
use Illuminate\Database\ConnectionInterface;
use PaperKite\People\Role;
use PaperKite\People\SetUpWord;
use Random\Engine\Secure;
use Random\Randomizer;

/** Makes the first person and the first shop of an installation, once, for whoever has the word that its terminal printed. */
final readonly class SetUp
{
    private const MOST_WRONG = 5;

    private const CLOSED_MINUTES = 15;

    public function __construct(
        private ConnectionInterface $db,
        private InTransaction $inTransaction,
        private Clock $clock,
    ) {}

    public function isPossible(): bool
    {
        return $this->db->table('people')->doesntExist();
    }

    /** @return SetUpWord a fresh one: no other counts any more, and none was wrong */
    public function word(): SetUpWord
    {
        $word = SetUpWord::random(new Randomizer(new Secure));
        $this->db->table('set_up_words')->upsert([['id' => 1, 'digest' => $word->digest(), 'wrong' => 0, 'closed_until' => null]], ['id']);

        return $word;
    }

    /**
     * @param  array<string, mixed>  $shop  as the table of shops keeps it
     *
     * @throws SetUpRefused
     */
    public function __invoke(string $word, string $name, string $email, #[\SensitiveParameter] string $password, array $shop): Person
    {
        $refused = null;
        // What is refused is written down, too: the transaction ends with it.
        $made = ($this->inTransaction)(function () use ($word, $name, $email, $password, $shop, &$refused): ?Person {
            $refused = $this->refusal($word);
            if ($refused !== null) {
                return null;
            }
            $person = Person::query()->create(['name' => $name, 'email' => $email, 'password' => $password]);
            $person->shops()->attach(Shop::query()->create($shop)->id, ['role' => Role::Owner]);
            $this->db->table('set_up_words')->delete();

            return $person;
        });

        return $made ?? throw $refused ?? SetUpRefused::over();
    }

    /** Locks the word: of two who have it, one comes first, and guesses at once are counted one by one. */
    private function refusal(string $typed): ?SetUpRefused
    {
        $row = $this->db->table('set_up_words')->lockForUpdate()->first();
        if ($row === null || ! $this->isPossible()) {
            return SetUpRefused::over();
        }
        $now = $this->clock->now();
        $closed = is_string($row->closed_until) ? $now->diffInSeconds($row->closed_until, false) : 0;
        if ($closed > 0) {
            return SetUpRefused::closed((int) ceil($closed / 60));
        }
        if (is_string($row->digest) && hash_equals($row->digest, SetUpWord::read($typed)?->digest() ?? '')) {
            return null;
        }
        $wrong = (is_numeric($row->wrong) ? (int) $row->wrong : 0) + 1;
        $isClosed = $wrong >= self::MOST_WRONG;
        $this->db->table('set_up_words')->update(['wrong' => $isClosed ? 0 : $wrong, 'closed_until' => $isClosed ? $now->addMinutes(self::CLOSED_MINUTES) : null]);

        return $isClosed ? SetUpRefused::closed(self::CLOSED_MINUTES) : SetUpRefused::wrongWord();
    }
}

<?php

declare(strict_types=1);

namespace Tests\Served;

use Illuminate\Process\InvokedProcess;
use Illuminate\Support\Facades\Process;

/** Several who have the word, or guess at it, at once; on a database of their own, in which there is nobody. */
final class SetUpRaceTest extends ServedTestCase
{
    private const MANY = 8;

    private const DATABASE = 'paper_kite_set_up';

    protected function setUp(): void
    {
        parent::setUp();
        self::administrator()->exec('CREATE DATABASE '.self::DATABASE.' CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci; GRANT ALL ON '.self::DATABASE.".* TO 'paper_kite'@'127.0.0.1'");
        Process::env($this->environment())->run([PHP_BINARY, 'artisan', 'migrate', '--force'])->throw();
    }

    protected function tearDown(): void
    {
        self::administrator()->exec('DROP DATABASE '.self::DATABASE);
        parent::tearDown();
    }

    public function test_of_eight_who_have_the_word_one_sets_it_up(): void
    {
        $word = $this->word();

        self::assertEquals(['made' => 1, 'over' => self::MANY - 1], $this->outcomes(array_fill(0, self::MANY, $word)));
        self::assertSame([1, 1], [$this->rows('people'), $this->rows('shops')]);
    }

    public function test_of_eight_guesses_at_once_five_are_looked_at(): void
    {
        $word = $this->word();

        self::assertEquals(['wrong' => 4, 'closed' => self::MANY - 4], $this->outcomes(array_fill(0, self::MANY, '0000-0000-0000-0000')));
        self::assertEquals(['closed' => 1], $this->outcomes([$word]));
        self::assertSame(0, $this->rows('people'));
    }

    private function word(): string
    {
        return trim(Process::env($this->environment())->run([PHP_BINARY, 'artisan', 'install:word'])->throw()->output());
    }

    /**
     * @param  list<string>  $words
     * @return array<string, int> how often each outcome came
     */
    private function outcomes(array $words): array
    {
        $asked = array_map(fn (string $word, int $number): InvokedProcess => Process::env($this->environment())->start([PHP_BINARY, 'tests/Support/set-up.php', $word, (string) $number]), $words, array_keys($words));

        return array_count_values(array_map(static fn (InvokedProcess $each): string => trim($each->wait()->output()), $asked));
    }

    private function rows(string $table): int
    {
        $found = self::administrator()->query('SELECT COUNT(*) FROM '.self::DATABASE.".{$table}");
        $count = $found === false ? null : $found->fetchColumn();

        return is_numeric($count) ? (int) $count : self::fail("There is no table {$table}.");
    }

    /** @return array<string, string> */
    private function environment(): array
    {
        return ['DB_DATABASE' => self::DATABASE];
    }
}

<?php

declare(strict_types=1);

namespace Standins\pay;

use PDO;

/** Payments and the events about them, in one SQLite file. */
final readonly class Ledger
{
    private PDO $db;

    public function __construct(string $file)
    {
        $this->db = new PDO("sqlite:{$file}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_DEFAULT_FETCH_MODE => PDO::FETCH_ASSOC]);
        $this->db->exec('PRAGMA busy_timeout = 10000');
        $this->db->exec('PRAGMA journal_mode = WAL');
        $this->db->exec('CREATE TABLE IF NOT EXISTS payments (id TEXT PRIMARY KEY, opened_by TEXT UNIQUE, reference TEXT, state TEXT, amount TEXT, currency TEXT, payee TEXT, digest TEXT, description TEXT, return_to TEXT, cancel_to TEXT, events_to TEXT, captures INTEGER DEFAULT 0)');
        $this->db->exec('CREATE TABLE IF NOT EXISTS deliveries (id INTEGER PRIMARY KEY, event TEXT, url TEXT, body TEXT, is_forged INTEGER, due_at REAL, attempts INTEGER DEFAULT 0, done INTEGER DEFAULT 0)');
        $this->db->exec('CREATE INDEX IF NOT EXISTS deliveries_due ON deliveries (done, due_at)');
    }

    /**
     * @param  array<string, string>  $facts
     * @return array<string, mixed> the payment, opened now or by the same request before
     */
    public function open(string $idempotencyKey, array $facts): array
    {
        $this->run(
            'INSERT OR IGNORE INTO payments (id, opened_by, reference, state, amount, currency, payee, digest, description, return_to, cancel_to, events_to) VALUES (?, ?, ?, \'open\', ?, ?, ?, ?, ?, ?, ?, ?)',
            ['pm-'.bin2hex(random_bytes(10)), $idempotencyKey, $facts['reference'], $facts['amount'], $facts['currency'], $facts['payee'], $facts['digest'], $facts['description'], $facts['return_to'], $facts['cancel_to'], $facts['events_to']],
        );

        return $this->one('SELECT * FROM payments WHERE opened_by = ?', [$idempotencyKey]) ?? [];
    }

    /** @return array<string, mixed>|null */
    public function payment(string $id): ?array
    {
        return $this->one('SELECT * FROM payments WHERE id = ?', [$id]);
    }

    /** @return list<array<string, mixed>> the latest payments first */
    public function payments(): array
    {
        return array_values($this->run('SELECT * FROM payments ORDER BY rowid DESC LIMIT 200', [])->fetchAll());
    }

    /** Moves a payment on, if it still is where the move begins. */
    public function move(string $id, string $from, string $to): bool
    {
        return $this->run('UPDATE payments SET state = ?, captures = captures + ? WHERE id = ? AND state = ?', [$to, $to === 'captured' ? 1 : 0, $id, $from])->rowCount() === 1;
    }

    public function promise(string $event, string $url, string $body, bool $isForged, float $dueAt): int
    {
        $this->run('INSERT INTO deliveries (event, url, body, is_forged, due_at) VALUES (?, ?, ?, ?, ?)', [$event, $url, $body, (int) $isForged, $dueAt]);

        return (int) $this->db->lastInsertId();
    }

    /** @return list<array<string, mixed>> */
    public function due(float $now): array
    {
        return array_values($this->run('SELECT * FROM deliveries WHERE done = 0 AND due_at <= ? ORDER BY due_at LIMIT 20', [$now])->fetchAll());
    }

    /** @return array<string, mixed>|null */
    public function delivery(int $id): ?array
    {
        return $this->one('SELECT * FROM deliveries WHERE id = ?', [$id]);
    }

    /** Claims an attempt, so that two deliverers do not make the same one. */
    public function claim(int $id, int $attempts, float $nextAt): bool
    {
        return $this->run('UPDATE deliveries SET attempts = attempts + 1, due_at = ? WHERE id = ? AND attempts = ? AND done = 0', [$nextAt, $id, $attempts])->rowCount() === 1;
    }

    public function done(int $id): void
    {
        $this->run('UPDATE deliveries SET done = 1 WHERE id = ?', [$id]);
    }

    /**
     * @param  list<mixed>  $values
     * @return array<string, mixed>|null
     */
    private function one(string $sql, array $values): ?array
    {
        $row = $this->run($sql, $values)->fetch();

        return is_array($row) ? $row : null;
    }

    /** @param list<mixed> $values */
    private function run(string $sql, array $values): \PDOStatement
    {
        $statement = $this->db->prepare($sql);
        $statement->execute($values);

        return $statement;
    }
}

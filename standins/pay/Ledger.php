<?php

declare(strict_types=1);

namespace Standins\pay;

use PDO;
use PDOStatement;

/** Payments and the events about them, in one SQLite file. */
final readonly class Ledger
{
    private const PAYMENT = 'id, reference, state, amount, currency, payee, digest, description, return_to, cancel_to, events_to, captures, (SELECT COALESCE(SUM(minor), 0) FROM refunds WHERE payment = payments.id AND refunds.state = \'done\') AS refunded';

    private const LATE_SECONDS = 15;

    private const DELIVERY = 'id, event, url, body, is_forged, attempts';

    private PDO $db;

    public function __construct(string $file)
    {
        $this->db = new PDO("sqlite:{$file}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
        $this->db->exec('PRAGMA busy_timeout = 10000');
        $this->db->exec('PRAGMA journal_mode = WAL');
        $this->db->exec('PRAGMA synchronous = NORMAL');
        $this->db->exec('CREATE TABLE IF NOT EXISTS payments (id TEXT PRIMARY KEY, opened_by TEXT UNIQUE, reference TEXT, state TEXT, amount TEXT, currency TEXT, payee TEXT, digest TEXT, description TEXT, return_to TEXT, cancel_to TEXT, events_to TEXT, captures INTEGER DEFAULT 0)');
        $this->db->exec('CREATE TABLE IF NOT EXISTS deliveries (id INTEGER PRIMARY KEY, event TEXT, url TEXT, body TEXT, is_forged INTEGER, due_at REAL, attempts INTEGER DEFAULT 0, done INTEGER DEFAULT 0)');
        $this->db->exec('CREATE TABLE IF NOT EXISTS refunds (key TEXT PRIMARY KEY, payment TEXT, amount TEXT, minor INTEGER, state TEXT, asked_at INTEGER)');
        $this->db->exec('CREATE TABLE IF NOT EXISTS settings (name TEXT PRIMARY KEY, value TEXT)');
        $this->db->exec('CREATE TABLE IF NOT EXISTS chosen (payment TEXT PRIMARY KEY, method TEXT, account TEXT)');
        $this->db->exec('CREATE INDEX IF NOT EXISTS deliveries_due ON deliveries (done, due_at)');
    }

    /**
     * @param  array<string, string>  $facts  what the shop says of the payment, by name
     * @param  string|null  $id  of a payment whose name is known already; `null`: a new one
     * @return Payment the one opened now, or by the same request before
     */
    public function open(string $idempotencyKey, array $facts, ?string $id = null): Payment
    {
        $names = implode(', ', array_keys($facts));
        $marks = implode(', ', array_fill(0, count($facts), '?'));
        $this->run("INSERT OR IGNORE INTO payments (id, opened_by, state, {$names}) VALUES (?, ?, 'open', {$marks})", [$id ?? 'pm-'.bin2hex(random_bytes(10)), $idempotencyKey, ...array_values($facts)]);

        return $this->payments('opened_by = ?', [$idempotencyKey])[0];
    }

    public function payment(string $id): ?Payment
    {
        return $this->payments('id = ?', [$id])[0] ?? null;
    }

    /** @return list<Payment> the latest first */
    public function latest(): array
    {
        return $this->payments('1 = 1 ORDER BY rowid DESC LIMIT 200', []);
    }

    /** Moves a payment on, if it still is where the move begins. */
    public function move(string $id, string $from, string $to): bool
    {
        return $this->run('UPDATE payments SET state = ?, captures = captures + ? WHERE id = ? AND state = ?', [$to, $to === 'captured' ? 1 : 0, $id, $from])->rowCount() === 1;
    }

    /**
     * Gives money back, once for a key, and never more than was taken.
     *
     * @param  string  $state  what becomes of it: `done`, `pending`, which is done a little later, or `declined`
     * @return array{key: string, amount: string, state: string}|null `null` where too little is left
     */
    public function refund(Payment $payment, string $key, string $amount, string $state): ?array
    {
        $this->run("UPDATE refunds SET state = 'done' WHERE state = 'pending' AND asked_at <= ?", [time() - self::LATE_SECONDS]);
        $this->run("INSERT OR IGNORE INTO refunds (key, payment, amount, minor, state, asked_at)
            SELECT ?, id, ?, CAST(? AS INTEGER), ?, ? FROM payments WHERE id = ? AND state = 'captured'
            AND CAST(? AS INTEGER) + (SELECT COALESCE(SUM(minor), 0) FROM refunds WHERE payment = payments.id AND refunds.state <> 'declined') <= CAST(? AS INTEGER)",
            [$key, $amount, Payment::minor($amount), $state, time(), $payment->id, Payment::minor($amount), Payment::minor($payment->amount)]);
        /** @var array{key: string, amount: string, state: string}|false $kept */
        $kept = $this->run('SELECT key, amount, state FROM refunds WHERE key = ? AND payment = ?', [$key, $payment->id])->fetch(PDO::FETCH_ASSOC);

        return $kept === false ? null : $kept;
    }

    /** Keeps how a payment was made. */
    public function keepChosen(string $payment, Chosen $chosen): void
    {
        $this->run('INSERT OR REPLACE INTO chosen (payment, method, account) VALUES (?, ?, ?)', [$payment, $chosen->method, $chosen->account]);
    }

    /** @return Chosen|null `null` where nobody has paid */
    public function chosen(string $payment): ?Chosen
    {
        /** @var array{method: string, account: string}|false $kept */
        $kept = $this->run('SELECT method, account FROM chosen WHERE payment = ?', [$payment])->fetch(PDO::FETCH_ASSOC);

        return $kept === false ? null : Chosen::kept($kept['method'], $kept['account']);
    }

    public function promise(string $event, string $url, string $body, bool $isForged, float $dueAt): int
    {
        $this->run('INSERT INTO deliveries (event, url, body, is_forged, due_at) VALUES (?, ?, ?, ?, ?)', [$event, $url, $body, (int) $isForged, $dueAt]);

        return (int) $this->db->lastInsertId();
    }

    /** @return list<PromisedDelivery> */
    public function due(float $now): array
    {
        return $this->deliveries('done = 0 AND due_at <= ? ORDER BY due_at LIMIT 20', [$now]);
    }

    public function delivery(int $id): ?PromisedDelivery
    {
        return $this->deliveries('id = ?', [$id])[0] ?? null;
    }

    public function mood(): Mood
    {
        $kept = $this->run("SELECT value FROM settings WHERE name = 'mood'", [])->fetchColumn();

        return Mood::tryFrom(is_string($kept) ? $kept : '') ?? Mood::AsUsual;
    }

    public function setMood(Mood $mood): void
    {
        $this->run("INSERT INTO settings (name, value) VALUES ('mood', ?) ON CONFLICT (name) DO UPDATE SET value = excluded.value", [$mood->value]);
    }

    /** Claims an attempt, so that two deliverers do not make the same one. */
    public function claim(PromisedDelivery $delivery, float $nextAt): bool
    {
        return $this->run('UPDATE deliveries SET attempts = attempts + 1, due_at = ? WHERE id = ? AND attempts = ? AND done = 0', [$nextAt, $delivery->id, $delivery->attempts])->rowCount() === 1;
    }

    public function done(PromisedDelivery $delivery): void
    {
        $this->run('UPDATE deliveries SET done = 1 WHERE id = ?', [$delivery->id]);
    }

    /**
     * @param  list<string|int|float>  $values
     * @return list<Payment>
     */
    private function payments(string $where, array $values): array
    {
        /** @var list<Payment> */
        return $this->run('SELECT '.self::PAYMENT." FROM payments WHERE {$where}", $values)
            ->fetchAll(PDO::FETCH_FUNC, static fn (mixed ...$row): Payment => new Payment(...$row)); // @phpstan-ignore argument.type
    }

    /**
     * @param  list<string|int|float>  $values
     * @return list<PromisedDelivery>
     */
    private function deliveries(string $where, array $values): array
    {
        /** @var list<PromisedDelivery> */
        return $this->run('SELECT '.self::DELIVERY." FROM deliveries WHERE {$where}", $values)
            ->fetchAll(PDO::FETCH_FUNC, static fn (mixed ...$row): PromisedDelivery => new PromisedDelivery(...$row)); // @phpstan-ignore argument.type
    }

    /** @param  list<string|int|float>  $values */
    private function run(string $sql, array $values): PDOStatement
    {
        $statement = $this->db->prepare($sql);
        $statement->execute($values);

        return $statement;
    }
}

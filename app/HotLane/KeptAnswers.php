<?php

declare(strict_types=1);

namespace App\HotLane;

use App\Changes\Marks;

/** Answers in the memory that the workers of this machine share, for seconds, and only while nothing of their shop changes. */
final readonly class KeptAnswers
{
    /** Of what no mark tells: another machine that shares the database. */
    private const SECONDS = 5;

    public function __construct(private Marks $marks) {}

    /**
     * @param  string  $address  as it was asked for, such as `/k/0abc123`
     * @param  string|null  $country  ISO 3166-1 alpha-2
     */
    public function find(string $host, string $address, ?string $country): ?KeptAnswer
    {
        $kept = apcu_fetch(self::key($host, $address, $country));

        return $kept instanceof KeptAnswer && $kept->mark === $this->marks->of($kept->shopId) ? $kept : null;
    }

    public function keep(string $host, string $address, ?string $country, KeptAnswer $answer): void
    {
        apcu_store(self::key($host, $address, $country), $answer, self::SECONDS);
    }

    private static function key(string $host, string $address, ?string $country): string
    {
        return "kept-{$host}{$address}-{$country}";
    }
}

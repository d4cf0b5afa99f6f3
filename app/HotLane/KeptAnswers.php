<?php

declare(strict_types=1);

namespace App\HotLane;

use App\Carts\Caller;
use App\Changes\Marks;
use App\Clicks\CountClick;
use App\Clicks\LedOn;
use App\Clicks\Straight;
use App\Results\Spool;
use App\Results\SpooledAct;
use App\Results\SpooledLead;

/**
 * Answers in the memory that the workers of this machine share, for seconds, and only while nothing of their shop changes:
 * what was answered, and what the next click like it counts as.
 *
 * Kept as arrays, with the files that are asked and written: to put objects together would take longer than the rest.
 *
 * @phpstan-import-type Sent from Reply
 *
 * @phpstan-type Kept array{mark_file: string, mark: int, at: int, until: int, placement: int, spool_file: string, line: string, straight: Straight|null, status: int, headers: string, body: string}
 */
final readonly class KeptAnswers
{
    /** Of what no mark tells: another machine that shares the database. */
    private const SECONDS = 5;

    /** From then on one click has it made anew while the others are answered with it: at its end all of them would wait for the framework at once. */
    private const SECONDS_UNTIL_RENEWED = 4;

    public function __construct(
        private Marks $marks,
        private Spool $spool,
    ) {}

    /**
     * @param  string  $host  as the request says it, with its port
     * @param  string  $address  as it was asked for, such as `/k/0abc123`
     * @param  int  $at  seconds since 1970
     * @return Kept|null
     */
    public static function find(string $host, string $address, Caller $caller, int $at): ?array
    {
        /** @var Kept|false $kept */
        $kept = apcu_fetch($key = self::key($host, $address, $caller));

        return $kept !== false
            && $at < $kept['until']
            && $kept['mark'] === Marks::in($kept['mark_file'])
            && ! ($at - $kept['at'] >= self::SECONDS_UNTIL_RENEWED && apcu_add("{$key}-renewed", true, 1)) ? $kept : null;
    }

    /**
     * @param  int  $at  seconds since 1970, when the click came
     * @param  int  $mark  of the shop, when what the answer is made of was read
     * @param  Sent  $answer
     */
    public function keep(string $host, string $address, Caller $caller, int $at, int $mark, LedOn $led, array $answer): void
    {
        $file = $this->spool->fileWithRoom($at);
        if ($file === null) {
            return;
        }
        $lead = $led->lead === null ? null : new SpooledLead($led->lead->product_id, $led->lead->marketplace_id);
        apcu_store(self::key($host, $address, $caller), [
            'mark_file' => $this->marks->fileOf($led->placement->shop_id),
            'mark' => $mark,
            'at' => $at,
            // The line is that of a quarter of an hour.
            'until' => SpooledAct::quarterOf($at) + SpooledAct::QUARTER,
            'placement' => $led->placement->id,
            'spool_file' => $file,
            'line' => CountClick::line($led->placement->code, $caller, $at, $lead),
            // Where the click adds goods; `null`: it only leads on.
            'straight' => $led->straight(),
            ...$answer,
        ], self::SECONDS);
    }

    /** Whose clicks are answered and counted alike. */
    private static function key(string $host, string $address, Caller $caller): string
    {
        return "kept-{$host}{$address}-{$caller->country}-{$caller->deviceName}";
    }
}
